'use client';

import { memo, useDeferredValue, useEffect, useMemo, useRef, type ReactNode, type RefObject } from 'react';
import type { Progress } from '@/core/decide';
import { VERDICT_NAMES, type VerdictName } from '@/core/judge';
import type { PartId } from '@/domain/ids';
import { MARK_SHAPE, MEASURE_OF_UNIT } from '@/features/fields/shown-as';
import { useVerdictText } from '@/features/fields/verdict-words';
import { useI18n } from '@/i18n/client';
import { partDetail, partTitle } from '@/i18n/part-text';
import { keepInView } from '@/ui/keep-in-view';
import { Mark } from '@/ui/mark';
import { ProgressEdge } from '@/ui/progress-edge';
import { SignedBar } from '@/ui/signed-bar';
import type { CandidateRow, Order } from './candidate-order';

export interface CandidatesProps {
  readonly number: number;
  readonly rows: readonly CandidateRow[];
  readonly fitted: PartId;
  readonly tried: PartId | null;
  readonly dimmed: boolean;
  readonly progress: Progress | null;
  /** what the fitted setup throws, to compare with [kg] */
  readonly castMassKg: number;
  /** the verdict that the third column shows */
  readonly shows: VerdictName;
  readonly onShows: (verdict: VerdictName) => void;
  readonly order: Order;
  readonly onOrder: (order: Order) => void;
  readonly find: string;
  readonly onFind: (text: string) => void;
  readonly findRef: RefObject<HTMLInputElement | null>;
  readonly onTry: (partId: PartId) => void;
  readonly onFit: () => void;
  readonly onAll: () => void;
  /** what makes a part of what was typed to find one; absent while nothing was */
  readonly make: ReactNode;
}

const GRID = 'grid grid-cols-[minmax(0,1fr)_40px_74px_18px]';

/** What else could stand in the joint, each with what it would change. */
export function Candidates(props: CandidatesProps) {
  const verdictName = useVerdictText();
  const {
    number,
    fitted,
    tried,
    castMassKg,
    shows,
    onShows,
    order,
    onOrder,
    find,
    onFind,
    findRef,
    onTry,
    onFit,
    onAll,
  } = props;
  const { t, unitLabel } = useI18n();
  const on = tried ?? fitted;
  // A long list is drawn between keys, not before them.
  const rows = useDeferredValue(props.rows);
  const dimmed = props.dimmed || rows !== props.rows;
  return (
    <section
      aria-labelledby="candidates-title"
      data-tour="candidates"
      className="relative flex min-h-0 flex-1 flex-col border border-ink bg-sheet px-2 pb-1 pt-1"
    >
      <ProgressEdge progress={props.progress} label={t('candidates.working')} />
      <div className="flex items-baseline gap-2">
        <h2 id="candidates-title" className="narrow min-w-0 flex-1 truncate text-[12px] font-semibold">
          {t('candidates.title', { n: number })}
        </h2>
        <input
          ref={findRef}
          type="search"
          value={find}
          aria-label={t('common.find')}
          placeholder={t('candidates.findHint')}
          onChange={(event) => onFind(event.target.value)}
          className="narrow w-16 min-w-0 border-b border-faint bg-transparent text-[12px] placeholder:text-dim"
        />
        <button
          type="button"
          onClick={onAll}
          className="narrow whitespace-nowrap text-[12px] underline underline-offset-2"
        >
          {t('candidates.all')}
        </button>
      </div>
      <div className={`narrow ${GRID} items-center text-[11.5px] text-dim`}>
        <SortButton label={t('candidates.name')} by="name" order={order} onOrder={onOrder} />
        <SortButton
          label={`${t('candidates.weight')} ${unitLabel('mass')}`}
          by="castMassKg"
          order={order}
          onOrder={onOrder}
          right
        />
        <span className="flex items-center justify-end">
          <select
            aria-label={t('candidates.shows')}
            value={shows}
            onChange={(event) => VERDICT_NAMES.filter((name) => name === event.target.value).forEach(onShows)}
            className="max-w-[58px] bg-transparent"
          >
            {VERDICT_NAMES.map((name) => (
              <option key={name} value={name} className="bg-sheet">
                {verdictName(name)}
              </option>
            ))}
          </select>
          <SortButton
            label={t('candidates.byRoom', { verdict: verdictName(shows) })}
            by={shows}
            order={order}
            onOrder={onOrder}
            hidden
          />
        </span>
        <SortButton label={t('candidates.byMark')} by="mark" order={order} onOrder={onOrder} hidden right />
      </div>
      {rows.length === 0 && <p className="semi-narrow py-2 text-[12.5px]">{t('candidates.none')}</p>}
      <div
        role="listbox"
        aria-labelledby="candidates-title"
        tabIndex={0}
        aria-activedescendant={`candidate-${on}`}
        data-state={dimmed ? 'waiting' : 'ready'}
        className="relative min-h-0 flex-1 overflow-y-auto data-[state=waiting]:opacity-60 max-lg:max-h-72"
      >
        {rows.map((row) => (
          <Candidate
            key={row.part.id}
            row={row}
            isOn={row.part.id === on}
            isFitted={row.part.id === fitted}
            castMassKg={castMassKg}
            shows={shows}
            onTry={onTry}
            onFit={onFit}
          />
        ))}
      </div>
      {props.make}
    </section>
  );
}

