'use client';

import type { RefObject } from 'react';
import { newPartId } from '@/domain/made-id';
import type { Part } from '@/domain/parts';
import { LineReading } from '@/features/fields/line-reading';
import { useLine } from '@/features/fields/use-line';
import { useI18n } from '@/i18n/client';

export interface QuickAddProps {
  readonly inputRef: RefObject<HTMLInputElement | null>;
  readonly busy: boolean;
  readonly onAdd: (part: Part, onDone: () => void) => void;
}

/** One line as it stands on the part becomes a part; what was understood is shown before Enter, what was guessed is asked. */
export function QuickAdd({ inputRef, busy, onAdd }: QuickAddProps) {
  const { t } = useI18n();
  const { line, read, isAsked, write, choose, take } = useLine();
  return (
    <form
      aria-label={t('box.add')}
      className="border border-ink bg-sheet"
      onSubmit={(event) => {
        event.preventDefault();
        if (!busy) take((part) => onAdd({ ...part, id: newPartId() }, () => write('')));
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
          onChange={(event) => write(event.target.value)}
          onKeyDown={(event) =>
            event.key === 'Escape' && (event.currentTarget.value === '' ? event.currentTarget.blur() : write(''))
          }
          className="min-h-9 w-full min-w-0 bg-transparent -outline-offset-1 placeholder:text-dim lg:min-h-7"
        />
        <button
          type="submit"
          disabled={!read.part || busy}
          className="narrow min-h-8 shrink-0 whitespace-nowrap border border-ink px-3 text-[13px] font-semibold enabled:bg-hi enabled:text-on-hi disabled:border-faint disabled:text-dim lg:min-h-6"
        >
          {t(isAsked && read.guesses.length > 0 ? 'reading.takeGuesses' : 'box.addSubmit')}
        </button>
      </div>
      <div
        id="quick-add-read"
        role="status"
        className="semi-narrow min-h-6 border-t border-faint px-2 py-0.5 text-[13px]"
      >
        <LineReading read={read} isEmpty={line.trim() === ''} isAsked={isAsked} onChoose={choose} />
      </div>
    </form>
  );
}
