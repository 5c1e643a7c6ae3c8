'use client';

import { useMemo, useState, type RefObject } from 'react';
import { newPartId } from '@/domain/made-id';
import type { Part } from '@/domain/parts';
import { useI18n } from '@/i18n/client';
import { partDetail, partTitle } from '@/i18n/part-text';
import { fieldLabel, fieldText } from '@/i18n/field-text';
import { useLoaded } from '@/ui/use-loaded';
import type { ReadLine } from './read-line';

export interface QuickAddProps {
  readonly inputRef: RefObject<HTMLInputElement | null>;
  readonly busy: boolean;
  readonly onAdd: (part: Part, onDone: () => void) => void;
}

/** One line as it stands on the part becomes a part; what was understood is shown before Enter. */
export function QuickAdd({ inputRef, busy, onAdd }: QuickAddProps) {
  const i18n = useI18n();
  const { t } = i18n;
  const [line, setLine] = useState('');
  const loaded = useLoaded(reader, line !== '');
  const read = useMemo(() => loaded?.readLine(line) ?? NOT_READ, [loaded, line]);
  const { part, fields } = read;
  const add = () => {
    if (part && !busy) onAdd({ ...part, id: newPartId() }, () => setLine(''));
  };
  return (
    <form
      aria-label={t('box.add')}
      className="border border-ink bg-sheet"
      onSubmit={(event) => {
        event.preventDefault();
        add();
      }}
    >
      <div className="flex items-baseline gap-2 px-2 pt-1">
        <label htmlFor="quick-add" className="narrow shrink-0 text-[13px] font-semibold">
          {t('box.add')}
        </label>
        <input
          ref={inputRef}
          id="quick-add"
          value={line}
          maxLength={200}
          autoComplete="off"
          placeholder={t('box.addHint')}
          aria-describedby="quick-add-read"
          onChange={(event) => setLine(event.target.value)}
          onKeyDown={(event) =>
            event.key === 'Escape' && (event.currentTarget.value === '' ? event.currentTarget.blur() : setLine(''))
          }
          className="min-h-9 w-full min-w-0 bg-transparent -outline-offset-1 placeholder:text-dim lg:min-h-7"
        />
        <button
          type="submit"
          disabled={!part || busy}
          className="narrow min-h-8 shrink-0 border border-ink px-3 text-[13px] font-semibold enabled:bg-hi enabled:text-on-hi disabled:border-faint disabled:text-dim lg:min-h-6"
        >
          {t('box.addSubmit')}
        </button>
      </div>
      <p
        id="quick-add-read"
        role="status"
        className="semi-narrow min-h-6 border-t border-faint px-2 py-0.5 text-[13px]"
      >
        {part && (
          <>
            <strong>{partTitle(i18n, part)}</strong> · {partDetail(i18n, part, null)}
            {fields.map((field) => (
              <span key={field.path} className="text-dim">
                {' '}
                · {fieldLabel(i18n, part.kind, field.path)}{' '}
                <span className="border-b border-dashed border-current">{fieldText(i18n, part, field)}</span>
              </span>
            ))}
            {fields.length > 0 && <span className="text-dim"> · {t('box.restIsClass')}</span>}
          </>
        )}
        {!part && read.kind && (
          <span>
            {t(`kind.${read.kind}`)}:{' '}
            {read.problems.map(({ path }) => fieldLabel(i18n, read.kind!, path.replace(/\.value$/, ''))).join(', ')}{' '}
            {t('box.cannotBe')}
          </span>
        )}
        {!part && !read.kind && (
          <span className="text-dim">{line.trim() === '' ? t('box.addExamples') : t('box.whatIsIt')}</span>
        )}
        {read.leftOver.length > 0 && line.trim() !== '' && (
          <span className="ml-2 italic">{t('box.notUnderstood', { words: read.leftOver.join(', ') })}</span>
        )}
      </p>
    </form>
  );
}

const NOT_READ: ReadLine = { part: null, kind: null, given: [], leftOver: [], problems: [], fields: [] };

// The reader with its lexicon: nobody needs it who does not type.
const reader = () => import('./read-line');
