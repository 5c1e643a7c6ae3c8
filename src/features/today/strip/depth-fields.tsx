'use client';

import { DAY_LIMITS as D } from '@/core/decide';
import { COVERS } from '@/core/tackle/defaults/hookset-classes';
import { FOULING } from '@/core/tackle/defaults/tow-classes';
import { clockOf, secondsOf } from '@/domain/plan/clock';
import { MOST_IN_PROFILE, PLAN_LIMITS as P } from '@/domain/plan/plan-limits';
import { PRESENTATION_LIMITS as L } from '@/domain/presentation-limits';
import { rowsOf } from '@/features/fields/choices';
import { QuantityField } from '@/features/fields/quantity-field';
import { Figure } from '@/features/fields/sheet';
import { useI18n } from '@/i18n/client';
import { TimeField } from '@/ui/time-field';
import type { CellProps } from './cell-props';
import { BOTTOMS, CLARITIES } from './condition-words';
import { OptionalChoice } from './optional-choice';

/** Where deep water begins, until its depth is said, and where it may begin [m]. */
const DEEP_M = 20;
const LEAST_DEEP_M = 0.5;

export function DepthFields({ plan, day }: CellProps) {
  const { t } = useI18n();
  const { depthM, bottomM } = plan.day;
  return (
    <div className="grid grid-cols-2 gap-x-4 gap-y-1">
      <Figure
        label={t('today.field.depthFrom')}
        measure="depth"
        value={depthM.from}
        limits={{ min: D.depthM.min, max: depthM.to }}
        onValue={(from) => day({ depthM: { ...depthM, from } })}
      />
      <Figure
        label={t('today.field.depthTo')}
        measure="depth"
        value={depthM.to}
        limits={{ min: depthM.from, max: D.depthM.max }}
        onValue={(to) => day({ depthM: { ...depthM, to } })}
      />
      <QuantityField
        label={t('today.field.bottomM')}
        measure="depth"
        value={bottomM ?? null}
        limits={L.bottomM}
        emptyMeans={t('today.notSaid')}
        onValueChange={(value) => day({ bottomM: value ?? undefined })}
      />
    </div>
  );
}

/** The water on top, and deep down: one figure, or a profile by depth. */
export function TemperatureFields({ plan, day }: CellProps) {
  const { t } = useI18n();
  const { surfaceC, deep } = plan.day;
  const points = plan.day.profile ?? (deep ? [deep] : []);
  const put = (profile: typeof points) =>
    day({
      deep: undefined,
      profile: profile.length === 0 ? undefined : profile.toSorted((a, b) => a.depthM - b.depthM),
    });
  const isFree = (depthM: number, at: number) => points.every((point, i) => i === at || point.depthM !== depthM);
  return (
    <>
      <Figure
        label={t('today.field.surfaceC')}
        measure="temperature"
        value={surfaceC}
        limits={D.temperatureC}
        onValue={(value) => day({ surfaceC: value })}
      />
      {points.map(({ depthM, temperatureC }, i) => (
        <div key={i} className="mt-1 grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)_36px] items-end gap-x-3">
          <Figure
            label={t('today.field.deepM')}
            measure="depth"
            value={depthM}
            limits={{ min: LEAST_DEEP_M, max: D.depthM.max }}
            onValue={(value) =>
              isFree(value, i) && put(points.map((point, k) => (k === i ? { ...point, depthM: value } : point)))
            }
          />
          <Figure
            label={t('today.field.deepC')}
            measure="temperature"
            value={temperatureC}
            limits={D.temperatureC}
            onValue={(value) => put(points.map((point, k) => (k === i ? { ...point, temperatureC: value } : point)))}
          />
          <button
            type="button"
            aria-label={t('today.profile.remove')}
            className="min-h-8 border border-faint"
            onClick={() => put(points.filter((_, k) => k !== i))}
          >
            ×
          </button>
        </div>
      ))}
      {points.length < MOST_IN_PROFILE && (
        <button
          type="button"
          className="narrow mt-2 min-h-8 border border-faint px-2 text-[13px]"
          onClick={() => {
            const last = points.at(-1);
            put([
              ...points,
              {
                depthM: Math.min(D.depthM.max, last ? 1.5 * last.depthM : DEEP_M),
                temperatureC: last?.temperatureC ?? surfaceC,
              },
            ]);
          }}
        >
          {t('today.profile.add')}
        </button>
      )}
      <p className="semi-narrow mt-1 text-[12.5px] text-dim">{t('today.profile.note')}</p>
    </>
  );
}

export function ClarityFields({ plan, day }: CellProps) {
  const { t } = useI18n();
  return (
    <OptionalChoice
      label={t('today.cell.clarity')}
      value={plan.day.clarity}
      values={CLARITIES}
      word={(clarity) => t(`word.${clarity}`)}
      onValue={(clarity) => day({ clarity })}
    />
  );
}

/** The current at its strongest, the tide that shares it out over the hours, and the waves. */
export function CurrentFields({ plan, change, day }: CellProps) {
  const { t } = useI18n();
  return (
    <div className="grid grid-cols-2 gap-x-4 gap-y-1">
      <QuantityField
        label={t('today.field.currentMps')}
        measure="speed"
        value={plan.day.currentMps ?? null}
        limits={L.currentMps}
        emptyMeans={t('today.notSaid')}
        onValueChange={(currentMps) => day({ currentMps: currentMps ?? undefined })}
      />
      <TimeField
        label={t('today.field.highWater')}
        value={plan.highWaterS === undefined ? '' : clockOf(plan.highWaterS)}
        onValueChange={(clock) => change({ highWaterS: secondsOf(clock) ?? undefined })}
      />
      <QuantityField
        label={t('today.field.waveM')}
        measure="depth"
        value={plan.waveM ?? null}
        limits={P.waveM}
        emptyMeans={t('today.notSaid')}
        onValueChange={(waveM) => change({ waveM: waveM ?? undefined })}
      />
      <p className="semi-narrow col-span-2 text-[12.5px] text-dim">{t('today.tideNote')}</p>
    </div>
  );
}

/** What stands and drifts in the water, and what lies below. */
export function CoverFields({ plan, change, day }: CellProps) {
  const { t } = useI18n();
  return (
    <div className="grid grid-cols-2 gap-x-4 gap-y-1">
      <OptionalChoice
        label={t('today.field.cover')}
        value={plan.day.cover}
        values={rowsOf(COVERS)}
        word={(cover) => t(`cover.${cover}`)}
        onValue={(cover) => day({ cover })}
      />
      <OptionalChoice
        label={t('today.field.bottom')}
        value={plan.day.bottom}
        values={BOTTOMS}
        word={(bottom) => t(`word.${bottom}`)}
        onValue={(bottom) => day({ bottom })}
      />
      <OptionalChoice
        label={t('today.field.fouling')}
        value={plan.day.fouling}
        values={rowsOf(FOULING)}
        word={(fouling) => t(`fouling.${fouling}`)}
        onValue={(fouling) => day({ fouling })}
      />
      <label className="semi-narrow flex min-h-8 items-center gap-2 self-end text-[14px]">
        <input
          type="checkbox"
          checked={plan.waterFleas}
          onChange={(event) => change({ waterFleas: event.target.checked })}
        />
        {t('today.field.fleas')}
      </label>
    </div>
  );
}
