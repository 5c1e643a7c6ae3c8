'use client';

import { useRouter } from 'next/navigation';
import { useState, useTransition } from 'react';
import { send } from '@/features/fields/send';
import { useI18n } from '@/i18n/client';
import { failureText } from '@/i18n/problem-text';
import { emptyBenchAction } from '@/server/actions/bench';
import { Panel } from '@/ui/panel';
import { TextField } from '@/ui/text-field';

/** The way from the demo to a bench of one's own: all is deleted, after it was said so. */
export function EmptyBench() {
  const { t } = useI18n();
  const router = useRouter();
  const [open, setOpen] = useState(false);
  const [name, setName] = useState('');
  const [failure, setFailure] = useState<string | null>(null);
  const [busy, start] = useTransition();
  const empty = () =>
    start(async () => {
      setFailure(null);
      const reply = await send('empty-bench', emptyBenchAction, { name });
      if (!reply.ok) return setFailure(failureText(t, reply.code));
      setOpen(false);
      router.refresh();
    });
  return (
    <>
      <button
        type="button"
        onClick={() => setOpen(true)}
        className="narrow mt-4 min-h-9 text-[14px] text-dim underline underline-offset-2 hover:text-ink"
      >
        {t('list.emptyBench')}
      </button>
      <Panel open={open} onOpenChange={setOpen} title={t('list.emptyBench')} closeLabel={t('common.close')}>
        <p className="mb-2 border-l-2 border-ink pl-2">{t('list.emptyHint')}</p>
        <form
          onSubmit={(event) => {
            event.preventDefault();
            if (name.trim() !== '') empty();
          }}
        >
          <TextField label={t('list.emptyName')} value={name} maxLength={120} onValueChange={setName} />
          {failure && (
            <p role="alert" className="mt-2">
              {failure}
            </p>
          )}
          <button
            type="submit"
            disabled={busy || name.trim() === ''}
            className="narrow mt-3 min-h-10 border border-ink px-4 font-semibold enabled:bg-hi enabled:text-on-hi disabled:border-faint disabled:text-dim"
          >
            {t('list.emptySure')}
          </button>
        </form>
      </Panel>
    </>
  );
}
