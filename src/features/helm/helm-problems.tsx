'use client';

import type { HelmEvent } from '@/domain/helm/helm-event';
import { BrokenRows } from '@/features/fields/broken-rows';
import { send } from '@/features/fields/send';
import { useI18n } from '@/i18n/client';
import { removeHelmAction } from '@/server/actions/helms';
import type { HelmPage } from '@/server/queries/helm-page';
import type { HelmFailure } from './use-helm';

/** What stands in the way: a helm that cannot be read, a change that was not kept, a reading that was not sent. */
export function HelmProblems({
  page,
  failure,
  unsent,
  onKeepAgain,
  onTellAgain,
}: {
  readonly page: HelmPage;
  readonly failure: HelmFailure | null;
  readonly unsent: HelmEvent | null;
  readonly onKeepAgain: () => void;
  readonly onTellAgain: () => void;
}) {
  const { t } = useI18n();
  return (
    <>
      <BrokenRows
        title={t('helm.broken', { count: page.broken.length })}
        rows={page.broken}
        busy={false}
        onRemove={(id) => void send('remove-helm', removeHelmAction, { id, expectedVersion: null })}
      />
      {failure && (
        <Problem
          text={t(failure === 'stale' ? 'helm.stalePage' : 'helm.notKept')}
          onAgain={failure === 'stale' ? null : onKeepAgain}
        />
      )}
      {unsent && <Problem text={t('helm.unsent')} onAgain={onTellAgain} />}
    </>
  );
}

function Problem({ text, onAgain }: { readonly text: string; readonly onAgain: (() => void) | null }) {
  const { t } = useI18n();
  return (
    <p role="alert" className="semi-narrow flex items-center gap-3 border-b border-ink bg-sheet px-4 py-1 text-[15px]">
      {text}
      {onAgain && (
        <button type="button" onClick={onAgain} className="min-h-9 border border-ink px-3">
          {t('helm.sendAgain')}
        </button>
      )}
    </p>
  );
}
