'use client';

import { useState } from 'react';
import type { Connection } from '@/domain/helm/helm';
import { HELM_LIMITS as L } from '@/domain/helm/helm-limits';
import type { LinkState } from '@/domain/helm/live';
import { useI18n } from '@/i18n/client';
import { ChoiceField } from '@/ui/choice-field';
import { TextField } from '@/ui/text-field';
import { CheckField } from './check-field';
import { PanelButton } from './panel-button';

const HOST = /^[A-Za-z0-9]([A-Za-z0-9.:-]*[A-Za-z0-9])?$/;

/** One connection: where it goes, how it stands, and what came over it. */
export function ConnectionFields({
  connection,
  link,
  busy,
  onKeep,
  onRemove,
}: {
  readonly connection: Connection;
  readonly link: LinkState | null;
  readonly busy: boolean;
  readonly onKeep: (connection: Connection) => void;
  readonly onRemove: () => void;
}) {
  const { t } = useI18n();
  const [draft, setDraft] = useState(connection);
  const [port, setPort] = useState(String(connection.port));
  const portNumber = /^\d+$/.test(port.trim()) ? Number(port) : NaN;
  const portWrong = !(portNumber >= L.port.min && portNumber <= L.port.max);
  const hostWrong = !HOST.test(draft.host.trim());
  const next = { ...draft, host: draft.host.trim(), port: portNumber };
  const changed = !portWrong && JSON.stringify(next) !== JSON.stringify(connection);
  return (
    <section className="flex flex-col gap-2 border-b border-faint pb-3" data-testid={`connection-${connection.id}`}>
      <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
        <TextField
          label={t('helm.connection.name')}
          value={draft.name}
          maxLength={60}
          onValueChange={(name) => setDraft({ ...draft, name })}
        />
        <ChoiceField
          label={t('helm.connection.kind')}
          value={draft.kind}
          options={(['tcp', 'udp'] as const).map((value) => ({ value, label: t(`helm.connection.${value}`) }))}
          onValueChange={(kind) => setDraft({ ...draft, kind })}
        />
        <TextField
          label={t(draft.kind === 'tcp' ? 'helm.connection.host' : 'helm.connection.listenOn')}
          value={draft.host}
          error={hostWrong ? t('helm.connection.hostWrong') : null}
          onValueChange={(host) => setDraft({ ...draft, host })}
        />
        <TextField
          label={t('helm.connection.port')}
          value={port}
          inputMode="numeric"
          error={portWrong ? t('helm.connection.portWrong', { ...L.port }) : null}
          onValueChange={setPort}
        />
      </div>
      <div className="flex flex-wrap items-center gap-x-4">
        <CheckField
          label={t('helm.connection.on')}
          checked={draft.on}
          onChange={(on) => {
            setDraft({ ...draft, on });
            if (!hostWrong && !portWrong) onKeep({ ...next, on });
          }}
        />
        <CheckField
          label={t('helm.connection.needsChecksum')}
          checked={draft.needsChecksum}
          onChange={(needsChecksum) => setDraft({ ...draft, needsChecksum })}
        />
        <PanelButton disabled={busy || !changed || hostWrong} onClick={() => onKeep(next)}>
          {t('helm.save')}
        </PanelButton>
        <PanelButton disabled={busy} onClick={onRemove}>
          {t('helm.remove')}
        </PanelButton>
      </div>
      <LinkText link={link} />
    </section>
  );
}

/** How a connection stands: open or waiting and why, how much was read, what was not understood. */
export function LinkText({ link }: { readonly link: LinkState | null }) {
  const { t } = useI18n();
  if (!link) return <p className="semi-narrow text-[14px] text-dim">{t('helm.connection.state.off')}</p>;
  const counted = (counts: Readonly<Record<string, number>>) =>
    Object.entries(counts)
      .map(([name, count]) => `${name} ${count}`)
      .join(', ');
  return (
    <div className="semi-narrow text-[14px]" data-testid={`link-${link.id}`} data-state={link.state}>
      <p>
        <b className="font-semibold">{t(`helm.connection.state.${link.state}`)}</b>
        {link.why ? ` (${link.why})` : ''} · {t('helm.connection.read', { count: link.read })}
      </p>
      {Object.keys(link.unknown).length > 0 && <p>{t('helm.connection.unknown', { what: counted(link.unknown) })}</p>}
      {Object.keys(link.bad).length > 0 && (
        <p>
          {t('helm.connection.bad', { what: counted(link.bad) })}
          {link.lastBad && (
            <>
              {' '}
              <code className="break-all text-[12px] text-dim">{link.lastBad}</code>
            </>
          )}
        </p>
      )}
    </div>
  );
}
