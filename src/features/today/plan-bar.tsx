'use client';

import { NEW_PLAN } from '@/domain/plan/usual-plan';
import { useI18n } from '@/i18n/client';
import type { TodayPage } from '@/server/queries/today-page';
import { ChoiceField } from '@/ui/choice-field';
import { TextField } from '@/ui/text-field';
import type { Today } from './use-today';

/** What the plan is called, which one is in hand, and keeping it on the bench. */
export function PlanBar({
  today,
  plans,
  usualName,
  onKeep,
}: {
  readonly today: Today;
  readonly plans: TodayPage['plans'];
  readonly usualName: string;
  readonly onKeep: () => void;
}) {
  const { t, date } = useI18n();
  const { plan, version, failure, changed, busy } = today;
  return (
    <div
      data-testid="plan-bar"
      data-state={busy ? 'saving' : changed ? 'changed' : 'kept'}
      className="flex flex-wrap items-end gap-x-4 gap-y-1 [&_label]:-mb-1"
    >
      <TextField
        className="w-60"
        label={t('today.planName')}
        value={plan.name}
        placeholder={usualName}
        maxLength={120}
        onValueChange={(name) => today.change({ name })}
      />
      <ChoiceField
        className="w-56"
        label={t('today.plans')}
        value={version === null ? NEW_PLAN : plan.id}
        options={[
          ...(version !== null && !plans.some((each) => each.plan.id === plan.id)
            ? [{ value: plan.id as string, label: plan.name }]
            : []),
          ...plans.map((each) => ({
            value: each.plan.id as string,
            label: `${each.plan.name}, ${date(new Date(`${each.plan.date}T12:00:00`))}`,
          })),
          { value: NEW_PLAN as string, label: t('today.newPlan') },
        ].toReversed()}
        onValueChange={today.open}
      />
      <button
        type="button"
        disabled={!changed || busy}
        onClick={onKeep}
        className="narrow min-h-8 border border-ink px-2.5 text-[14px] disabled:border-faint disabled:text-dim"
      >
        {t('today.key.keep')}
      </button>
      {failure && (
        <p role="alert" className="semi-narrow text-[14px]">
          {failure === 'stale' ? t('today.stale') : t(`failure.${failure}`)}{' '}
          {failure === 'stale' && (
            <button type="button" onClick={today.keepAsAnother} className="underline underline-offset-2">
              {t('today.keepAsAnother')}
            </button>
          )}
        </p>
      )}
      <span className="narrow ml-auto flex gap-4 self-center text-[12.5px] text-dim">
        <span className="underline underline-offset-4">{t('today.saidToday')}</span>
        <span className="underline decoration-dashed decoration-1 underline-offset-4">{t('today.keptBefore')}</span>
      </span>
    </div>
  );
}
