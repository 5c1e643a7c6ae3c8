'use client';

import { useState, useTransition, type FormEvent } from 'react';
import { useI18n } from '@/i18n/client';
import { Link } from '@/ui/link';
import type { Asked } from './ask';
import { enter, signIn } from './enter';
import { BigField, GO, OTHER, Said, WayIn } from './way-in';

type Trouble = 'wrong' | 'tooMany' | 'unreachable' | 'noPasskey' | 'failed';

/** By password, or by a passkey where this address can have them. */
export function SignInForm({ takesPasskeys }: { readonly takesPasskeys: boolean }) {
  const { t } = useI18n();
  const [trouble, setTrouble] = useState<Trouble | null>(null);
  const [busy, start] = useTransition();
  const byPassword = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = new FormData(event.currentTarget);
    start(async () => {
      const asked = await signIn(String(form.get('name')), String(form.get('password')));
      if (asked.ok) await enter();
      else setTrouble(troubleOf(asked));
    });
  };
  const byPasskey = () =>
    start(async () => {
      const { takePasskey } = await import('./passkeys');
      if (await takePasskey()) await enter();
      else setTrouble('noPasskey');
    });
  return (
    <WayIn title={t('crew.signIn.title')}>
      {trouble && <Said>{t(`crew.signIn.${trouble}`)}</Said>}
      <form onSubmit={byPassword} className="flex flex-col gap-3">
        <BigField label={t('crew.signIn.name')} name="name" required maxLength={60} autoComplete="username webauthn" />
        <BigField
          label={t('crew.signIn.password')}
          name="password"
          type="password"
          required
          maxLength={200}
          autoComplete="current-password"
        />
        <button type="submit" disabled={busy} className={GO}>
          {t('crew.signIn.go')}
        </button>
      </form>
      {takesPasskeys && (
        <button type="button" disabled={busy} onClick={byPasskey} className={OTHER}>
          {t('crew.signIn.passkey')}
        </button>
      )}
      <Link href="/crew/recover" className="semi-narrow flex min-h-11 items-center underline underline-offset-2">
        {t('crew.signIn.forgot')}
      </Link>
    </WayIn>
  );
}

const troubleOf = ({ status }: Extract<Asked<unknown>, { ok: false }>): Trouble => {
  switch (status) {
    case 0:
      return 'unreachable';
    case 429:
      return 'tooMany';
    case 400:
    case 401:
      return 'wrong';
    default:
      return 'failed';
  }
};
