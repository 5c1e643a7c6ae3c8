import type { KeyboardEvent, RefObject } from 'react';
import type { Part } from '@/domain/parts';
import { useI18n } from '@/i18n/client';
import { partTitle } from '@/i18n/part-text';
import { ChoiceField } from '@/ui/choice-field';
import type { Filter } from './box-list';

const SHOW = ['all', 'guessed', 'unused', 'short'] as const satisfies readonly Filter['show'][];

export interface BoxSearchProps {
  readonly rods: readonly Part[];
  readonly find: string;
  readonly onFind: (text: string) => void;
  /** the first that is found by a text, and no more */
  readonly onPickFirst: (text: string) => void;
  readonly findRef: RefObject<HTMLInputElement | null>;
  readonly filter: Filter;
  readonly onFilter: (filter: Filter) => void;
}

/** What is looked for in the Box: words, what is guessed or short, what fits a rod. */
export function BoxSearch({ rods, find, onFind, onPickFirst, findRef, filter, onFilter }: BoxSearchProps) {
  const i18n = useI18n();
  const { t } = i18n;
  const onFindKey = (event: KeyboardEvent<HTMLInputElement>) => {
    if (event.key !== 'Enter' && event.key !== 'Escape') return;
    // The list may still be a letter behind; Enter means what stands in the field.
    if (event.key === 'Enter') onPickFirst(event.currentTarget.value);
    event.currentTarget.blur();
  };
  return (
    <div role="search" className="grid grid-cols-2 items-end gap-x-3 gap-y-1 sm:grid-cols-[minmax(0,1fr)_130px_150px]">
      <div className="max-sm:col-span-2">
        <label htmlFor="box-find" className="narrow block text-[12px] text-dim">
          {t('common.find')}
        </label>
        <input
          ref={findRef}
          id="box-find"
          type="search"
          value={find}
          placeholder={t('box.findHint')}
          onChange={(event) => onFind(event.target.value)}
          onKeyDown={onFindKey}
          className="min-h-7 w-full border-b border-faint bg-transparent outline-offset-2 placeholder:text-dim"
        />
      </div>
      <ChoiceField
        label={t('box.show')}
        value={filter.show}
        options={SHOW.map((value) => ({ value, label: t(`box.showing.${value}`) }))}
        onValueChange={(show) => onFilter({ ...filter, show })}
      />
      <ChoiceField
        label={t('box.fits')}
        value={filter.fitsRodId ?? ''}
        options={[
          { value: '', label: t('box.fitsAny') },
          ...rods.map((rod) => ({ value: rod.id as string, label: partTitle(i18n, rod) })),
        ]}
        onValueChange={(id) => onFilter({ ...filter, fitsRodId: id === '' ? null : id })}
      />
    </div>
  );
}
