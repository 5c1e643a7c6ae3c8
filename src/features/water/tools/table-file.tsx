'use client';

import { useState } from 'react';
import { useI18n } from '@/i18n/client';
import { readTable, type TableRead } from '../scene';

export interface TableFileProps<T> {
  readonly kind: Parameters<typeof readTable<T>>[0];
  readonly label: string;
  readonly onRows: (rows: readonly T[]) => void;
}

/** Takes a table from a file: first what it says, line by line, then, when that is confirmed, the table itself. */
export function TableFile<T>({ kind, label, onRows }: TableFileProps<T>) {
  const { t } = useI18n();
  const [read, setRead] = useState<TableRead<T> | null>(null);
  return (
    <div>
      <label className="narrow block text-[13px]">
        {label} <span className="text-dim">({kind.columns.join(', ')})</span>
        <input
          type="file"
          accept=".csv,text/csv"
          className="mt-0.5 block text-[13px]"
          onChange={(event) => {
            const file = event.target.files?.[0];
            if (file) void file.text().then((text) => setRead(readTable(kind, text)));
          }}
        />
      </label>
      {read && (
        <div role="status" className="semi-narrow my-1 border-l-2 border-ink pl-2 text-[13px]">
          {read.missing.length > 0 ? (
            <p>{t('water.table.missing', { columns: read.missing.join(', ') })}</p>
          ) : (
            <>
              <p>{t('water.table.takes', { count: read.rows.length })}</p>
              {read.refused.map(({ line, code, given }) => (
                <p key={line}>{t('water.table.refused', { line, given, why: t(`water.table.why.${code}`) })}</p>
              ))}
              {read.rows.length > 0 && (
                <button
                  type="button"
                  className="narrow min-h-9 border border-ink bg-hi px-3 font-semibold text-on-hi"
                  onClick={() => {
                    onRows(read.rows);
                    setRead(null);
                  }}
                >
                  {t('water.table.take')}
                </button>
              )}
            </>
          )}
        </div>
      )}
    </div>
  );
}
