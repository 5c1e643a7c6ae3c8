'use client';

import { useState } from 'react';
import type { Part } from '@/domain/parts';
import { useI18n } from '@/i18n/client';
import { partDetail, partTitle } from '@/i18n/part-text';
import { Panel } from '@/ui/panel';

export interface MergePanelProps {
  readonly part: Part;
  /** the others of its kind */
  readonly others: readonly Part[];
  readonly busy: boolean;
  readonly failure: string | null;
  readonly onClose: () => void;
  readonly onMerge: (dropId: string) => void;
}

/** Two entries for one thing: this one stays, the other goes, and its setups take this one. */
export function MergePanel({ part, others, busy, failure, onClose, onMerge }: MergePanelProps) {
  const i18n = useI18n();
  const { t } = i18n;
  const [dropId, setDropId] = useState<string | null>(null);
  return (
    <Panel
      open
      onOpenChange={(open) => !open && onClose()}
      title={t('box.mergeTitle', { part: partTitle(i18n, part) })}
      closeLabel={t('common.cancel')}
    >
      <p className="mb-2">{others.length === 0 ? t('box.mergeNone') : t('box.mergeHint')}</p>
      <div role="radiogroup" aria-label={t('box.mergeHint')} className="max-h-[50dvh] overflow-y-auto">
        {others.map((other) => (
          <label key={other.id} className="flex items-baseline gap-2 border-t border-faint py-1">
            <input type="radio" name="drop" checked={dropId === other.id} onChange={() => setDropId(other.id)} />
            <span className="semi-narrow">
              {partTitle(i18n, other)}{' '}
              <span className="text-dim">
                {partDetail(i18n, other, null)}
                {other.words ? ` · ${other.words}` : ''}
              </span>
            </span>
          </label>
        ))}
      </div>
      {failure && (
        <p role="alert" className="my-2 border-l-2 border-ink pl-2 text-[14px]">
          {failure}
        </p>
      )}
      {others.length > 0 && (
        <button
          type="button"
          disabled={busy || dropId === null}
          onClick={() => dropId && onMerge(dropId)}
          className="narrow mt-3 min-h-9 border border-ink px-4 font-semibold disabled:text-dim"
        >
          {t('box.key.merge')}
        </button>
      )}
    </Panel>
  );
}
