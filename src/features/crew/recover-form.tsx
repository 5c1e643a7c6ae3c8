'use client';

import { useState, useTransition, type FormEvent } from 'react';
import { useI18n } from '@/i18n/client';
import { ask } from './ask';
import { enter, signIn } from './enter';
import { BigField, GO, NewPasswordField, Said, WayIn } from './way-in';

/** A new password by a recovery code. */
export function RecoverForm() {
  const { t } = useI18n();
  const [trouble, setTrouble] = useState<string | null>(null);
  const [busy, start] = useTransition();
  const recover = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = new FormData(event.currentTarget);
    const text = (name: string) => String(form.get(name));
    start(async () => {
      const [name, password] = [text('name'), text('password')];
      const asked = await ask('way-in/recover', { name, code: text('code'), password });
      if (!asked.ok) return setTrouble(troubleOf(t, asked));
      await signIn(name, password);
      await enter();
    });
  };
  return (
    <WayIn title={t('crew.recover.title')}>
      <p>{t('crew.recover.hint')}</p>
      {trouble && <Said>{trouble}</Said>}
      <form onSubmit={recover} className="flex flex-col gap-3">
        <BigField label={t('crew.signIn.name')} name="name" required maxLength={60} autoComplete="username" />
        <BigField label={t('crew.recover.code')} name="code" required maxLength={40} autoComplete="off" />
        <NewPasswordField label={t('crew.me.new')} />
        <button type="submit" disabled={busy} className={GO}>
          {t('crew.recover.go')}
        </button>
      </form>
    </WayIn>
  );
}

function troubleOf(
  t: ReturnType<typeof useI18n>['t'],
  { status, code, path }: { readonly status: number; readonly code: string; readonly path: string },
): string {
  if (status === 429) return t('crew.recover.tooMany');
  if (code === 'bad-input' && path === 'password') return t('crew.join.badPassword');
  return status === 403 || code === 'bad-input' ? t('crew.recover.wrong') : t('crew.failed');
}
