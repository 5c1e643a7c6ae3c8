'use client';

import { useState } from 'react';
import { VERDICT_NAMES, type EffectFigures, type Evaluation } from '@/core/judge';
import type { Measure } from '@/core/base/measure';
import type { PartId } from '@/domain/ids';
import { effectColumns, MARK_SHAPE, MEASURE_OF_UNIT } from '@/features/fields/shown-as';
import { useFished, useVerdictText } from '@/features/fields/verdict-words';
import { PartThumb } from '@/features/fields/part-thumb';
import { useI18n, type I18n } from '@/i18n/client';
import { partDetail, partTitle } from '@/i18n/part-text';
import { Mark } from '@/ui/mark';
import { Panel } from '@/ui/panel';
import { SignedBar } from '@/ui/signed-bar';
import { ordered, type CandidateRow, type Order } from '../candidates/candidate-order';
import { BAR_SPAN, signed, SortButton } from '../candidates/candidates';

export interface CandidateTableProps {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly title: string;
  readonly rows: readonly CandidateRow[];
  readonly fitted: PartId;
  readonly before: { readonly evaluation: Evaluation; readonly figures: EffectFigures };
  readonly onTry: (partId: PartId) => void;
}

/** So many can be laid beside each other. */
const MOST_PINS = 3;

