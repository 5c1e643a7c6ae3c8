'use client';

import { useState, useTransition, type FormEvent } from 'react';
import type { Role } from '@/domain/crew/roles';
import { useI18n } from '@/i18n/client';
import { Link } from '@/ui/link';
import { ask } from './ask';
import { Codes } from './codes';
import { enter, signIn } from './enter';
import { BigField, GO, NewPasswordField, OTHER, Said, WayIn } from './way-in';

export interface JoinFormProps {
  readonly secret: string;
  /** null: it was used, or has ended */
  readonly invitation: { readonly benchName: string; readonly role: Role } | null;
  /** who is signed in at this browser already */
  readonly userName: string | null;
}

type Trouble = 'taken' | 'badName' | 'badPassword' | 'over';

/** An invitation, taken by somebody new or by whoever is signed in. */
export function JoinForm({ secret, invitation, userName }: JoinFormProps) {
  const { t } = useI18n();
  const [trouble, setTrouble] = useState<Trouble | 'failed' | null>(null);
  const [codes, setCodes] = useState<readonly string[] | null>(null);
  const [busy, start] = useTransition();
  if (!invitation)
    return (
      <WayIn title={t('crew.join.title')}>
        <Said>{t('crew.join.over')}</Said>
      </WayIn>
    );
  const { benchName, role } = invitation;
  const asNew = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = new FormData(event.currentTarget);
    const [name, password] = [String(form.get('name')), String(form.get('password'))];
    start(async () => {
      const joined = await ask<{ readonly codes: readonly string[] }>('way-in/join', {
        as: 'new',
        secret,
        name,
        password,
      });
      if (!joined.ok) return setTrouble(troubleOf(joined));
      await signIn(name, password);
      setCodes(joined.data.codes);
    });
  };
  const asSignedIn = () =>
    start(async () => {
      const joined = await ask('way-in/join', { as: 'signed-in', secret });
      if (joined.ok) await enter();
      else setTrouble(troubleOf(joined));
    });
  return (
    <WayIn title={t('crew.join.title')}>
      <p>{t('crew.join.invites', { bench: benchName, role: t(`crew.role.${role}`), is: t(`crew.roleIs.${role}`) })}</p>
      {trouble && <Said>{trouble === 'failed' ? t('crew.failed') : t(`crew.join.${trouble}`)}</Said>}
      {codes ? (
        <Codes codes={codes} onKept={() => void enter()} />
      ) : userName ? (
        <button type="button" disabled={busy} onClick={asSignedIn} className={GO}>
          {t('crew.join.as', { name: userName })}
        </button>
      ) : (
        <>
          <form onSubmit={asNew} className="flex flex-col gap-3">
            <BigField label={t('crew.join.name')} name="name" required maxLength={40} autoComplete="username" />
            <NewPasswordField label={t('crew.join.password')} />
            <button type="submit" disabled={busy} className={GO}>
              {t('crew.join.go')}
            </button>
          </form>
          <Link href="/crew/sign-in" className={OTHER}>
            {t('crew.join.have')}
          </Link>
        </>
      )}
    </WayIn>
  );
}

function troubleOf({ code, path }: { readonly code: string; readonly path: string }): Trouble | 'failed' {
  if (code === 'over') return 'over';
  if (code === 'name-taken') return 'taken';
  if (code === 'bad-input') return path === 'password' ? 'badPassword' : 'badName';
  return 'failed';
}
