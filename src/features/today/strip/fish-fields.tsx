'use client';

import { METHODS } from '@/core/decide';
import { BAIT_LIMITS, MOST } from '@/domain/plan/plan-limits';
import { PRESENTATION_LIMITS as L } from '@/domain/presentation-limits';
import { Figure } from '@/features/fields/sheet';
import { QuantityField } from '@/features/fields/quantity-field';
import { useI18n } from '@/i18n/client';
import { TextField } from '@/ui/text-field';
import type { CellProps } from './cell-props';
import { MOODS } from './condition-words';
import { OptionalChoice } from './optional-choice';

/** A bait of a hand's length, until its own is said [m]. */
const BAIT_M = 0.1;

export function FishFields({ plan, change, day }: CellProps) {
  const { t } = useI18n();
  return (
    <div className="grid gap-1">
      <TextField
        label={t('today.field.species')}
        value={plan.species}
        maxLength={120}
        onValueChange={(species) => change({ species })}
      />
      <QuantityField
        label={t('today.field.fishKg')}
        measure="bodyMass"
        value={plan.day.fishKg ?? null}
        limits={{ ...L.fishKg, min: 0.01 }}
        emptyMeans={t('today.notSaid')}
        onValueChange={(fishKg) => day({ fishKg: fishKg ?? undefined })}
      />
    </div>
  );
}

export function MoodFields({ plan, day }: CellProps) {
  const { t } = useI18n();
  return (
    <OptionalChoice
      label={t('today.cell.mood')}
      value={plan.day.mood}
      values={MOODS}
      word={(mood) => t(`word.${mood}`)}
      onValue={(mood) => day({ mood })}
    />
  );
}

/** Baits at hand with their lengths, and ways of fishing that are wanted whatever serves them. */
export function BaitFields({ plan, change, day }: CellProps) {
  const { t } = useI18n();
  const { baits } = plan;
  const wanted = plan.day.methods ?? [];
  const put = (at: number, bait: Partial<(typeof baits)[number]>) =>
    change({ baits: baits.map((each, i) => (i === at ? { ...each, ...bait } : each)) });
  return (
    <>
      {baits.map(({ name, lengthM }, i) => (
        <div key={i} className="grid grid-cols-[minmax(0,1fr)_88px_36px] items-end gap-x-3">
          <TextField
            label={t('today.field.bait')}
            value={name}
            maxLength={60}
            onValueChange={(next) => put(i, { name: next })}
          />
          <Figure
            label={t('today.field.baitM')}
            measure="size"
            value={lengthM}
            limits={BAIT_LIMITS}
            onValue={(next) => put(i, { lengthM: next })}
          />
          <button
            type="button"
            aria-label={t('today.baits.remove', { name })}
            className="min-h-8 border border-faint"
            onClick={() => change({ baits: baits.filter((_, k) => k !== i) })}
          >
            ×
          </button>
        </div>
      ))}
      {baits.length < MOST.baits && (
        <button
          type="button"
          className="narrow mt-2 min-h-8 border border-faint px-2 text-[13px]"
          onClick={() => change({ baits: [...baits, { name: '', lengthM: BAIT_M }] })}
        >
          {t('today.baits.add')}
        </button>
      )}
      <fieldset className="mt-2 border-t border-faint pt-1">
        <legend className="narrow text-[12px] text-dim">{t('today.field.methods')}</legend>
        {METHODS.map((method) => (
          <label key={method} className="semi-narrow flex min-h-8 items-center gap-2 text-[14px] lg:min-h-6">
            <input
              type="checkbox"
              checked={wanted.includes(method)}
              onChange={(event) =>
                day({
                  methods: METHODS.filter((each) => (each === method ? event.target.checked : wanted.includes(each))),
                })
              }
            />
            {t(`today.method.${method}`)}
          </label>
        ))}
      </fieldset>
    </>
  );
}
