'use client';

import { useTransition } from 'react';
import { BrokenRows } from '@/features/fields/broken-rows';
import { send } from '@/features/fields/send';
import { useI18n } from '@/i18n/client';
import { removeTrialAction } from '@/server/actions/trials';
import type { TrialsPage } from '@/server/queries/trials-page';

/** Trials that cannot be read, and the way to be rid of them. */
export function BrokenTrials({ rows }: { readonly rows: TrialsPage['broken'] }) {
  const { t } = useI18n();
  const [busy, start] = useTransition();
  return (
    <BrokenRows
      title={t('broken.trials', { count: rows.length, names: rows.map(({ name, id }) => name || id).join(', ') })}
      rows={rows}
      busy={busy}
      onRemove={(id) =>
        start(async () => void (await send('remove-trial', removeTrialAction, { id, expectedVersion: null })))
      }
    />
  );
}
