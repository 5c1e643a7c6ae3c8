'use client';

import { useRef } from 'react';
import { useI18n } from '@/i18n/client';
import { Pop } from '@/ui/pop';
import { useLoaded } from '@/ui/use-loaded';
import type { CellProps } from './cell-props';
import { CELLS, cellText, type CellId } from './cell-text';

// Fields come when the first cell is opened: most of a day is kept from before.
const cellFields = () => import('./cell-fields');

export interface StripProps extends Pick<CellProps, 'plan' | 'water' | 'inHand' | 'house'> {
  readonly open: CellId | null;
  readonly onOpen: (cell: CellId | null) => void;
}

/** What is known of the day, a cell a word; each opens to its fields, and Enter goes on to the next. */
export function Strip({ plan, water, inHand, house, open, onOpen }: StripProps) {
  const i18n = useI18n();
  const { t } = i18n;
  // A cell opens with its fields: the focus goes to the first of them.
  const fields = useLoaded(cellFields, open !== null);
  // While one cell hands over to the next, the focus goes along.
  const handsOver = useRef(false);
  return (
    <section
      aria-label={t('today.day')}
      className="grid grid-cols-2 border-l border-t border-ink bg-sheet sm:grid-cols-4 lg:grid-cols-7"
    >
      {CELLS.map((cell, i) => {
        const next = CELLS[i + 1];
        const text = cellText(i18n, cell, { plan, water, house });
        const said = plan.said.includes(cell);
        return (
          <Pop
            key={cell}
            open={open === cell && fields !== null}
            onOpenChange={(isOpen) => onOpen(isOpen ? cell : null)}
            label={t(`today.cell.${cell}`)}
            movesOn={() => {
              const did = handsOver.current;
              handsOver.current = false;
              return did;
            }}
            trigger={
              <button
                type="button"
                data-cell={cell}
                data-said={said}
                className="group min-w-0 border-b border-r border-ink px-3 pt-0.5 text-left hover:bg-paper data-[state=open]:bg-hi data-[state=open]:text-on-hi"
              >
                <span className="narrow block text-[12px] text-dim group-data-[state=open]:text-inherit">
                  {t(`today.cell.${cell}`)}
                </span>
                <span
                  className={`narrow block truncate pb-1 text-[14.5px] leading-tight ${
                    text === ''
                      ? 'text-dim group-data-[state=open]:text-inherit'
                      : `underline underline-offset-4 ${said ? 'decoration-solid' : 'decoration-dashed decoration-1'}`
                  }`}
                >
                  {text === '' ? t('today.notSaid') : text}
                </span>
              </button>
            }
          >
            <form
              onSubmit={(event) => {
                event.preventDefault();
                handsOver.current = next !== undefined;
                onOpen(next ?? null);
              }}
            >
              {fields && (
                <fields.CellFields
                  cell={cell}
                  plan={plan}
                  water={water}
                  inHand={inHand}
                  house={house}
                  change={(changes) => inHand.change(changes, cell)}
                  day={(changes) => inHand.change({ day: { ...plan.day, ...changes } }, cell)}
                />
              )}
              <div className="mt-3 flex justify-between gap-2 border-t border-faint pt-2">
                <button
                  type="button"
                  className="narrow min-h-9 border border-faint px-3 text-[14px]"
                  onClick={() => onOpen(null)}
                >
                  {t('common.close')}
                </button>
                {next && (
                  <button type="submit" className="narrow min-h-9 border border-ink px-3 text-[14px]">
                    {t('today.nextCell', { cell: t(`today.cell.${next}`) })}
                  </button>
                )}
              </div>
            </form>
          </Pop>
        );
      })}
    </section>
  );
}
