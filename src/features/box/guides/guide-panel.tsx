'use client';

import Link from 'next/link';
import { useState, useTransition } from 'react';
import type { Guide } from '@/domain/guides';
import type { Part, PartKind } from '@/domain/parts';
import type { Catalogue } from '@/i18n/catalogue';
import { useI18n } from '@/i18n/client';
import { fieldLabel } from '@/i18n/field-text';
import { partTitle } from '@/i18n/part-text';
import { DraftBar } from '@/features/fields/draft-bar';
import { send } from '@/features/fields/send';
import { failureText } from '@/i18n/problem-text';
import { measureAnglerAction, measurePartAction, type Measured } from '@/server/actions/box';
import { ChoiceField } from '@/ui/choice-field';
import { Panel } from '@/ui/panel';
import { TextField } from '@/ui/text-field';
import { FitPlot } from './fit-plot';
import { GuideDrawing } from './guide-drawing';
import { MovedSetups } from './moved-setups';
import { Stopwatch } from './stopwatch';
import { useGuide } from './use-guide';

export interface GuidePanelProps {
  readonly guide: Guide;
  readonly part: Part;
  readonly version: number;
  /** what the reader was sent to measure, where the guide can measure several things */
  readonly field: string | null;
  /** told what the part was before */
  readonly onMeasured: (before: Part) => void;
  readonly onClose: () => void;
}

type Name = keyof Catalogue['guide']['asks'];

