'use client';

import { useI18n } from '@/i18n/client';
import { problemText } from '@/i18n/problem-text';
import type { Problem } from '@/domain/problems';

export interface BrokenRowsProps {
  readonly title: string;
  readonly rows: readonly { readonly id: string; readonly name: string; readonly problems: readonly Problem[] }[];
  readonly busy: boolean;
  readonly onRemove: (id: string) => void;
}

/** Rows of a list that cannot be read: what is wrong with each, and the way to be rid of it. */
export function BrokenRows({ title, rows, busy, onRemove }: BrokenRowsProps) {
  const { t } = useI18n();
  if (rows.length === 0) return null;
  return (
    <details className="border border-ink bg-sheet px-2.5 print:hidden">
      <summary className="semi-narrow min-h-8 cursor-pointer leading-8">{title}</summary>
      <ul>
        {rows.map(({ id, name, problems }) => (
          <li key={id} className="semi-narrow flex flex-wrap items-center gap-2 border-t border-faint py-1 text-[14px]">
            <span className="min-w-0 flex-1">
              <b className="font-semibold">{name || t('broken.unnamed')}</b> <span className="text-dim">{id}</span>:{' '}
              {problems
                .slice(0, 3)
                .map((problem) => problemText(t, problem))
                .join(' ')}
            </span>
            <button
              type="button"
              className="narrow min-h-9 border border-ink px-2 text-[14px]"
              disabled={busy}
              onClick={() => onRemove(id)}
            >
              {t('broken.removeEntry')}
            </button>
          </li>
        ))}
      </ul>
    </details>
  );
}
