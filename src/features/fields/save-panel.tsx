'use client';

import { useState, useTransition } from 'react';
import { revisionLetter } from '@/domain/revision-letter';
import { useI18n } from '@/i18n/client';
import { saveRevisionAction, type SaveRevisionReply } from '@/server/actions/save-revision';
import { send } from './send';
import { Panel } from '@/ui/panel';
import { TextField } from '@/ui/text-field';
import type { SetupId } from '@/domain/ids';
import type { Joint } from '@/domain/joint';
import type { Presentation } from '@/domain/presentation';

export interface SavePanelProps {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly setupId: SetupId;
  readonly draft: { readonly chain: readonly Joint[]; readonly presentation: Presentation };
  readonly version: number;
  readonly newest: number;
  readonly onSaved: (saved: { readonly number: number; readonly version: number; readonly reason: string }) => void;
}

type Failure = Exclude<SaveRevisionReply, { ok: true }>['code'] | 'unreachable';

/** Keeps what is in view as a new revision, with its reason. */
export function SavePanel({ open, onOpenChange, setupId, draft, version, newest, onSaved }: SavePanelProps) {
  const { t } = useI18n();
  const [reason, setReason] = useState('');
  const [asked, setAsked] = useState(false);
  const [failure, setFailure] = useState<{ readonly code: Failure; readonly path: string } | null>(null);
  const [saving, startSaving] = useTransition();
  const letter = revisionLetter(newest + 1);

  const save = () => {
    setAsked(true);
    setFailure(null);
    if (reason.trim() === '') return;
    startSaving(async () => {
      const reply = await send('save-revision', saveRevisionAction, {
        setupId,
        expectedVersion: version,
        reason,
        chain: draft.chain,
        presentation: draft.presentation,
      });
      if (reply.ok) {
        onSaved({ ...reply.data, reason: reason.trim() });
        setReason('');
        setAsked(false);
      } else setFailure({ code: reply.code, path: reply.fields[0]?.path ?? '' });
    });
  };

  return (
    <Panel open={open} onOpenChange={onOpenChange} title={t('save.title', { letter })} closeLabel={t('common.cancel')}>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          save();
        }}
      >
        <TextField
          label={t('save.reason')}
          value={reason}
          maxLength={400}
          autoFocus
          onValueChange={setReason}
          error={asked && reason.trim() === '' ? t('problem.reason') : null}
        />
        {failure && (
          <p role="alert" className="mt-2 border-l-2 border-ink pl-2 text-[14px]">
            {failure.code === 'stale' || failure.code === 'not-found' || failure.code === 'bad-input'
              ? t(`save.${failure.code}`, { path: failure.path })
              : t(`failure.${failure.code}`)}{' '}
            {failure.code === 'stale' && (
              <a className="underline" href={`/bench/${setupId}`}>
                {t('save.openNewest')}
              </a>
            )}
          </p>
        )}
        <button
          type="submit"
          disabled={saving}
          className="narrow mt-3 min-h-9 border border-ink bg-hi px-4 font-semibold text-on-hi disabled:opacity-60"
        >
          {saving ? t('save.saving') : t('save.submit')}
        </button>
      </form>
    </Panel>
  );
}
