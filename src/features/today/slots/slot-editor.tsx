'use client';

import { DAY_LIMITS as D } from '@/core/decide';
import { COVERS } from '@/core/tackle/defaults/hookset-classes';
import { clockOf, endAfter, secondsOf } from '@/domain/plan/clock';
import type { DayPlan, DaySlot } from '@/domain/plan/plan';
import { PRESENTATION_LIMITS as L } from '@/domain/presentation-limits';
import { rowsOf } from '@/features/fields/choices';
import { QuantityField } from '@/features/fields/quantity-field';
import { useI18n } from '@/i18n/client';
import { TextField } from '@/ui/text-field';
import { TimeField } from '@/ui/time-field';
import { COMPASS, pointOf, radOf } from '../compass';
import { LIGHTS, MOODS } from '../strip/condition-words';
import { OptionalChoice } from '../strip/optional-choice';

export interface SlotEditorProps {
  readonly slot: DaySlot;
  readonly plan: DayPlan;
  readonly onChange: (changes: Partial<DaySlot>) => void;
  readonly onRemove: () => void;
  readonly onClose: () => void;
}

/** A slot's name and hours, what differs from the day in it, its course where it is a leg, and what is done if nothing bites. */
export function SlotEditor({ slot, plan, onChange, onRemove, onClose }: SlotEditorProps) {
  const { t } = useI18n();
  const { now, fromS, toS, fallback } = slot;
  const put = (changes: Partial<DaySlot['now']>) => onChange({ now: { ...now, ...changes } });
  const depthM = now.depthM ?? plan.day.depthM;
  const span = (which: 'from' | 'to') => (
    <QuantityField
      label={t(which === 'from' ? 'today.field.depthFrom' : 'today.field.depthTo')}
      measure="depth"
      value={now.depthM?.[which] ?? null}
      limits={which === 'from' ? { min: D.depthM.min, max: depthM.to } : { min: depthM.from, max: D.depthM.max }}
      emptyMeans={t('today.asDay')}
      onValueChange={(value) => put({ depthM: value === null ? undefined : { ...depthM, [which]: value } })}
    />
  );
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        onClose();
      }}
      className="grid grid-cols-2 gap-x-4 gap-y-1"
    >
      <TextField
        className="col-span-2"
        label={t('today.slot.name')}
        value={slot.name}
        maxLength={60}
        onValueChange={(name) => name.trim() !== '' && onChange({ name })}
      />
      <TimeField
        label={t('today.field.from')}
        value={clockOf(fromS)}
        onValueChange={(clock) => {
          const from = secondsOf(clock);
          if (from !== null) onChange({ fromS: from, toS: endAfter(from, secondsOf(clockOf(toS))!) });
        }}
      />
      <TimeField
        label={t('today.field.to')}
        value={clockOf(toS)}
        onValueChange={(clock) => {
          const to = secondsOf(clock);
          if (to !== null) onChange({ toS: endAfter(fromS, to) });
        }}
      />
      {span('from')}
      {span('to')}
      <OptionalChoice
        label={t('today.field.light')}
        value={now.light}
        values={LIGHTS}
        word={(light) => t(`word.${light}`)}
        unsaid={t('today.asDay')}
        onValue={(light) => put({ light })}
      />
      <OptionalChoice
        label={t('today.cell.mood')}
        value={now.mood}
        values={MOODS}
        word={(mood) => t(`word.${mood}`)}
        unsaid={t('today.asDay')}
        onValue={(mood) => put({ mood })}
      />
      <OptionalChoice
        label={t('today.field.cover')}
        value={now.cover}
        values={rowsOf(COVERS)}
        word={(cover) => t(`cover.${cover}`)}
        unsaid={t('today.asDay')}
        onValue={(cover) => put({ cover })}
      />
      <QuantityField
        label={t('today.field.currentMps')}
        measure="speed"
        value={now.currentMps ?? null}
        limits={L.currentMps}
        emptyMeans={t('today.asDay')}
        onValueChange={(currentMps) => put({ currentMps: currentMps ?? undefined })}
      />
      <OptionalChoice
        label={t('today.slot.course')}
        value={slot.courseRad === undefined ? undefined : pointOf(slot.courseRad)}
        values={COMPASS}
        word={(point) => t(`today.point.${point}`)}
        unsaid={t('today.slot.noLeg')}
        onValue={(point) => onChange({ courseRad: point === undefined ? undefined : radOf(point) })}
      />
      <TimeField
        label={t('today.slot.fallbackBy')}
        value={fallback ? clockOf(fallback.byS) : ''}
        onValueChange={(clock) => {
          const byS = secondsOf(clock);
          onChange({ fallback: byS === null ? undefined : { byS, words: fallback?.words ?? '' } });
        }}
      />
      <TextField
        className="col-span-2"
        label={t('today.slot.fallback')}
        value={fallback?.words ?? ''}
        maxLength={200}
        placeholder={t('today.slot.fallbackHint')}
        onValueChange={(words) => onChange({ fallback: { byS: fallback?.byS ?? (fromS + toS) / 2, words } })}
      />
      <div className="col-span-2 mt-2 flex justify-between gap-2 border-t border-faint pt-2">
        <button type="button" className="narrow min-h-9 border border-faint px-3 text-[14px]" onClick={onRemove}>
          {t('today.slot.remove')}
        </button>
        <button type="submit" className="narrow min-h-9 border border-ink px-3 text-[14px]">
          {t('common.close')}
        </button>
      </div>
    </form>
  );
}
