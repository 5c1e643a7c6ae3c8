'use client';

import { useState } from 'react';
import { MOST_CONNECTIONS } from '@/domain/helm/helm-limits';
import type { LinkState } from '@/domain/helm/live';
import { useI18n } from '@/i18n/client';
import { Link } from '@/ui/link';
import type { HelmInHand } from '../use-helm';
import type { Phone } from '../use-phone';
import { ConnectionFields, LinkText } from './connection-fields';
import { PanelButton } from './panel-button';
import { ProbeCable } from './probe-cable';
import { RouteTable } from './route-table';
import { benchHeader } from '@/features/fields/page-bench';

const SPEEDS = [1, 5, 20] as const;

/** Where readings come from: connections, a recorded file, this phone; and which sentence feeds which channel. */
export function InstrumentsPanel({
  inHand: { helm, change, busy },
  links,
  phone,
}: {
  readonly inHand: HelmInHand;
  readonly links: readonly LinkState[];
  readonly phone: Phone;
}) {
  const { t } = useI18n();
  const recording = links.find(({ id }) => id === 'recording') ?? null;
  return (
    <div className="flex flex-col gap-4" data-testid="instruments">
      <section className="flex flex-col gap-3">
        {helm.connections.length === 0 && <p className="semi-narrow text-[14px]">{t('helm.connection.none')}</p>}
        {helm.connections.map((connection) => (
          <ConnectionFields
            key={`${connection.id} ${JSON.stringify(connection)}`}
            connection={connection}
            link={links.find(({ id }) => id === connection.id) ?? null}
            busy={busy}
            onKeep={(kept) =>
              change({ connections: helm.connections.map((each) => (each.id === kept.id ? kept : each)) })
            }
            onRemove={() => change({ connections: helm.connections.filter(({ id }) => id !== connection.id) })}
          />
        ))}
        {helm.connections.length < MOST_CONNECTIONS && (
          <PanelButton
            disabled={busy}
            onClick={() =>
              change({
                connections: [
                  ...helm.connections,
                  {
                    id: crypto.randomUUID(),
                    name: t('helm.connection.usualName'),
                    kind: 'tcp',
                    host: '127.0.0.1',
                    port: 10110,
                    needsChecksum: true,
                    on: false,
                  },
                ],
              })
            }
          >
            {t('helm.connection.add')}
          </PanelButton>
        )}
      </section>
      <section className="flex flex-col gap-2 border-t border-ink pt-2">
        <h3 className="narrow text-[16px] font-semibold">{t('helm.phone.title')}</h3>
        <p className="semi-narrow text-[14px] text-dim">{t('helm.phone.hint')}</p>
        <PanelButton onClick={phone.on ? phone.stop : phone.start}>
          {t(phone.on ? 'helm.phone.stop' : 'helm.phone.start')}
        </PanelButton>
        {phone.problem && (
          <p role="alert" className="semi-narrow text-[14px]">
            {t(`helm.phone.problem.${phone.problem}`)}
          </p>
        )}
      </section>
      <Link className="semi-narrow text-[15px] underline" href="/crew">
        {t('helm.crew')}
      </Link>
      <Recording recording={recording} />
      <section className="flex flex-col gap-2 border-t border-ink pt-2">
        <h3 className="narrow text-[16px] font-semibold">{t('helm.cable.title')}</h3>
        <ProbeCable probe={helm.probe} onProbe={(probe) => change({ probe })} />
      </section>
      <section className="flex flex-col gap-2 border-t border-ink pt-2">
        <h3 className="narrow text-[16px] font-semibold">{t('helm.routes.title')}</h3>
        <RouteTable routes={helm.routes} links={links} busy={busy} onRoutes={(routes) => change({ routes })} />
      </section>
    </div>
  );
}

/** A recorded file, played as if it came now. */
function Recording({ recording }: { readonly recording: LinkState | null }) {
  const { t } = useI18n();
  const [speed, setSpeed] = useState<number>(1);
  const [said, setSaid] = useState<'playing' | 'refused' | 'unreachable' | null>(null);
  const play = async (file: File) => {
    try {
      const response = await fetch(`/live/recording?speed=${speed}`, {
        method: 'POST',
        body: file,
        headers: benchHeader(),
      });
      setSaid(response.ok ? 'playing' : response.status === 422 ? 'refused' : 'unreachable');
    } catch {
      setSaid('unreachable');
    }
  };
  return (
    <section className="flex flex-col gap-2 border-t border-ink pt-2">
      <h3 className="narrow text-[16px] font-semibold">{t('helm.recording.title')}</h3>
      <div className="flex flex-wrap items-center gap-3">
        {SPEEDS.map((times) => (
          <label key={times} className="semi-narrow flex min-h-9 items-center gap-1.5 text-[15px]">
            <input type="radio" name="speed" checked={speed === times} onChange={() => setSpeed(times)} />
            {t('helm.recording.times', { times })}
          </label>
        ))}
        <label className="semi-narrow inline-flex min-h-11 cursor-pointer items-center border border-ink px-3 text-[15px] hover:bg-paper focus-within:outline-2">
          {t('helm.recording.choose')}
          <input
            type="file"
            accept=".txt,.log,.nmea,text/plain"
            className="sr-only"
            onChange={(event) => {
              const file = event.target.files?.[0];
              if (file) void play(file);
              event.target.value = '';
            }}
          />
        </label>
      </div>
      {said && (
        <p role="status" className="semi-narrow text-[14px]">
          {t(`helm.recording.${said}`)}
        </p>
      )}
      {recording && <LinkText link={recording} />}
    </section>
  );
}
