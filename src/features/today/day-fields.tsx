'use client';

import { DAY_LIMITS as D } from '@/core/decide';
import { COVERS } from '@/core/tackle/defaults/hookset-classes';
import { FOULING } from '@/core/tackle/defaults/tow-classes';
import type { DayConditions } from '@/domain/day';
import type { House } from '@/domain/house';
import { PRESENTATION_LIMITS as L } from '@/domain/presentation-limits';
import { rowsOf } from '@/features/fields/choices';
import { QuantityField } from '@/features/fields/quantity-field';
import { useI18n } from '@/i18n/client';
import { ChoiceField } from '@/ui/choice-field';

export interface DayFieldsProps {
  readonly day: DayConditions;
  readonly crafts: House['crafts'];
  readonly onChange: (change: Partial<DayConditions>) => void;
}

const NOT_SAID = '';
/** Where deep water begins when its temperature alone is said [m]. */
const DEEP_M = 20;

/** What is known of the day, as one strip of fields; what is left open stays as each setup has it. */
export function DayFields({ day, crafts, onChange }: DayFieldsProps) {
  const { t } = useI18n();
  const choice = <K extends 'clarity' | 'light' | 'mood' | 'bottom' | 'cover' | 'fouling'>(
    key: K,
    values: readonly NonNullable<DayConditions[K]>[],
    word: (value: NonNullable<DayConditions[K]>) => string,
  ) => (
    <ChoiceField
      label={t(`today.field.${key}` as 'today.field.clarity')}
      value={(day[key] ?? NOT_SAID) as string}
      options={[
        { value: NOT_SAID as string, label: t('today.notSaid') },
        ...values.map((value) => ({ value: value as string, label: word(value) })),
      ]}
      onValueChange={(value) => onChange({ [key]: value === NOT_SAID ? undefined : value })}
    />
  );
  const word = (value: string) => t(`word.${value}` as 'word.clear');
  return (
    <section
      aria-label={t('today.day')}
      className="grid grid-cols-2 gap-x-4 gap-y-1 border border-ink bg-sheet px-3 pb-2 pt-1 sm:grid-cols-4 lg:grid-cols-8"
    >
      <QuantityField
        label={t('today.field.surfaceC')}
        measure="temperature"
        value={day.surfaceC}
        limits={D.temperatureC}
        onValueChange={(surfaceC) => surfaceC !== null && onChange({ surfaceC })}
      />
      <QuantityField
        label={t('today.field.deepC')}
        measure="temperature"
        value={day.deep?.temperatureC ?? null}
        limits={D.temperatureC}
        emptyMeans={t('today.sameAll')}
        onValueChange={(temperatureC) =>
          onChange({ deep: temperatureC === null ? undefined : { depthM: day.deep?.depthM ?? DEEP_M, temperatureC } })
        }
      />
      <QuantityField
        label={t('today.field.deepM')}
        measure="depth"
        value={day.deep?.depthM ?? null}
        limits={{ min: 0.5, max: D.depthM.max }}
        emptyMeans="–"
        onValueChange={(depthM) =>
          onChange({
            deep: depthM === null ? undefined : { temperatureC: day.deep?.temperatureC ?? day.surfaceC, depthM },
          })
        }
      />
      <QuantityField
        label={t('today.field.depthFrom')}
        measure="depth"
        value={day.depthM.from}
        limits={{ min: D.depthM.min, max: day.depthM.to }}
        onValueChange={(from) => from !== null && onChange({ depthM: { ...day.depthM, from } })}
      />
      <QuantityField
        label={t('today.field.depthTo')}
        measure="depth"
        value={day.depthM.to}
        limits={{ min: day.depthM.from, max: D.depthM.max }}
        onValueChange={(to) => to !== null && onChange({ depthM: { ...day.depthM, to } })}
      />
      <QuantityField
        label={t('today.field.bottomM')}
        measure="depth"
        value={day.bottomM ?? null}
        limits={L.bottomM}
        emptyMeans={t('today.notSaid')}
        onValueChange={(bottomM) => onChange({ bottomM: bottomM ?? undefined })}
      />
      <QuantityField
        label={t('today.field.fishKg')}
        measure="bodyMass"
        value={day.fishKg ?? null}
        limits={{ ...L.fishKg, min: 0.01 }}
        emptyMeans={t('today.notSaid')}
        onValueChange={(fishKg) => onChange({ fishKg: fishKg ?? undefined })}
      />
      <QuantityField
        label={t('today.field.currentMps')}
        measure="speed"
        value={day.currentMps ?? null}
        limits={L.currentMps}
        emptyMeans={t('today.notSaid')}
        onValueChange={(currentMps) => onChange({ currentMps: currentMps ?? undefined })}
      />
      {choice('clarity', ['clear', 'stained', 'murky'], word)}
      {choice('light', ['bright', 'overcast', 'dusk', 'dark'], word)}
      {choice('mood', ['active', 'neutral', 'wary'], word)}
      {choice('bottom', ['rock', 'sand', 'mud', 'weed'], word)}
      {choice('cover', rowsOf(COVERS), (value) => t(`cover.${value}`))}
      {choice('fouling', rowsOf(FOULING), (value) => t(`fouling.${value}`))}
      <BaitFields day={day} onChange={onChange} />
      <ChoiceField
        label={t('today.field.craftId')}
        value={day.craftId === null ? 'bank' : (day.craftId ?? NOT_SAID)}
        options={[
          { value: NOT_SAID, label: t('today.notSaid') },
          { value: 'bank', label: t('today.bank') },
          ...crafts.map(({ id, name }) => ({ value: id, label: name })),
        ]}
        onValueChange={(id) => onChange({ craftId: id === NOT_SAID ? undefined : id === 'bank' ? null : id })}
      />
    </section>
  );
}

const BAIT = { min: 0.01, max: 1 } as const;

/** The shortest and the longest bait that fish take just now. */
function BaitFields({ day, onChange }: Pick<DayFieldsProps, 'day' | 'onChange'>) {
  const { t } = useI18n();
  const end = (which: 'from' | 'to') => (
    <QuantityField
      label={t(`today.field.bait-${which}`)}
      measure="size"
      value={day.baitM?.[which] ?? null}
      limits={
        which === 'from'
          ? { min: BAIT.min, max: day.baitM?.to ?? BAIT.max }
          : { min: day.baitM?.from ?? BAIT.min, max: BAIT.max }
      }
      emptyMeans={t('today.notSaid')}
      onValueChange={(value) =>
        onChange({
          baitM:
            value === null ? undefined : { from: day.baitM?.from ?? value, to: day.baitM?.to ?? value, [which]: value },
        })
      }
    />
  );
  return (
    <div className="grid grid-cols-2 gap-x-2">
      {end('from')}
      {end('to')}
    </div>
  );
}