/** A guide: what to do, drawn; the readings; what they say; and over what it is written. */
export function GuidePanel({ guide, part, version, field, onMeasured, onClose }: GuidePanelProps) {
  const i18n = useI18n();
  const { t, format, number, unitLabel } = i18n;
  const work = useGuide(guide, part, field);
  const [saved, setSaved] = useState<Measured | null>(null);
  const [kept, setKept] = useState(false);
  const [failure, setFailure] = useState<string | null>(null);
  const [busy, start] = useTransition();
  const { found, problem } = work.judged;
  const paths = found ? Object.keys(found.after) : [];
  const save = () =>
    start(async () => {
      setFailure(null);
      const reply = await send('measure-part', measurePartAction, {
        partId: part.id,
        expectedVersion: version,
        guide,
        raw: work.raw,
      });
      if (reply.ok) {
        work.markSaved();
        onMeasured(part);
        setSaved(reply.data);
      } else
        setFailure(
          reply.code === 'bad-input'
            ? t('failure.bad-field', {
                field: fieldLabel(i18n, part.kind, reply.fields[0]!.path.replace(/\.value$/, '')),
              })
            : failureText(t, reply.code, 'setups' in reply ? reply.setups?.map(({ name }) => name) : []),
        );
    });

  const keep = () =>
    start(async () => {
      setFailure(null);
      const reply = await send('measure-angler', measureAnglerAction, { partId: part.id, guide, raw: work.raw });
      setKept(reply.ok);
      if (reply.ok) work.markSaved();
      else setFailure(failureText(t, reply.code));
    });

  return (
    <Panel
      open
      onOpenChange={(open) => !open && onClose()}
      title={`${t(`guide.${guide}.name`)} · ${partTitle(i18n, part)}`}
      closeLabel={t('common.close')}
    >
      {saved ? (
        <MovedSetups saved={saved} />
      ) : (
        <div className="grid gap-4 sm:grid-cols-[240px_minmax(0,1fr)]">
          <div>
            <GuideDrawing guide={guide} label={t('guide.drawing')} />
            <p className="semi-narrow mt-2 text-[13.5px]">{t(`guide.${guide}.what`)}</p>
            {guide === 'calliper' && part.kind === 'hook' && (
              <Link href="/box/true-scale" target="_blank" className="semi-narrow text-[13.5px] underline">
                {t('scale.link')}
              </Link>
            )}
          </div>
          <div>
            <DraftBar inside offer={work.draft.offer} onTakeUp={work.takeUpDraft} onThrowAway={work.draft.throwAway} />
            <div className="grid grid-cols-2 gap-x-4 gap-y-2">
              {work.asks.map((ask) =>
                ask.kind === 'choice' ? (
                  <ChoiceField
                    key={ask.name}
                    label={t(`guide.asks.${ask.name as Name}`)}
                    value={work.answers[ask.name] ?? ''}
                    options={ask.options.map((value) => ({
                      value,
                      label: optionText(i18n, part.kind, ask.name, value),
                    }))}
                    onValueChange={(text) => work.setAnswer(ask.name, text)}
                  />
                ) : (
                  <TextField
                    key={ask.name}
                    label={t(`guide.asks.${ask.name as Name}`)}
                    value={work.answers[ask.name] ?? ''}
                    autoComplete="off"
                    onValueChange={(text) => work.setAnswer(ask.name, text)}
                    {...(ask.kind === 'figure' ? { suffix: unitLabel(ask.measure) } : {})}
                  />
                ),
              )}
            </div>
            {work.timed && (
              <div className="mt-3">
                <Stopwatch
                  startLabel={t('guide.watchStart')}
                  stopLabel={t('guide.watchStop')}
                  format={(seconds) => format(seconds, 'time')}
                  onTime={(seconds) =>
                    work.addRow({ ...work.rows.findLast((row) => row['depthM']), timeS: number(seconds, 2) })
                  }
                />
              </div>
            )}
            <table className="mt-3 w-full text-[14px]">
              <caption className="narrow text-left text-[12px] text-dim">{t('guide.readings')}</caption>
              <thead>
                <tr className="border-b border-ink text-left">
                  <th scope="col" className="narrow w-6 text-[12px] font-normal text-dim">
                    #
                  </th>
                  {work.columns.map(({ name, measure, optional }) => (
                    <th key={name} scope="col" className="narrow text-[12px] font-normal text-dim">
                      {t(`guide.asks.${name as Name}`)}
                      {measure === 'count' ? '' : ` · ${unitLabel(measure)}`}
                      {optional ? ` (${t('guide.optional')})` : ''}
                    </th>
                  ))}
                  <th scope="col">
                    <span className="sr-only">{t('guide.removeRow')}</span>
                  </th>
                </tr>
              </thead>
              <tbody>
                {work.rows.map((row, at) => (
                  <tr key={at} className="border-b border-faint align-top">
                    <td className="narrow pt-1 text-[12px] text-dim">{at + 1}</td>
                    {work.columns.map(({ name }) => {
                      const cell = work.problems.find((each) => each.row === at && each.column === name);
                      return (
                        <td key={name} className="pr-2">
                          <input
                            aria-label={`${t(`guide.asks.${name as Name}`)} ${at + 1}`}
                            value={row[name] ?? ''}
                            autoComplete="off"
                            aria-invalid={cell ? true : undefined}
                            onChange={(event) => work.setCell(at, name, event.target.value)}
                            className={`min-h-8 w-full bg-transparent outline-offset-2 ${cell ? 'border-b-2 border-ink' : 'border-b border-faint'}`}
                          />
                          {cell && <p className="semi-narrow text-[12px]">{cell.text}</p>}
                        </td>
                      );
                    })}
                    <td className="text-right">
                      {Object.values(row).some((cell) => cell !== '') && (
                        <button
                          type="button"
                          aria-label={t('guide.removeRow')}
                          onClick={() => work.removeRow(at)}
                          className="min-h-8 px-2 text-dim hover:text-ink"
                        >
                          ×
                        </button>
                      )}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
            {problem && (
              <p role="alert" className="semi-narrow mt-2 border-l-2 border-ink pl-2 text-[13px]">
                {t('guide.noFit')}
              </p>
            )}
            {found && (
              <output className="mt-3 block border-t border-ink pt-2">
                <dl>
                  {found.results.map(({ name, value, measure, spread }) => (
                    <div key={name} className="flex items-baseline justify-between gap-3 border-b border-faint py-0.5">
                      <dt className="narrow text-[13px] text-dim">
                        {t(`guide.result.${name as keyof Catalogue['guide']['result']}`)}
                      </dt>
                      <dd className="font-semibold">
                        {format(value, measure)}
                        {spread === undefined ? (
                          ''
                        ) : (
                          <span className="narrow ml-1 text-[12px] font-normal text-dim">
                            ± {format(spread, 'share')}
                          </span>
                        )}
                      </dd>
                    </div>
                  ))}
                </dl>
                {found.plot && <FitPlot plot={found.plot} label={t('guide.plot')} />}
                {found.hints.map((hint) => (
                  <p key={hint} className="semi-narrow mt-1 text-[13px]">
                    {t(`guide.hint.${hint as keyof Catalogue['guide']['hint']}`)}
                  </p>
                ))}
              </output>
            )}
            {failure && (
              <p role="alert" className="mt-2 border-l-2 border-ink pl-2 text-[14px]">
                {failure}
              </p>
            )}
            {paths.length > 0 && (
              <button
                type="button"
                disabled={busy}
                onClick={save}
                className="narrow mt-3 min-h-9 border border-ink bg-hi px-4 font-semibold text-on-hi disabled:opacity-60"
              >
                {t('guide.write', {
                  fields: paths
                    .map((path) =>
                      path === 'stiffness' ? t('field.stiffness_kind') : fieldLabel(i18n, part.kind, path),
                    )
                    .join(', '),
                })}
              </button>
            )}
            {found?.angler && (
              <button
                type="button"
                disabled={busy}
                onClick={keep}
                className="narrow mt-3 min-h-9 border border-ink bg-hi px-4 font-semibold text-on-hi disabled:opacity-60"
              >
                {t('guide.keep')}
              </button>
            )}
            {kept && (
              <p role="status" className="mt-2 font-semibold">
                {t('guide.kept')}
              </p>
            )}
            <p className="semi-narrow mt-3 text-[12px] text-dim">{t(`guide.${guide}.care`)}</p>
          </div>
        </div>
      )}
    </Panel>
  );
}

function optionText(i18n: ReturnType<typeof useI18n>, kind: PartKind, name: string, value: string): string {
  return name === 'path' ? fieldLabel(i18n, kind, value) : i18n.t(`word.${value as keyof Catalogue['word']}`);
}
