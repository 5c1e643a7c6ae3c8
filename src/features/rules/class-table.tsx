'use client';

import { useState } from 'react';
import {
  CLASS_EDIT_SPAN,
  CLASS_FIGURES,
  type ClassFigure,
  type ClassTable as TableName,
} from '@/core/tackle/defaults/classes';
import { QuantityField } from '@/features/fields/quantity-field';
import { useI18n } from '@/i18n/client';
import { classFieldText, classReasonText, classRowText, measureOfClass } from '@/i18n/class-text';
import { TextField } from '@/ui/text-field';

type Edits = Readonly<Record<string, number>>;

export interface ClassTableProps {
  readonly only?: readonly TableName[];
  readonly edits: Edits;
  readonly onEdits: (edits: Record<string, number>) => void;
}

/** Class values with their reasons; each can be changed, and a changed one goes back with one press. */
export function ClassTable({ only, edits, onEdits }: ClassTableProps) {
  const i18n = useI18n();
  const { t } = i18n;
  const [find, setFind] = useState('');
  const asked = find.trim().toLocaleLowerCase();
  const tables = [...new Set(CLASS_FIGURES.map(({ table }) => table))].filter((table) => !only || only.includes(table));
  const shown = tables
    .map((table) => ({
      table,
      rows: rowsOf(table).filter(([figure]) =>
        `${t(`classTable.${table}`)} ${classRowText(i18n, figure!)} ${classReasonText(i18n, figure!)}`
          .toLocaleLowerCase()
          .includes(asked),
      ),
    }))
    .filter(({ rows }) => rows.length > 0);
  const put = (path: string, value: number | null) => {
    const { [path]: _, ...rest } = edits;
    onEdits(value === null ? rest : { ...rest, [path]: value });
  };
  return (
    <>
      <div className="mb-2 flex items-end gap-4">
        <TextField className="w-56" label={t('rules.find')} value={find} onValueChange={setFind} />
        <span className="narrow text-[13px] text-dim">{t('rules.changed', { count: Object.keys(edits).length })}</span>
      </div>
      {shown.length === 0 && <p>{t('rules.none')}</p>}
      {shown.map(({ table, rows }) => (
        <details key={table} open={asked !== '' || only !== undefined} className="border-t border-ink">
          <summary className="narrow flex min-h-9 cursor-pointer items-center gap-2 text-[15px] font-semibold">
            {t(`classTable.${table}`)}{' '}
            <span className="font-normal text-dim">
              {rows.flat().filter(({ path }) => path in edits).length > 0
                ? t('rules.changed', { count: rows.flat().filter(({ path }) => path in edits).length })
                : ''}
            </span>
          </summary>
          {rows.map((figures) => (
            <div
              key={figures[0]!.row}
              className="grid gap-x-4 border-t border-faint py-1 sm:grid-cols-[15rem_minmax(0,1fr)]"
            >
              <div>
                <p className="leading-tight">{classRowText(i18n, figures[0]!)}</p>
                <p className="semi-narrow text-[13px] leading-tight text-dim">{classReasonText(i18n, figures[0]!)}</p>
              </div>
              <div className="grid grid-cols-2 gap-x-4 lg:grid-cols-4">
                {figures.map((figure) => (
                  <ClassField
                    key={figure.path}
                    figure={figure}
                    edited={edits[figure.path] ?? null}
                    onEdit={(value) => put(figure.path, value)}
                  />
                ))}
              </div>
            </div>
          ))}
        </details>
      ))}
    </>
  );
}

function ClassField({
  figure,
  edited,
  onEdit,
}: {
  readonly figure: ClassFigure;
  readonly edited: number | null;
  readonly onEdit: (value: number | null) => void;
}) {
  const i18n = useI18n();
  const { measure, si } = measureOfClass(figure);
  const [lo, hi] = [figure.value / CLASS_EDIT_SPAN, figure.value * CLASS_EDIT_SPAN].sort((a, b) => a - b) as [
    number,
    number,
  ];
  return (
    <div data-state={edited === null ? 'class' : 'own'} className="min-w-0 data-[state=own]:font-semibold">
      <QuantityField
        label={classFieldText(i18n, figure)}
        measure={measure}
        value={(edited ?? figure.value) * si}
        limits={{ min: lo * si, max: hi * si }}
        onValueChange={(value) =>
          value !== null &&
          Math.abs(value / si - (edited ?? figure.value)) > 1e-9 * Math.abs(figure.value) &&
          onEdit(value / si)
        }
      />
      {edited !== null && (
        <button type="button" onClick={() => onEdit(null)} className="narrow min-h-7 text-[12px] font-normal underline">
          ↶ {i18n.t('rules.back', { value: i18n.format(figure.value * si, measure) })}
        </button>
      )}
    </div>
  );
}

const rowsOf = (table: TableName): readonly (readonly ClassFigure[])[] => {
  const figures = CLASS_FIGURES.filter((figure) => figure.table === table);
  return [...new Set(figures.map(({ row }) => row))].map((row) => figures.filter((figure) => figure.row === row));
};
