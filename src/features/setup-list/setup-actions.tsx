'use client';

import { useRouter } from 'next/navigation';
import { useState, useTransition } from 'react';
import { useI18n } from '@/i18n/client';
import { send } from '@/features/fields/send';
import { failureText } from '@/i18n/problem-text';
import { copySetupAction, putSetupAwayAction, renameSetupAction, type SetupReply } from '@/server/actions/setups';
import { Panel } from '@/ui/panel';
import { TextField } from '@/ui/text-field';

type Asked = 'rename' | 'copy';

/** What can be done to a setup as a whole. */
export function SetupActions({ setupId, name }: { readonly setupId: string; readonly name: string }) {
  const { t } = useI18n();
  const router = useRouter();
  const [asked, setAsked] = useState<Asked | null>(null);
  const [typed, setTyped] = useState('');
  const [failure, setFailure] = useState<string | null>(null);
  const [busy, start] = useTransition();
  const run = (
    name: string,
    action: (sent: unknown) => Promise<SetupReply>,
    input: unknown,
    onDone: (id: string) => void,
  ) =>
    start(async () => {
      setFailure(null);
      const reply = await send(name, action, input);
      if (reply.ok) onDone(reply.data.setupId);
      else setFailure(failureText(t, reply.code));
    });
  const open = (what: Asked) => {
    setTyped(what === 'copy' ? t('list.copyOf', { name }) : name);
    setAsked(what);
  };
  const submit = () => {
    if (typed.trim() === '') return;
    if (asked === 'rename') run('rename-setup', renameSetupAction, { setupId, name: typed }, () => setAsked(null));
    if (asked === 'copy')
      run('copy-setup', copySetupAction, { setupId, name: typed, reason: t('list.copiedFrom', { name }) }, (id) =>
        router.push(`/bench/${id}`),
      );
  };
  const button = 'narrow min-h-9 px-1.5 text-[13px] text-dim hover:text-ink hover:underline';
  return (
    <span className="flex whitespace-nowrap">
      <button
        type="button"
        className={button}
        aria-label={t('list.renameNamed', { name })}
        onClick={() => open('rename')}
      >
        {t('list.rename')}
      </button>
      <button type="button" className={button} aria-label={t('list.copyNamed', { name })} onClick={() => open('copy')}>
        {t('list.copy')}
      </button>
      <button
        type="button"
        className={button}
        aria-label={t('list.putAwayNamed', { name })}
        disabled={busy}
        onClick={() => run('put-setup-away', putSetupAwayAction, { setupId, away: true }, () => router.refresh())}
      >
        {t('list.putAway')}
      </button>
      {asked === null && failure && (
        <span role="alert" className="semi-narrow text-[13px]">
          {failure}
        </span>
      )}
      <Panel
        open={asked !== null}
        onOpenChange={(next) => !next && setAsked(null)}
        title={asked === 'copy' ? t('list.copyNamed', { name }) : t('list.renameNamed', { name })}
        closeLabel={t('common.cancel')}
      >
        <form
          onSubmit={(event) => {
            event.preventDefault();
            submit();
          }}
        >
          <TextField
            label={t('start.name')}
            value={typed}
            maxLength={120}
            autoFocus
            onValueChange={setTyped}
            error={typed.trim() === '' ? t('start.nameDue') : null}
          />
          {failure && (
            <p role="alert" className="mt-2 border-l-2 border-ink pl-2 text-[14px]">
              {failure}
            </p>
          )}
          <button
            type="submit"
            disabled={busy}
            className="narrow mt-3 min-h-9 border border-ink bg-hi px-4 font-semibold text-on-hi"
          >
            {t('common.save')}
          </button>
        </form>
      </Panel>
    </span>
  );
}

/** A setup that was put away, and the way back. */
export function BringBack({ setupId, name }: { readonly setupId: string; readonly name: string }) {
  const { t } = useI18n();
  const router = useRouter();
  const [busy, start] = useTransition();
  const [failure, setFailure] = useState<string | null>(null);
  return (
    <>
      <button
        type="button"
        disabled={busy}
        aria-label={t('list.bringBackNamed', { name })}
        className="narrow min-h-8 border border-faint px-2 text-[13px] hover:border-ink"
        onClick={() =>
          start(async () => {
            const reply = await send('put-setup-away', putSetupAwayAction, { setupId, away: false });
            setFailure(reply.ok ? null : failureText(t, reply.code));
            if (reply.ok) router.refresh();
          })
        }
      >
        {t('list.bringBack')}
      </button>
      {failure && (
        <span role="alert" className="semi-narrow text-[13px]">
          {failure}
        </span>
      )}
    </>
  );
}
