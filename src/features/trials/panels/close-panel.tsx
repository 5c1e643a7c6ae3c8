'use client';

import { useState } from 'react';
import { SCHOOLS, type SchoolId } from '@/core/tackle/defaults/schools';
import type { TrialResult } from '@/domain/trials/result';
import type { TrialDocument } from '@/domain/trials/trial-document';
import { useI18n } from '@/i18n/client';
import { ChoiceField } from '@/ui/choice-field';
import { TextField } from '@/ui/text-field';
import { betterOf, nameOf } from '../words';

type Closed = NonNullable<TrialDocument['closed']>;
const SCHOOL_IDS = Object.keys(SCHOOLS) as readonly SchoolId[];

/** Ends a trial: settled, undecided or dropped, with the reason; a settled one can make a house rule. */
export function ClosePanel({
  trial,
  result,
  onClose,
}: {
  readonly trial: TrialDocument;
  readonly result: TrialResult | null;
  readonly onClose: (closed: Closed) => void;
}) {
  const { t } = useI18n();
  const better = result && betterOf(result);
  const [closed, setClosed] = useState<Closed>(() => ({
    atS: Math.floor(Date.now() / 1000),
    as: better ? 'settled' : 'undecided',
    better,
    reason: '',
    rule: '',
    school: null,
  }));
  const [asked, setAsked] = useState(false);
  const set = (changes: Partial<Closed>) => setClosed((now) => ({ ...now, ...changes }));
  const noReason = asked && closed.reason.trim() === '';
  const school = closed.school && SCHOOLS[closed.school.school];
  return (
    <form
      className="flex flex-col gap-3"
      data-testid="close-trial"
      onSubmit={(event) => {
        event.preventDefault();
        setAsked(true);
        if (closed.reason.trim() !== '') onClose({ ...closed, reason: closed.reason.trim(), rule: closed.rule.trim() });
      }}
    >
      <div className="grid gap-3 sm:grid-cols-2">
        <ChoiceField
          label={t('trials.close.as')}
          value={closed.as}
          options={(['settled', 'undecided', 'dropped'] as const).map((value) => ({
            value,
            label: t(`trials.closed.${value}`),
          }))}
          onValueChange={(as) =>
            set(as === 'settled' ? { as, better: better ?? 'b' } : { as, better: null, rule: '', school: null })
          }
        />
        {closed.as === 'settled' && (
          <ChoiceField
            label={t('trials.close.better')}
            value={closed.better ?? 'b'}
            options={(['a', 'b'] as const).map((value) => ({ value, label: nameOf(trial, value) }))}
            onValueChange={(side) => set({ better: side })}
          />
        )}
      </div>
      {closed.as === 'settled' && !better && (
        <p className="semi-narrow border border-ink p-2 text-[14px]">{t('trials.close.notShown')}</p>
      )}
      <TextField
        label={t('trials.close.reason')}
        value={closed.reason}
        maxLength={500}
        error={noReason ? t('trials.close.needsReason') : null}
        onValueChange={(reason) => set({ reason })}
      />
      {closed.as === 'settled' && (
        <>
          <TextField
            label={t('trials.close.rule')}
            value={closed.rule}
            maxLength={300}
            placeholder={t('trials.close.ruleHint')}
            onValueChange={(rule) => set({ rule })}
          />
          <div className="grid gap-3 sm:grid-cols-2">
            <ChoiceField
              label={t('trials.close.school')}
              value={closed.school?.school ?? ''}
              options={[
                { value: '', label: t('common.none') },
                ...SCHOOL_IDS.map((value) => ({ value: value as string, label: t(`school.${value}.title`) })),
              ]}
              onValueChange={(value) => {
                const id = SCHOOL_IDS.find((each) => each === value);
                set({ school: id ? { school: id, side: SCHOOLS[id].sides[0]! } : null });
              }}
            />
            {closed.school && school && (
              <ChoiceField
                label={t('trials.close.side')}
                value={closed.school.side}
                options={(school.sides as readonly string[]).map((value) => ({
                  value,
                  label: t(`school.${closed.school!.school}.${value}` as 'school.nose-tie.loop'),
                }))}
                onValueChange={(side) => set({ school: { school: closed.school!.school, side } })}
              />
            )}
          </div>
        </>
      )}
      <button type="submit" className="narrow min-h-11 self-start border border-ink bg-hi px-4 text-[16px] text-on-hi">
        {t('trials.close.do')}
      </button>
    </form>
  );
}
