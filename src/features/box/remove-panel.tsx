'use client';

import type { Part } from '@/domain/parts';
import { useI18n } from '@/i18n/client';
import { partTitle } from '@/i18n/part-text';
import { Panel } from '@/ui/panel';

export interface RemovePanelProps {
  readonly part: Part;
  readonly uses: readonly { readonly id: string; readonly name: string }[];
  readonly busy: boolean;
  readonly failure: string | null;
  readonly onClose: () => void;
  readonly onRemove: () => void;
}

/** Before a part goes: the setups that would miss it. */
export function RemovePanel({ part, uses, busy, failure, onClose, onRemove }: RemovePanelProps) {
  const i18n = useI18n();
  const { t } = i18n;
  return (
    <Panel
      open
      onOpenChange={(open) => !open && onClose()}
      title={`${t('box.key.remove')} · ${partTitle(i18n, part)}`}
      closeLabel={t('common.cancel')}
    >
      <p>{uses.length === 0 ? t('box.removeUnused') : t('box.removeUsed', { count: uses.length })}</p>
      <ul className="my-2">
        {uses.map(({ id, name }) => (
          <li key={id} className="border-t border-faint py-1">
            {name}
          </li>
        ))}
      </ul>
      {failure && (
        <p role="alert" className="my-2 border-l-2 border-ink pl-2 text-[14px]">
          {failure}
        </p>
      )}
      <button
        type="button"
        disabled={busy}
        onClick={onRemove}
        className="narrow min-h-9 border border-ink px-4 font-semibold"
      >
        {t('box.key.remove')}
      </button>
    </Panel>
  );
}
