'use client';

import { useState, useTransition, type FormEvent } from 'react';
import { useI18n } from '@/i18n/client';
import { TextField } from '@/ui/text-field';
import { ask } from './ask';
import { leave } from './enter';
import { BUTTON, NotDone } from './section';

/** Deletes one's own account, after the password is said. */
export function LeaveForGood() {
  const { t } = useI18n();
  const [open, setOpen] = useState(false);
  const [password, setPassword] = useState('');
  const [failed, setFailed] = useState<string | null>(null);
  const [busy, start] = useTransition();
  if (!open)
    return (
      <button type="button" className={`${BUTTON} self-start`} onClick={() => setOpen(true)}>
        {t('crew.me.delete')}
      </button>
    );
  const go = (event: FormEvent) => {
    event.preventDefault();
    start(async () => {
      const asked = await ask('account', { password });
      if (asked.ok) return leave();
      setFailed(
        asked.code === 'last-owner'
          ? t('crew.me.lastOwner', { benches: (asked.benches ?? []).join(', ') })
          : asked.status === 403
            ? t('crew.me.wrongOld')
            : asked.status === 429
              ? t('crew.me.tooMany')
              : t('crew.failed'),
      );
    });
  };
  return (
    <form onSubmit={go} className="flex flex-wrap items-end gap-4" aria-label={t('crew.me.delete')}>
      <h3 className="narrow mt-1 w-full text-[14px] font-semibold">{t('crew.me.delete')}</h3>
      <p className="semi-narrow w-full">{t('crew.me.deleteSure')}</p>
      <TextField
        label={t('crew.signIn.password')}
        type="password"
        autoComplete="current-password"
        value={password}
        maxLength={200}
        onValueChange={setPassword}
      />
      <button type="submit" disabled={busy || password === ''} className={BUTTON}>
        {t('crew.me.deleteNow')}
      </button>
      <button type="button" className={BUTTON} onClick={() => setOpen(false)}>
        {t('crew.me.keep')}
      </button>
      {failed && <NotDone>{failed}</NotDone>}
    </form>
  );
}