/** Every candidate with every change, to be sorted by any; two or three pinned side by side. */
export function CandidateTable({ open, onOpenChange, title, rows, fitted, before, onTry }: CandidateTableProps) {
  const fished = useFished();
  const verdictName = useVerdictText();
  const i18n = useI18n();
  const { t, money } = i18n;
  const [order, setOrder] = useState<Order>({ by: 'mark', descending: false });
  const [pins, setPins] = useState<readonly string[]>([]);
  const pinned = pins.flatMap((id) => rows.filter(({ part }) => part.id === id));
  const pin = (id: string) =>
    setPins(pins.includes(id) ? pins.filter((each) => each !== id) : [...pins, id].slice(-MOST_PINS));
  const sort = (by: Order['by'], label: string, right = true) => (
    <th
      key={by}
      aria-sort={order.by === by ? (order.descending ? 'descending' : 'ascending') : 'none'}
      className={`px-1 font-normal ${right ? 'text-right' : 'text-left'}`}
    >
      <SortButton label={label} by={by} order={order} onOrder={setOrder} right={right} />
    </th>
  );
  return (
    <Panel wide open={open} onOpenChange={onOpenChange} title={title} closeLabel={t('common.close')}>
      {pinned.length > 0 && <Pinned rows={pinned} before={before} i18n={i18n} onUnpin={pin} onTry={onTry} />}
      <p className="semi-narrow mb-1 text-[12.5px] text-dim">{t('candidates.tableHint')}</p>
      <div
        className="relative max-h-[58dvh] overflow-auto border-y border-ink"
        tabIndex={0}
        role="group"
        aria-label={title}
      >
        <table className="narrow w-full border-collapse text-[13px]">
          <thead className="sticky top-0 bg-sheet text-[12px] text-dim">
            <tr>
              {sort('name', t('candidates.name'), false)}
              {VERDICT_NAMES.map((name) => sort(name, verdictName(name)))}
              {effectColumns(fished).map(([key, field]) => sort(field, t(`effect.${key}`)))}
              {sort('price', t('effect.price'))}
              {sort('mark', t('candidates.worst'))}
              <th className="px-1 text-right font-normal">{t('candidates.pin')}</th>
            </tr>
          </thead>
          <tbody>
            {ordered(rows, order).map((row) => (
              <tr
                key={row.part.id}
                data-part={row.part.id}
                className={`border-t border-faint [content-visibility:auto] ${row.part.id === fitted ? 'font-semibold' : ''}`}
              >
                <td className="max-w-[17rem] truncate px-1">
                  <button
                    type="button"
                    onClick={() => onTry(row.part.id)}
                    className="flex min-h-8 items-center gap-2 text-left hover:underline lg:min-h-6"
                  >
                    <PartThumb part={row.part} className="h-5 w-9 shrink-0" />
                    <span className="min-w-0 truncate">
                      {partTitle(i18n, row.part)}{' '}
                      <span className="font-normal text-dim">{partDetail(i18n, row.part, null)}</span>
                    </span>
                  </button>
                </td>
                {VERDICT_NAMES.map((name) => (
                  <VerdictChange key={name} row={row} name={name} i18n={i18n} />
                ))}
                {effectColumns(fished).map(([key, field, measure]) => (
                  <td key={key} className="whitespace-nowrap px-1 text-right">
                    {changed(i18n, before.figures[field], row.effect?.effect[field] ?? null, measure)}
                  </td>
                ))}
                <td className="whitespace-nowrap px-1 text-right">{row.part.price ? money(row.part.price) : ''}</td>
                <td className="px-1">
                  <span className="flex justify-end">
                    {row.worst && <Mark shape={MARK_SHAPE[row.worst]} size={11} />}
                    <span className="sr-only">{row.worst ? t(`mark.${row.worst}`) : ''}</span>
                  </span>
                </td>
                <td className="px-1 text-right">
                  <input
                    type="checkbox"
                    aria-label={t('candidates.pinNamed', { part: partTitle(i18n, row.part) })}
                    checked={pins.includes(row.part.id)}
                    onChange={() => pin(row.part.id)}
                  />
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </Panel>
  );
}

function VerdictChange({
  row,
  name,
  i18n,
}: {
  readonly row: CandidateRow;
  readonly name: (typeof VERDICT_NAMES)[number];
  readonly i18n: I18n;
}) {
  const verdict = row.effect?.verdicts[name];
  if (!verdict) return <td />;
  const gained = row.gained[name];
  return (
    <td className="px-1">
      <span className="flex items-center justify-end gap-1 whitespace-nowrap">
        {i18n.format(verdict.value, MEASURE_OF_UNIT[verdict.unit])}
        {gained === null ? <span className="w-[34px]" /> : <SignedBar share={gained / BAR_SPAN} />}
        <Mark shape={MARK_SHAPE[verdict.mark]} size={11} />
        <span className="sr-only">{i18n.t(`mark.${verdict.mark}`)}</span>
      </span>
    </td>
  );
}

/** The change of a figure, signed; nothing where it stays. */
function changed({ format, formatDecimal }: I18n, was: number | null, is: number | null, measure: Measure): string {
  if (was === null || is === null) return format(is, measure);
  const change = formatDecimal(Math.abs(is - was), measure);
  return change === formatDecimal(0, measure) ? '=' : signed(change, is - was);
}

interface PinnedProps {
  readonly rows: readonly CandidateRow[];
  readonly before: CandidateTableProps['before'];
  readonly i18n: I18n;
  readonly onUnpin: (id: string) => void;
  readonly onTry: (id: PartId) => void;
}

/** What is pinned beside what is fitted, figure by figure. */
function Pinned({ rows, before, i18n, onUnpin, onTry }: PinnedProps) {
  const fished = useFished();
  const verdictName = useVerdictText();
  const { t, format, money } = i18n;
  const columns = [
    { id: '', title: t('candidates.on'), verdicts: before.evaluation.verdicts, figures: before.figures, price: null },
    ...rows.map(({ part, effect }) => ({
      id: part.id,
      title: partTitle(i18n, part),
      verdicts: effect?.verdicts ?? null,
      figures: effect?.effect ?? null,
      price: part.price ?? null,
    })),
  ];
  return (
    <table
      data-testid="pinned"
      className="narrow mb-2 w-full table-fixed border-collapse border-y border-ink text-[13px]"
    >
      <thead>
        <tr>
          <td className="w-36" />
          {columns.map(({ id, title }) => (
            <th key={id} className="px-1 text-right font-semibold">
              {title}{' '}
              {id !== '' && (
                <button
                  type="button"
                  aria-label={t('candidates.unpin', { part: title })}
                  onClick={() => onUnpin(id)}
                  className="px-1 font-normal text-dim hover:text-ink"
                >
                  ×
                </button>
              )}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {VERDICT_NAMES.map((name) => (
          <tr key={name} className="border-t border-faint">
            <td>{verdictName(name)}</td>
            {columns.map(({ id, verdicts }) => (
              <td key={id} className="px-1">
                {verdicts && (
                  <span className="flex items-center justify-end gap-1">
                    {format(verdicts[name].value, MEASURE_OF_UNIT[verdicts[name].unit])}{' '}
                    <Mark shape={MARK_SHAPE[verdicts[name].mark]} size={11} />
                    <span className="sr-only">{t(`mark.${verdicts[name].mark}`)}</span>
                  </span>
                )}
              </td>
            ))}
          </tr>
        ))}
        {effectColumns(fished).map(([key, field, measure]) => (
          <tr key={key} className="border-t border-faint">
            <td>{t(`effect.${key}`)}</td>
            {columns.map(({ id, figures }) => (
              <td
                key={id}
                className={`px-1 text-right ${figures && figures[field] !== before.figures[field] ? 'font-semibold' : ''}`}
              >
                {format(figures?.[field] ?? null, measure)}
              </td>
            ))}
          </tr>
        ))}
        <tr className="border-t border-faint">
          <td>{t('effect.price')}</td>
          {columns.map(({ id, price }) => (
            <td key={id} className="px-1 text-right">
              {price ? money(price) : '–'}
            </td>
          ))}
        </tr>
        <tr className="border-t border-faint">
          <td />
          {columns.map(({ id }) => (
            <td key={id} className="px-1 py-0.5 text-right">
              {rows.flatMap(({ part }) =>
                part.id === id
                  ? [
                      <button
                        key={id}
                        type="button"
                        className="min-h-8 border border-ink px-2 lg:min-h-6"
                        onClick={() => onTry(part.id)}
                      >
                        {t('key.try')}
                      </button>,
                    ]
                  : [],
              )}
            </td>
          ))}
        </tr>
      </tbody>
    </table>
  );
}
