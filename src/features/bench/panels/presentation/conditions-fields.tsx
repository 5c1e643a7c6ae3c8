'use client';

import type { Conditions } from '@/core/tackle';
import type { Limits } from '@/core/base/guard';
import type { Measure } from '@/core/base/measure';
import { WATER_LIMITS } from '@/core/water';
import { PRESENTATION_LIMITS as L } from '@/domain/presentation-limits';
import { QuantityField } from '@/features/fields/quantity-field';
import { useI18n } from '@/i18n/client';
import { ChoiceField } from '@/ui/choice-field';

export interface ConditionsFieldsProps {
  readonly conditions: Conditions;
  readonly onConditions: (conditions: Conditions, field: string) => void;
}

const CHOICES = {
  clarity: ['clear', 'stained', 'murky'],
  light: ['bright', 'overcast', 'dusk', 'dark'],
  mood: ['active', 'neutral', 'wary'],
  bottom: ['rock', 'sand', 'mud', 'weed'],
} as const;
const ANY = 'any';

/** When a setup is the right one; what is not said holds for all. */
export function ConditionsFields({ conditions, onConditions }: ConditionsFieldsProps) {
  const { t } = useI18n();
  const put = <K extends keyof Conditions>(key: K, value: Conditions[K] | undefined) => {
    const { [key]: _, ...rest } = conditions;
    onConditions((value === undefined ? rest : { ...rest, [key]: value }) as Conditions, key);
  };
  const band = (
    key: 'temperatureC' | 'depthM' | 'speedMps',
    measure: Measure,
    limits: Limits,
    labels: readonly [string, string],
  ) => {
    const held = conditions[key];
    const ends = (['from', 'to'] as const).map((end, i) => (
      <QuantityField
        key={`${key}-${end}`}
        label={labels[i]!}
        measure={measure}
        value={held?.[end] ?? null}
        limits={
          end === 'from'
            ? { min: limits.min, max: held?.to ?? limits.max }
            : { min: held?.from ?? limits.min, max: limits.max }
        }
        emptyMeans={t('presentation.any')}
        onValueChange={(value) =>
          put(
            key,
            value === null ? undefined : { from: held?.from ?? limits.min, to: held?.to ?? limits.max, [end]: value },
          )
        }
      />
    ));
    return ends;
  };
  return (
    <>
      {(Object.keys(CHOICES) as (keyof typeof CHOICES)[]).map((key) => (
        <ChoiceField
          key={key}
          label={t(`presentation.${key}`)}
          value={conditions[key] ?? ANY}
          options={[
            { value: ANY as string, label: t('presentation.any') },
            ...CHOICES[key].map((value) => ({ value: value as string, label: t(`word.${value}`) })),
          ]}
          onValueChange={(value) => put(key, (value === ANY ? undefined : value) as Conditions[typeof key])}
        />
      ))}
      {band('temperatureC', 'temperature', WATER_LIMITS.temperatureC, [
        t('presentation.tempFrom'),
        t('presentation.tempTo'),
      ])}
      {band('depthM', 'depth', L.depthM, [t('presentation.useDepthFrom'), t('presentation.useDepthTo')])}
      {band('speedMps', 'speed', L.speedMps, [t('presentation.worksFrom'), t('presentation.worksTo')])}
    </>
  );
}
