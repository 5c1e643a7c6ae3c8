'use client';

import { useId, useState } from 'react';
import { LINK_HOURS } from '@/domain/crew/shown';
import { useI18n } from '@/i18n/client';
import { inviteAction } from '@/server/actions/crew';
import { ChoiceField } from '@/ui/choice-field';
import { TextField } from '@/ui/text-field';
import { Lasting } from './lasting';
import { MadeLink } from './made-link';
import { newSecret } from './new-secret';
import { BUTTON, Section } from './section';
import { useDo } from './use-do';

const ROLES = ['builder', 'mate'] as const;

/** An invitation as a link and a code to scan. */
export function Invite({ address }: { readonly address: string }) {
  const { t } = useI18n();
  const [role, setRole] = useState<(typeof ROLES)[number]>('mate');
  const [name, setName] = useState('');
  const [hours, setHours] = useState<number>(LINK_HOURS[1]);
  const [made, setMade] = useState<string | null>(null);
  const { busy, failure, run } = useDo();
  const hint = useId();
  const invite = () => {
    const secret = newSecret();
    run('invite', inviteAction, { role, name, hours, secret }, () => setMade(`${address}/crew/join/${secret}`));
  };
  return (
    <Section title={t('crew.invite.title')}>
      <p id={hint} className="semi-narrow text-dim">
        {t('crew.invite.hint')}
      </p>
      <form
        aria-describedby={hint}
        onSubmit={(event) => {
          event.preventDefault();
          invite();
        }}
        className="flex flex-wrap items-end gap-4"
      >
        <ChoiceField
          label={t('crew.invite.to')}
          value={role}
          options={ROLES.map((value) => ({ value, label: t(`crew.role.${value}`) }))}
          onValueChange={setRole}
        />
        <TextField label={t('crew.invite.name')} value={name} maxLength={60} onValueChange={setName} />
        <Lasting value={hours} onValueChange={setHours} />
        <button type="submit" disabled={busy} className={BUTTON}>
          {t('crew.invite.go')}
        </button>
      </form>
      <p className="semi-narrow text-dim">{t(`crew.roleIs.${role}`)}</p>
      {failure}
      {made && <MadeLink address={made} />}
    </Section>
  );
}
