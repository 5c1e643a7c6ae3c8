'use client';

import { useTransition } from 'react';
import { useI18n } from '@/i18n/client';
import type { Reply } from '@/server/reply';
import { BrokenRows, type BrokenRowsProps } from './broken-rows';
import { send } from './send';

/** Documents of one kind that cannot be read, and the way to be rid of them. */
export function BrokenDocuments({
  of,
  rows,
  remove,
}: {
  readonly of: 'plan' | 'water' | 'spread' | 'trial';
  readonly rows: BrokenRowsProps['rows'];
  readonly remove: (sent: { readonly requestId: string; readonly input: unknown }) => Promise<Reply<null, 'stale'>>;
}) {
  const { t } = useI18n();
  const [busy, start] = useTransition();
  return (
    <BrokenRows
      title={t(`broken.${of}s`, { count: rows.length, names: rows.map(({ name, id }) => name || id).join(', ') })}
      rows={rows}
      busy={busy}
      onRemove={(id) => start(async () => void (await send(`remove-${of}`, remove, { id, expectedVersion: null })))}
    />
  );
}
