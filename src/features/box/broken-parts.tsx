'use client';

import { useI18n } from '@/i18n/client';
import type { Catalogue } from '@/i18n/catalogue';
import { problemText } from '@/i18n/problem-text';
import type { BrokenPart } from '@/server/queries/box-page';

export interface BrokenPartsProps {
  readonly broken: readonly BrokenPart[];
  readonly busy: boolean;
  readonly onMend: (part: BrokenPart) => void;
  readonly onRemove: (part: BrokenPart) => void;
}

const press = 'narrow min-h-9 border border-ink px-2 text-[14px]';

/** Entries of the Box that cannot be read, each with what is wrong and two ways on. */
export function BrokenParts({ broken, busy, onMend, onRemove }: BrokenPartsProps) {
  const { t } = useI18n();
  if (broken.length === 0) return null;
  return (
    <section
      role="group"
      aria-label={t('broken.parts', { count: broken.length })}
      className="border border-ink bg-sheet px-2.5"
    >
      <details open={broken.length < 4}>
        <summary className="semi-narrow min-h-8 cursor-pointer leading-8">
          {t('broken.parts', { count: broken.length })}
        </summary>
        <ul>
          {broken.map((part) => (
            <li
              key={part.id}
              className="semi-narrow flex flex-wrap items-center gap-2 border-t border-faint py-1 text-[14px]"
            >
              <span className="min-w-0 flex-1">
                <b className="font-semibold">{part.name || t('broken.unnamed')}</b>{' '}
                <span className="text-dim">
                  {t.has(`kind.${part.kind as keyof Catalogue['kind']}`)
                    ? t(`kind.${part.kind as keyof Catalogue['kind']}`)
                    : part.kind}{' '}
                  · {part.id}
                </span>
                :{' '}
                {part.problems
                  .slice(0, 3)
                  .map((problem) => problemText(t, problem))
                  .join(' ')}
                <details>
                  <summary className="cursor-pointer text-[12.5px] text-dim">{t('broken.stored')}</summary>
                  <code className="block max-h-40 overflow-auto whitespace-pre-wrap break-all text-[12px]">
                    {JSON.stringify(part.stored)}
                  </code>
                </details>
              </span>
              <button type="button" className={press} disabled={busy} onClick={() => onMend(part)}>
                {t('broken.mendPart')}
              </button>
              <button type="button" className={press} disabled={busy} onClick={() => onRemove(part)}>
                {t('broken.remove')}
              </button>
            </li>
          ))}
        </ul>
      </details>
    </section>
  );
}
