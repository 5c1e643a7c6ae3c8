'use client';

import type { Measure } from '@/core/base/measure';
import { HOOKSET_LIMITS } from '@/core/strike';
import type { Angler } from '@/domain/angler';
import { QuantityField } from '@/features/fields/quantity-field';
import { useI18n } from '@/i18n/client';
import { ChoiceField } from '@/ui/choice-field';

const HEIGHT = { min: 0.2, max: 2.5 } as const;
const FIELDS = [
  ['heightM', 'm', 'rodLength', { min: 0.8, max: 2.4 }],
  ['handStandingM', 'm', 'rodLength', HEIGHT],
  ['handSeatedM', 'm', 'rodLength', HEIGHT],
  ['handWadingM', 'm', 'rodLength', HEIGHT],
  ['reachM', 'm', 'rodLength', { min: 0.2, max: 1.5 }],
  ['peakMomentNm', 'N·m', 'moment', HOOKSET_LIMITS.peakMomentNm],
  ['setSlackM', 'm', 'distance', { min: 0, max: 10 }],
  ['shoulderLimitNm', 'N·m', 'moment', HOOKSET_LIMITS.peakMomentNm],
] as const satisfies readonly (readonly [keyof Angler, string, Measure, { min: number; max: number }])[];

/** Reach, hands over the floor, what a shoulder bears. A figure written here counts as measured. */
export function AnglerForm({
  angler,
  onAngler,
}: {
  readonly angler: Angler;
  readonly onAngler: (angler: Angler) => void;
}) {
  const { t } = useI18n();
  const put = (key: keyof Angler, value: unknown) => {
    const { [key]: _, ...rest } = angler;
    onAngler((value === undefined ? rest : { ...rest, [key]: value }) as Angler);
  };
  return (
    <div className="grid gap-x-6 gap-y-2 sm:grid-cols-2">
      {FIELDS.map(([key, unit, measure, limits]) => (
        <QuantityField
          key={key}
          label={t(`angler.${key}`)}
          measure={measure}
          value={angler[key]?.value ?? null}
          limits={limits}
          emptyMeans={t('rules.no')}
          onValueChange={(value) => put(key, value === null ? undefined : { value, unit, provenance: 'measured' })}
        />
      ))}
      <ChoiceField
        label={t('angler.winds')}
        value={angler.winds ?? ''}
        options={[
          { value: '', label: t('rules.no') },
          { value: 'left', label: t('word.left') },
          { value: 'right', label: t('word.right') },
        ]}
        onValueChange={(winds) => put('winds', winds === '' ? undefined : winds)}
      />
    </div>
  );
}
