'use client';

import { useMemo, useState } from 'react';
import { TRIAL_PLAN_LIMITS as P } from '@/core/afloat';
import type { TrialDocument, TrialPlanned } from '@/domain/trials/trial-document';
import { useAnswer } from '@/features/fields/use-answer';
import { clockText } from '@/features/fields/readout';
import { useI18n } from '@/i18n/client';
import type { TrialsPage } from '@/server/queries/trials-page';
import type { QuestionOf } from '@/workers/protocol';
import { ChoiceField } from '@/ui/choice-field';
import { TextField } from '@/ui/text-field';
import { TimeField } from '@/ui/time-field';

interface PlannedLine {
  readonly line: string;
  readonly levels: Readonly<Record<string, string>>;
}

const IN_HAND = 'hand';
const SPELLS = ['2', '4', '8', '16'] as const;

/** Who fishes which version when: lines of a spread, or one rod for each angler. */
export function PlanPanel({
  trial,
  page,
  onPlan,
}: {
  readonly trial: TrialDocument;
  readonly page: TrialsPage;
  readonly onPlan: (plan: TrialPlanned | null) => void;
}) {
  const i18n = useI18n();
  const { t, percent } = i18n;
  const [from, setFrom] = useState(page.spreads[0]?.id ?? IN_HAND);
  const spread = page.spreads.find(({ id }) => id === from) ?? null;
  const usual = spread?.lines.filter(({ setupId }) => isOf(trial, setupId)) ?? [];
  const [chosen, setChosen] = useState<ReadonlySet<string>>(() => new Set(usual.map(({ line }) => line)));
  const [anglers, setAnglers] = useState(page.anglers.slice(0, 2).join(', '));
  const [day, setDay] = useState(() => localDay(new Date()));
  const [begins, setBegins] = useState('07:00');
  const [ends, setEnds] = useState('11:00');
  const [spells, setSpells] = useState<(typeof SPELLS)[number]>('4');
  const lines = useMemo(
    (): readonly PlannedLine[] =>
      spread
        ? spread.lines.filter(({ line }) => chosen.has(line)).map(({ line, levels }) => ({ line, levels }))
        : anglers
            .split(/[,;]/)
            .map((each) => each.trim())
            .filter((each, k, all) => each !== '' && all.indexOf(each) === k)
            .map((angler, k) => ({ line: `r${k + 1}`, levels: { angler } })),
    [spread, chosen, anglers],
  );
  const [fromS, toS] = [Date.parse(`${day}T${begins}`) / 1000, Date.parse(`${day}T${ends}`) / 1000];
  const isPossible = lines.length > 0 && lines.length <= P.lines.max && toS > fromS;
  const question = useMemo(
    (): QuestionOf<'trial-plan'> | null =>
      isPossible
        ? {
            kind: 'trial-plan',
            input: {
              lines: lines.map(({ line, levels }) => ({ name: line, levels })),
              fromS,
              toS,
              spells: Number(spells),
            },
          }
        : null,
    [isPossible, lines, fromS, toS, spells],
  );
  const { last, waiting } = useAnswer(question, 150);
  const answer = question && last?.question === question ? last.answer : null;
  return (
    <div className="flex flex-col gap-3" data-testid="plan-trial">
      <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
        <ChoiceField
          className="col-span-2"
          label={t('trials.planning.from')}
          value={from}
          options={[
            ...page.spreads.map(({ id, name }) => ({ value: id, label: name })),
            { value: IN_HAND, label: t('trials.planning.inHand') },
          ]}
          onValueChange={(id) => {
            setFrom(id);
            const next = page.spreads.find((each) => each.id === id);
            setChosen(new Set(next?.lines.filter(({ setupId }) => isOf(trial, setupId)).map(({ line }) => line)));
          }}
        />
        <TextField label={t('trials.planning.day')} type="date" value={day} onValueChange={setDay} />
        <ChoiceField
          label={t('trials.planning.spells')}
          value={spells}
          options={SPELLS.map((value) => ({ value, label: value }))}
          onValueChange={setSpells}
        />
        <TimeField label={t('trials.planning.begins')} value={begins} onValueChange={setBegins} />
        <TimeField label={t('trials.planning.ends')} value={ends} onValueChange={setEnds} />
        {!spread && (
          <TextField
            className="col-span-2"
            label={t('trials.planning.anglers')}
            value={anglers}
            maxLength={400}
            onValueChange={setAnglers}
          />
        )}
      </div>
      {spread && (
        <fieldset className="flex flex-wrap gap-x-4 gap-y-1 border border-faint p-2">
          <legend className="narrow px-1 text-[13px] text-dim">{t('trials.planning.lines')}</legend>
          {spread.lines.map(({ line, levels }) => (
            <label key={line} className="narrow flex min-h-9 items-center gap-2 text-[15px]">
              <input
                type="checkbox"
                className="size-5"
                checked={chosen.has(line)}
                onChange={(event) => {
                  const next = new Set(chosen);
                  if (event.target.checked) next.add(line);
                  else next.delete(line);
                  setChosen(next);
                }}
              />
              {line} · {levels.rod}
            </label>
          ))}
        </fieldset>
      )}
      {!isPossible && <p className="semi-narrow text-[14px]">{t('trials.planning.needs', { most: P.lines.max })}</p>}
      {answer && (
        <div
          className="overflow-x-auto"
          data-testid="planned"
          role="region"
          tabIndex={0}
          aria-label={t('trials.plan.title')}
        >
          <table className="narrow w-full text-[14px]">
            <thead>
              <tr className="text-[12.5px] text-dim">
                <th className="text-left font-normal">{t('trials.plan.line')}</th>
                {answer.spells.map((spell) => (
                  <th key={spell.fromS} className="px-2 text-center font-normal">
                    {clockText(i18n, spell.fromS)}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {lines.map(({ line }) => (
                <tr key={line} className="border-t border-faint">
                  <th scope="row" className="py-0.5 text-left font-semibold">
                    {line}
                  </th>
                  {answer.spells.map((spell) => (
                    <td key={spell.fromS} className="px-2 text-center font-semibold">
                      {spell.lines.find(({ name }) => name === line)?.version.toUpperCase()}
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
          <p className="semi-narrow mt-1 text-[14px]">
            {t('trials.planning.overlaps')}{' '}
            {answer.overlaps.map(({ name, overlap }) => `${factorName(t, name)} ${percent(overlap)}`).join(', ')}
          </p>
        </div>
      )}
      <div className="flex flex-wrap gap-2">
        <button
          type="button"
          disabled={!answer || waiting}
          onClick={() =>
            answer &&
            onPlan({
              lines: lines.map(({ line, levels }) => ({ line, levels: { ...levels } })),
              spells: answer.spells.map((spell) => ({
                fromS: spell.fromS,
                toS: spell.toS,
                lines: spell.lines.map(({ name, version }) => ({ line: name, version })),
              })),
            })
          }
          className="narrow min-h-11 border border-ink bg-hi px-4 text-[16px] text-on-hi disabled:border-faint disabled:bg-sheet disabled:text-dim"
        >
          {t('trials.planning.keep')}
        </button>
        {trial.plan && (
          <button type="button" onClick={() => onPlan(null)} className="narrow min-h-11 px-3 text-[15px] underline">
            {t('trials.planning.drop')}
          </button>
        )}
      </div>
    </div>
  );
}

const isOf = ({ a, b }: TrialDocument, setupId: string): boolean =>
  [a, b].some(({ pick }) => pick.by === 'gear' && pick.setupId === setupId);

const localDay = (now: Date): string =>
  new Date(now.getTime() - now.getTimezoneOffset() * 60_000).toISOString().slice(0, 10);

function factorName(t: ReturnType<typeof useI18n>['t'], name: string): string {
  const key = `trials.factor.${name === 'quarter' ? 'part' : name}` as 'trials.factor.rod';
  return t.has(key) ? t(key) : name;
}
