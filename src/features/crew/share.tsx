'use client';

import { useState } from 'react';
import { LINK_HOURS, type Shown } from '@/domain/crew/shown';
import { useI18n } from '@/i18n/client';
import { shareAction } from '@/server/actions/crew';
import type { CrewThings } from '@/server/queries/crew-page';
import { ChoiceField } from '@/ui/choice-field';
import { TextField } from '@/ui/text-field';
import { Lasting } from './lasting';
import { MadeLink } from './made-link';
import { newSecret } from './new-secret';
import { BUTTON, Section } from './section';
import { useDo } from './use-do';

const KINDS = ['sheet', 'spread', 'trip', 'helm'] as const satisfies readonly Shown['kind'][];

/** A link to one thing for somebody who is no member. */
export function Share({ address, things }: { readonly address: string; readonly things: CrewThings }) {
  const { t } = useI18n();
  const [kind, setKind] = useState<Shown['kind']>('sheet');
  const [chosen, setChosen] = useState('');
  const [name, setName] = useState('');
  const [hours, setHours] = useState<number>(LINK_HOURS[0]);
  const [made, setMade] = useState<string | null>(null);
  const { busy, failure, run } = useDo();
  const those = kind === 'helm' ? [] : things[kind];
  const id = those.some((each) => each.id === chosen) ? chosen : (those[0]?.id ?? null);
  const share = () => {
    const secret = newSecret();
    const shown = kind === 'helm' ? { kind } : { kind, id };
    run('share', shareAction, { shown, name, hours, secret }, () => setMade(`${address}/shared/${secret}`));
  };
  return (
    <Section title={t('crew.share.title')}>
      <p className="semi-narrow text-dim">{t('crew.share.hint')}</p>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          share();
        }}
        className="flex flex-wrap items-end gap-4"
      >
        <ChoiceField
          label={t('crew.share.what')}
          value={kind}
          options={KINDS.map((value) => ({ value, label: t(`crew.share.${value}`) }))}
          onValueChange={setKind}
        />
        {id !== null && (
          <ChoiceField
            label={t('crew.share.which')}
            value={id}
            options={those.map((each) => ({ value: each.id, label: each.name }))}
            onValueChange={setChosen}
            className="max-w-72"
          />
        )}
        <TextField label={t('crew.invite.name')} value={name} maxLength={60} onValueChange={setName} />
        <Lasting value={hours} onValueChange={setHours} />
        <button type="submit" disabled={busy || (kind !== 'helm' && id === null)} className={BUTTON}>
          {t('crew.share.go')}
        </button>
      </form>
      {kind !== 'helm' && id === null && <p className="semi-narrow">{t('crew.share.none')}</p>}
      {failure}
      {made && <MadeLink address={made} />}
    </Section>
  );
}
