'use client';

import { useRouter } from 'next/navigation';
import { useState, useTransition, type FormEvent } from 'react';
import { useI18n } from '@/i18n/client';
import { signOutEverywhereAction } from '@/server/actions/crew';
import type { CrewPage } from '@/server/queries/crew-page';
import { TextField } from '@/ui/text-field';
import { ask } from './ask';
import { Codes } from './codes';
import { leave } from './enter';
import { LeaveForGood } from './leave-for-good';
import { BUTTON, NotDone, ROW, Section } from './section';
import { useDo } from './use-do';

/** How whoever is signed in signs in: password, passkeys, recovery codes; and out. */
export function Me({ name, codesLeft, passkeys, takesPasskeys }: NonNullable<CrewPage['me']>) {
  const { t } = useI18n();
  const router = useRouter();
  const [codes, setCodes] = useState<readonly string[] | null>(null);
  const [failed, setFailed] = useState<string | null>(null);
  const [busy, start] = useTransition();
  const { run } = useDo();
  const renew = () =>
    start(async () => {
      const asked = await ask<{ readonly codes: readonly string[] }>('codes', {});
      setFailed(asked.ok ? null : t('crew.failed'));
      if (asked.ok) setCodes(asked.data.codes);
    });
  return (
    <Section title={`${t('crew.me.title')}: ${name}`}>
      {failed && <NotDone>{failed}</NotDone>}
      <div className="flex flex-wrap gap-3">
        <button type="button" className={BUTTON} onClick={() => void leave()}>
          {t('crew.me.signOut')}
        </button>
        <button
          type="button"
          className={BUTTON}
          onClick={() => run('sign-out-everywhere', signOutEverywhereAction, {}, () => void leave())}
        >
          {t('crew.me.everywhere')}
        </button>
      </div>
      <ChangePassword />
      <h3 className="narrow mt-1 text-[14px] font-semibold">{t('crew.passkey.title')}</h3>
      <Passkeys passkeys={passkeys} takesPasskeys={takesPasskeys} />
      <h3 className="narrow mt-1 text-[14px] font-semibold">{t('crew.codes.title')}</h3>
      <p className="semi-narrow text-dim">{t('crew.codes.hint')}</p>
      {codes ? (
        <Codes
          codes={codes}
          onKept={() => {
            setCodes(null);
            router.refresh();
          }}
        />
      ) : (
        <p className="semi-narrow flex flex-wrap items-center gap-3">
          {t('crew.codes.left', { count: codesLeft })}
          <button type="button" disabled={busy} className={BUTTON} onClick={renew}>
            {t('crew.codes.new')}
          </button>
        </p>
      )}
      <LeaveForGood />
    </Section>
  );
}

function Passkeys({ passkeys, takesPasskeys }: Pick<NonNullable<CrewPage['me']>, 'passkeys' | 'takesPasskeys'>) {
  const { t, date } = useI18n();
  const router = useRouter();
  const [failed, setFailed] = useState<'notFresh' | 'failed' | null>(null);
  const [busy, start] = useTransition();
  const add = () =>
    start(async () => {
      const { makePasskey } = await import('./passkeys');
      const made = await makePasskey();
      setFailed(made === 'made' ? null : made === 'not-fresh' ? 'notFresh' : 'failed');
      if (made === 'made') router.refresh();
    });
  const remove = (id: string) =>
    start(async () => {
      const { removePasskey } = await import('./passkeys');
      setFailed((await removePasskey(id)) ? null : 'notFresh');
      router.refresh();
    });
  if (!takesPasskeys) return <p className="semi-narrow text-dim">{t('crew.passkey.notHere')}</p>;
  return (
    <>
      <p className="semi-narrow text-dim">{t('crew.passkey.hint')}</p>
      {failed && <NotDone>{t(`crew.passkey.${failed}`)}</NotDone>}
      {passkeys.length === 0 && <p className="semi-narrow">{t('crew.passkey.none')}</p>}
      <ul>
        {passkeys.map(({ id, since }) => (
          <li key={id} className={ROW}>
            {t('crew.passkey.named', { date: since ? date(new Date(since), 'full') : '–' })}
            <button type="button" disabled={busy} className={BUTTON} onClick={() => remove(id)}>
              {t('crew.passkey.remove')}
            </button>
          </li>
        ))}
      </ul>
      <button type="button" disabled={busy} className={`${BUTTON} self-start`} onClick={add}>
        {t('crew.passkey.add')}
      </button>
    </>
  );
}

function ChangePassword() {
  const { t } = useI18n();
  const [before, setBefore] = useState('');
  const [after, setAfter] = useState('');
  const [said, setSaid] = useState<'changed' | 'wrongOld' | 'badPassword' | 'failed' | null>(null);
  const [busy, start] = useTransition();
  const change = (event: FormEvent) => {
    event.preventDefault();
    if (after.length < 10) return setSaid('badPassword');
    start(async () => {
      const asked = await ask('auth/change-password', {
        currentPassword: before,
        newPassword: after,
        revokeOtherSessions: true,
      });
      setSaid(asked.ok ? 'changed' : asked.status === 400 ? 'wrongOld' : 'failed');
      if (asked.ok) {
        setBefore('');
        setAfter('');
      }
    });
  };
  return (
    <form onSubmit={change} className="flex flex-wrap items-end gap-4" aria-label={t('crew.me.password')}>
      <TextField
        label={t('crew.me.old')}
        type="password"
        autoComplete="current-password"
        value={before}
        maxLength={200}
        onValueChange={setBefore}
      />
      <TextField
        label={t('crew.me.new')}
        type="password"
        autoComplete="new-password"
        value={after}
        maxLength={200}
        onValueChange={setAfter}
      />
      <button type="submit" disabled={busy || before === '' || after === ''} className={BUTTON}>
        {t('crew.me.change')}
      </button>
      {said && (
        <p role={said === 'changed' ? 'status' : 'alert'} className="semi-narrow">
          {said === 'badPassword'
            ? t('crew.join.badPassword')
            : said === 'failed'
              ? t('crew.failed')
              : t(`crew.me.${said}`)}
        </p>
      )}
    </form>
  );
}
