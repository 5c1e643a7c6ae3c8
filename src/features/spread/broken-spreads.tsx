'use client';

import { useTransition } from 'react';
import { BrokenRows } from '@/features/fields/broken-rows';
import { send } from '@/features/fields/send';
import { useI18n } from '@/i18n/client';
import { removeSpreadAction } from '@/server/actions/spreads';
import type { SpreadPage } from '@/server/queries/spread-page';

/** Spreads that cannot be read, and the way to be rid of them. */
export function BrokenSpreads({ rows }: { readonly rows: SpreadPage['brokenSpreads'] }) {
  const { t } = useI18n();
  const [busy, start] = useTransition();
  return (
    <BrokenRows
      title={t('broken.spreads', { count: rows.length, names: rows.map(({ name, id }) => name || id).join(', ') })}
      rows={rows}
      busy={busy}
      onRemove={(id) =>
        start(async () => void (await send('remove-spread', removeSpreadAction, { id, expectedVersion: null })))
      }
    />
  );
}
