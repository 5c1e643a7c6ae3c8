'use client';

import { clockOf, endAfter, secondsOf } from '@/domain/plan/clock';
import { MOST } from '@/domain/plan/plan-limits';
import { useI18n } from '@/i18n/client';
import { ChoiceField } from '@/ui/choice-field';
import { TextField } from '@/ui/text-field';
import { TimeField } from '@/ui/time-field';
import type { CellProps } from './cell-props';

const NONE = '';
const BANK = 'bank';

/** The day and its hours; an end before the start is on the next day. */
export function HoursFields({ plan, change }: CellProps) {
  const { t } = useI18n();
  const { fromS, toS } = plan.hours;
  return (
    <div className="grid grid-cols-2 gap-x-4 gap-y-1">
      <TextField
        className="col-span-2"
        label={t('today.field.date')}
        type="date"
        value={plan.date}
        onValueChange={(date) => /^\d{4}-\d\d-\d\d$/.test(date) && change({ date })}
      />
      <TimeField
        label={t('today.field.from')}
        value={clockOf(fromS)}
        onValueChange={(clock) => {
          const from = secondsOf(clock);
          if (from !== null) change({ hours: { fromS: from, toS: endAfter(from, secondsOf(clockOf(toS))!) } });
        }}
      />
      <TimeField
        label={t('today.field.to')}
        value={clockOf(toS)}
        onValueChange={(clock) => {
          const to = secondsOf(clock);
          if (to !== null) change({ hours: { fromS, toS: endAfter(fromS, to) } });
        }}
      />
    </div>
  );
}

export function CraftFields({ plan, house, day }: CellProps) {
  const { t } = useI18n();
  const { craftId } = plan.day;
  return (
    <ChoiceField
      label={t('today.cell.craft')}
      value={craftId === null ? BANK : (craftId ?? NONE)}
      options={[
        { value: NONE, label: t('today.notSaid') },
        { value: BANK, label: t('today.bank') },
        ...house.crafts.map(({ id, name }) => ({ value: id, label: name })),
      ]}
      onValueChange={(id) => day({ craftId: id === NONE ? undefined : id === BANK ? null : id })}
    />
  );
}

export function PeopleFields({ plan, change }: CellProps) {
  const { t } = useI18n();
  return (
    <ChoiceField
      label={t('today.cell.people')}
      value={String(plan.people)}
      options={Array.from({ length: MOST.people }, (_, i) => ({
        value: String(i + 1),
        label: t('today.people', { count: i + 1 }),
      }))}
      onValueChange={(people) => change({ people: Number(people) })}
    />
  );
}
