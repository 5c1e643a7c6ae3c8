'use client';

import {
  createSortedRowModel,
  rowSortingFeature,
  tableFeatures,
  useTable,
  createColumnHelper,
} from '@tanstack/react-table';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useMemo, useRef } from 'react';
import type { Part } from '@/domain/parts';
import { stockOf } from '@/domain/stock';
import { PartThumb } from '@/features/fields/part-thumb';
import { UNDERLINE } from '@/features/fields/shown-as';
import { useI18n } from '@/i18n/client';
import { leastKnown, partDetail, partTitle } from '@/i18n/part-text';
import type { Provenance } from '@/core/base/quantity';
import { isShort } from './box-list';

export interface PartTableProps {
  readonly parts: readonly Part[];
  readonly usesOf: (part: Part) => number;
  readonly selected: string | null;
  readonly onSelect: (id: string) => void;
  readonly onOrder: (ids: readonly string[]) => void;
}

const features = tableFeatures({ rowSortingFeature, sortedRowModel: createSortedRowModel() });
const helper = createColumnHelper<typeof features, Row>();
const KNOWN_ORDER = { class: 0, label: 1, measured: 2 } as const satisfies Record<Provenance, number>;

interface Row {
  readonly part: Part;
  readonly known: Provenance;
  readonly stock: number | null;
  readonly price: number | null;
  readonly uses: number;
}

const columns = helper.columns([
  // Parts come in the order of a box; titles are words of the reader's language and are made only for rows in view.
  helper.accessor((_, index) => index, { id: 'part' }),
  helper.accessor((row) => KNOWN_ORDER[row.known], { id: 'known' }),
  helper.accessor((row) => row.stock ?? -1, { id: 'left' }),
  helper.accessor((row) => row.price ?? -1, { id: 'price' }),
  helper.accessor('uses', { id: 'used' }),
]);
const COLUMNS = ['part', 'known', 'left', 'price', 'used'] as const;
const GRID =
  'grid grid-cols-[minmax(0,1fr)_60px_56px] items-center gap-x-2 sm:grid-cols-[minmax(0,1fr)_64px_64px_72px_44px]';
/** On a phone the name has the room; price and use stand on the card. */
const ON_DESK = 'max-sm:hidden';

/** The Box as a list: only the rows in view are made, so ten thousand scroll as a hundred do. */
export function PartTable({ parts, usesOf, selected, onSelect, onOrder }: PartTableProps) {
  const i18n = useI18n();
  const { t, format, money } = i18n;
  const data = useMemo<Row[]>(
    () =>
      parts.map((part) => ({
        part,
        known: leastKnown(part),
        stock: stockOf(part),
        price: part.price?.minor ?? null,
        uses: usesOf(part),
      })),
    [parts, usesOf],
  );
  const table = useTable({ features, columns, data, getRowId: (row) => row.part.id });
  const { rows } = table.getRowModel();
  const ids = rows.map((row) => row.original.part.id as string);
  const order = ids.join(' ');
  useEffect(() => onOrder(order === '' ? [] : order.split(' ')), [order, onOrder]);

  const scroller = useRef<HTMLDivElement>(null);
  const rowHeight = 38;
  const virtual = useVirtualizer({
    count: rows.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => rowHeight,
    overscan: 8,
    initialRect: { width: 600, height: 700 },
  });
  const at = selected === null ? -1 : ids.indexOf(selected);
  useEffect(() => {
    if (at >= 0) virtual.scrollToIndex(at);
  }, [at, virtual]);

  return (
    <div
      role="table"
      aria-label={t('box.parts')}
      aria-rowcount={rows.length + 1}
      className="flex min-h-0 flex-1 flex-col border border-ink bg-sheet"
    >
      <div role="row" className={`${GRID} border-b border-ink px-2`}>
        {COLUMNS.map((id) => {
          const column = table.getColumn(id)!;
          const sorted = column.getIsSorted();
          return (
            <div
              key={id}
              role="columnheader"
              aria-sort={sorted === 'asc' ? 'ascending' : sorted === 'desc' ? 'descending' : 'none'}
              className={id === 'part' ? '' : `text-right ${id === 'price' || id === 'used' ? ON_DESK : ''}`}
            >
              <button
                type="button"
                onClick={() => column.toggleSorting()}
                className="narrow min-h-7 text-[12px] text-dim hover:text-ink"
              >
                {t(`box.column.${id}`)}{' '}
                <span aria-hidden="true">{sorted === 'asc' ? '↑' : sorted === 'desc' ? '↓' : ''}</span>
              </button>
            </div>
          );
        })}
      </div>
      <div
        ref={scroller}
        role="rowgroup"
        tabIndex={0}
        aria-label={t('box.parts')}
        className="min-h-0 flex-1 overflow-y-auto max-lg:max-h-[40dvh]"
      >
        <div style={{ height: virtual.getTotalSize() }} className="relative" role="presentation">
          {virtual.getVirtualItems().map((item) => {
            const { part, known, stock, uses } = rows[item.index]!.original;
            const isSelected = part.id === selected;
            return (
              <div
                key={part.id}
                role="row"
                aria-rowindex={item.index + 2}
                aria-selected={isSelected}
                data-part={part.id}
                onClick={() => onSelect(part.id)}
                style={{ transform: `translateY(${item.start}px)`, height: rowHeight }}
                className={`${GRID} absolute inset-x-0 cursor-pointer border-b border-faint px-2 ${isSelected ? 'bg-hi text-on-hi' : ''}`}
              >
                <div role="cell" className="flex min-w-0 items-center gap-x-2">
                  <PartThumb part={part} className="h-7 w-[52px] shrink-0" />
                  <div className="min-w-0">
                    <button
                      type="button"
                      tabIndex={-1}
                      className="semi-narrow block w-full truncate text-left text-[14px] leading-[1.25]"
                    >
                      {partTitle(i18n, part)}
                    </button>
                    <span className={`narrow block truncate text-[12px] leading-[1.2] ${isSelected ? '' : 'text-dim'}`}>
                      {partDetail(i18n, part, null)}
                    </span>
                  </div>
                </div>
                <div role="cell" className="text-right">
                  <span className={`narrow border-b border-current text-[12px] ${UNDERLINE[known]}`}>
                    {t(`provenance.${known}`)}
                  </span>
                </div>
                <div role="cell" className={`narrow text-right text-[13px] ${isShort(part) ? 'font-semibold' : ''}`}>
                  {stock === null ? '–' : part.kind === 'line' ? format(stock, 'distance') : stock}
                  {isShort(part) ? ' !' : ''}
                </div>
                <div role="cell" className={`narrow text-right text-[13px] ${ON_DESK}`}>
                  {part.price ? money(part.price) : '–'}
                </div>
                <div role="cell" className={`narrow text-right text-[13px] ${ON_DESK}`}>
                  {uses === 0 ? '–' : uses}
                </div>
              </div>
            );
          })}
        </div>
        {rows.length === 0 && <p className="semi-narrow px-2 py-2 text-[13px]">{t('box.none')}</p>}
      </div>
    </div>
  );
}
