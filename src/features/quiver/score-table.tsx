'use client';

import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useRef, type KeyboardEvent } from 'react';
import { useI18n } from '@/i18n/client';
import { CROWD } from './job';
import { rowDetail, rowName, scoreText } from './names';
import type { QuiverState } from './use-quiver';

export interface Place {
  readonly row: number;
  readonly rod: number;
}

export interface ScoreTableProps {
  readonly state: QuiverState;
  readonly place: Place;
  readonly onPlace: (place: Place) => void;
}

const ROW_PX = 30;
const NAME = 'minmax(9rem,1fr)';

/** Presentations down, rods across: each pair its score and the letter of its lowest part. Arrow keys walk over it. */
export function ScoreTable({ state, place, onPlace }: ScoreTableProps) {
  const i18n = useI18n();
  const { t } = i18n;
  const { presented, rods, table, served, marks, cycle, answer, floor } = state;
  const scroller = useRef<HTMLDivElement>(null);
  const virtual = useVirtualizer({
    count: presented.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW_PX,
    overscan: 10,
    initialRect: { width: 700, height: 600 },
  });
  useEffect(() => {
    virtual.scrollToIndex(place.row);
  }, [place.row, virtual]);
  const template = { gridTemplateColumns: `${NAME} repeat(${rods.length}, minmax(28px, 38px)) 40px` };
  const chosen = new Set(answer?.rods ?? []);
  const onKey = (event: KeyboardEvent) => {
    const step = {
      ArrowUp: [-1, 0],
      ArrowDown: [1, 0],
      ArrowLeft: [0, -1],
      ArrowRight: [0, 1],
      PageUp: [-10, 0],
      PageDown: [10, 0],
    }[event.key];
    if (!step) return;
    event.preventDefault();
    const within = (value: number, count: number) => Math.min(count - 1, Math.max(0, value));
    onPlace({ row: within(place.row + step[0]!, presented.length), rod: within(place.rod + step[1]!, rods.length) });
  };
  return (
    <div
      role="grid"
      aria-label={t('quiver.table')}
      aria-rowcount={presented.length + 1}
      aria-colcount={rods.length + 2}
      className="flex min-h-0 min-w-0 flex-1 flex-col overflow-x-auto border border-ink bg-sheet"
      tabIndex={0}
      onKeyDown={onKey}
      data-testid="score-table"
      aria-activedescendant={`pair-${place.row}-${place.rod}`}
    >
      <div role="row" className="grid min-w-fit items-end border-b border-ink pr-[14px]" style={template}>
        <div role="columnheader" className="narrow px-2 pb-1 text-[12.5px] text-dim">
          {t('quiver.presentation')}
        </div>
        {rods.map((rod, r) => {
          const mark = marks[rod.id];
          return (
            <div
              key={rod.id}
              role="columnheader"
              className={`flex justify-center border-l border-faint ${chosen.has(r) ? 'bg-hi text-on-hi' : ''} ${mark === 'out' ? 'line-through opacity-70' : ''}`}
            >
              <button
                type="button"
                onClick={() => cycle(rod.id)}
                aria-label={t('quiver.markRod', { rod: rod.name ?? rod.id, mark: t(`quiver.mark.${mark ?? 'free'}`) })}
                title={t(`quiver.mark.${mark ?? 'free'}`)}
                className="narrow h-[86px] w-full rotate-180 py-1 text-left text-[13px] [writing-mode:vertical-rl]"
              >
                {mark === 'in' ? '● ' : mark === 'out' ? '○ ' : ''}
                {rod.name ?? t('part.rod.plain')}
              </button>
            </div>
          );
        })}
        <div role="columnheader" className="narrow border-l border-faint px-1 pb-1 text-right text-[12px] text-dim">
          {t('quiver.serve')}
        </div>
      </div>
      <div
        ref={scroller}
        role="rowgroup"
        tabIndex={0}
        className="min-h-0 min-w-fit flex-1 overflow-y-scroll [scrollbar-gutter:stable] max-lg:max-h-[60dvh]"
      >
        <div role="presentation" className="relative" style={{ height: virtual.getTotalSize() }}>
          {virtual.getVirtualItems().map(({ index: row, start }) => {
            const each = presented[row]!;
            const by = served[row]?.by ?? [];
            return (
              <div
                key={each.id}
                role="row"
                aria-rowindex={row + 2}
                data-row={each.id}
                data-hole={table !== null && by.length === 0}
                className={`absolute inset-x-0 grid border-b border-faint ${row === place.row ? 'outline outline-1 -outline-offset-1 outline-ink' : ''}`}
                style={{ ...template, transform: `translateY(${start}px)`, height: ROW_PX }}
              >
                <div role="rowheader" className="flex min-w-0 flex-col justify-center px-2 leading-[1.1]">
                  <span
                    className={`semi-narrow block truncate text-[13.5px] ${table && by.length === 0 ? 'font-semibold' : ''}`}
                  >
                    {row + 1} {rowName(i18n, each)}
                  </span>
                  {each.lure && (
                    <span className="narrow block truncate text-[11.5px] text-dim">{rowDetail(i18n, each)}</span>
                  )}
                </div>
                {rods.map((rod, r) => {
                  const score = table?.[row]?.scores[r];
                  const isHere = row === place.row && r === place.rod;
                  const ground = !score ? '' : score.score >= floor ? 'bg-ok' : score.score > 0 ? 'bg-edge' : '';
                  return (
                    <div
                      key={rod.id}
                      id={`pair-${row}-${r}`}
                      role="gridcell"
                      aria-selected={isHere}
                      onClick={() => onPlace({ row, rod: r })}
                      className={`narrower flex cursor-pointer items-center justify-center gap-0.5 border-l border-faint text-[12.5px] ${ground} ${isHere ? 'outline outline-2 -outline-offset-2 outline-ink' : ''} ${score && score.score < floor ? 'text-dim' : ''}`}
                    >
                      {score ? (score.score === 0 ? '·' : scoreText(i18n, score.score)) : ''}
                      {score?.lowest && <span className="text-[10.5px]">{t(`quiver.letter.${score.lowest}`)}</span>}
                    </div>
                  );
                })}
                <div
                  role="gridcell"
                  className="narrow flex items-center justify-end border-l border-faint px-1 text-[12.5px]"
                >
                  {table === null ? '' : by.length === 0 ? `✕` : `${by.length}${by.length >= CROWD ? ' ≡' : ''}`}
                </div>
              </div>
            );
          })}
        </div>
      </div>
    </div>
  );
}