interface SortButtonProps {
  readonly label: string;
  readonly by: Order['by'];
  readonly order: Order;
  readonly onOrder: (order: Order) => void;
  /** the label is for those who hear it; an arrow stands for it */
  readonly hidden?: boolean;
  readonly right?: boolean;
}

/** Sorts by a column; again, the other way round. */
export function SortButton({ label, by, order, onOrder, hidden = false, right = false }: SortButtonProps) {
  const isBy = order.by === by;
  return (
    <button
      type="button"
      aria-pressed={isBy}
      aria-label={hidden ? label : undefined}
      onClick={() =>
        onOrder({ by, descending: isBy ? !order.descending : by !== 'name' && by !== 'mark' && by !== 'price' })
      }
      className={`min-h-8 min-w-3 whitespace-nowrap aria-pressed:font-semibold aria-pressed:text-ink lg:min-h-5 ${right ? 'text-right' : 'text-left'}`}
    >
      {hidden ? '' : label}
      <span aria-hidden="true">{isBy ? (order.descending ? '↓' : '↑') : hidden ? '↕' : ''}</span>
    </button>
  );
}

interface CandidateProps {
  readonly row: CandidateRow;
  readonly isOn: boolean;
  readonly isFitted: boolean;
  readonly castMassKg: number;
  readonly shows: VerdictName;
  readonly onTry: (partId: PartId) => void;
  readonly onFit: () => void;
}

/** Kept as it is while nothing of its own changes: a step down the list redraws two rows, not a hundred and fifty. */
const Candidate = memo(function Candidate({
  row: { part, effect, gained, worst },
  isOn,
  isFitted,
  castMassKg,
  shows,
  onTry,
  onFit,
}: CandidateProps) {
  const i18n = useI18n();
  const { t, format, show, unitLabel } = i18n;
  const element = useRef<HTMLDivElement>(null);
  const [title, detail] = useMemo(() => [partTitle(i18n, part), partDetail(i18n, part, null)], [i18n, part]);
  useEffect(() => {
    if (isOn && element.current) keepInView(element.current);
  }, [isOn]);
  const delta = effect ? effect.castMassKg - castMassKg : 0;
  const verdict = effect?.verdicts[shows] ?? null;
  return (
    <div
      ref={element}
      id={`candidate-${part.id}`}
      role="option"
      aria-selected={isOn}
      data-part={part.id}
      tabIndex={-1}
      onClick={() => onTry(part.id)}
      onDoubleClick={onFit}
      onKeyDown={(event) => event.key === ' ' && onTry(part.id)}
      title={detail}
      className={`narrower ${GRID} min-h-8 w-full items-center border-t border-faint text-[12.5px] lg:min-h-[21px] ${isOn ? 'bg-hi text-on-hi' : ''}`}
    >
      <span className="truncate px-0.5">
        {title} <span className={isOn ? '' : 'text-dim'}>{detail}</span>
        {isFitted ? ` (${t('candidates.on')})` : ''}
      </span>
      <span className="text-right">
        {effect && Math.abs(delta) >= 5e-5 && (
          <>
            {signed(show(Math.abs(delta), 'mass').number, delta)}
            <span className="sr-only"> {unitLabel('mass')}</span>
          </>
        )}
      </span>
      <span className="flex items-center justify-end gap-1">
        <span>{verdict ? format(verdict.value, MEASURE_OF_UNIT[verdict.unit]) : ''}</span>
        {gained[shows] !== null && <SignedBar share={gained[shows] / BAR_SPAN} width={26} />}
      </span>
      <span className="flex justify-end pr-0.5">
        {worst && (
          <>
            <Mark shape={MARK_SHAPE[worst]} size={12} />
            <span className="sr-only">{t(`mark.${worst}`)}</span>
          </>
        )}
      </span>
    </div>
  );
});

/** A bar is full at so much room gained or lost: from failing to well inside [widths of the edge]. */
export const BAR_SPAN = 2;

export const signed = (text: string, value: number) => `${value < 0 ? '−' : '+'}${text}`;
