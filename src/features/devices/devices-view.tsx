'use client';

import { useRouter } from 'next/navigation';
import { create } from 'qrcode';
import { useState, useTransition } from 'react';
import { send } from '@/features/fields/send';
import { useI18n } from '@/i18n/client';
import { revokeDeviceAction } from '@/server/actions/devices';
import type { DevicesPage } from '@/server/queries/devices-page';

/** How a phone comes in, and which have: the address to scan, the certificate to trust, the devices that were paired. */
export function DevicesView({ address, fingerprint, devices }: DevicesPage) {
  const { t, date } = useI18n();
  const router = useRouter();
  const [busy, start] = useTransition();
  const [failed, setFailed] = useState(false);
  return (
    <main
      id="main"
      tabIndex={-1}
      className="mx-auto flex max-w-[860px] flex-col gap-5 px-4 py-4 outline-none"
      data-testid="devices"
    >
      <h1 className="narrow text-[20px] font-semibold">{t('devices.title')}</h1>
      {address === null ? (
        <p className="semi-narrow border border-ink bg-sheet px-4 py-3">{t('devices.alone')}</p>
      ) : (
        <section className="flex flex-wrap items-center gap-5 border border-ink bg-sheet px-4 py-3">
          <Code text={address} />
          <div>
            <h2 className="narrow text-[16px] font-semibold">{t('devices.open')}</h2>
            <p className="text-[18px]">{address}</p>
          </div>
        </section>
      )}
      <section className="flex flex-col gap-1.5">
        <h2 className="narrow text-[16px] font-semibold">{t('devices.trust')}</h2>
        <ol className="semi-narrow list-decimal pl-5">
          <li>{t('devices.step1')}</li>
          <li>{t('devices.step2')}</li>
          <li>{t('devices.step3')}</li>
        </ol>
        {fingerprint && (
          <>
            <a className="semi-narrow self-start underline" href="/pair/authority.crt" download>
              {t('devices.authority')}
            </a>
            <p className="semi-narrow break-all text-[13px] text-dim">{t('devices.fingerprint', { fingerprint })}</p>
          </>
        )}
      </section>
      <section className="flex flex-col gap-1.5">
        <h2 className="narrow text-[16px] font-semibold">{t('devices.paired')}</h2>
        {failed && (
          <p role="alert" className="semi-narrow">
            {t('devices.failed')}
          </p>
        )}
        {devices.length === 0 && <p className="semi-narrow text-dim">{t('devices.none')}</p>}
        <ul>
          {devices.map(({ id, name, pairedAt }) => (
            <li key={id} className="semi-narrow flex items-center justify-between gap-3 border-t border-faint py-1.5">
              <span>
                {name}{' '}
                <span className="text-dim">{t('devices.since', { date: date(new Date(pairedAt), 'full') })}</span>
              </span>
              <button
                type="button"
                disabled={busy}
                className="min-h-9 border border-ink px-3 hover:bg-sheet"
                onClick={() =>
                  start(async () => {
                    const reply = await send('revoke-device', revokeDeviceAction, { id });
                    setFailed(!reply.ok);
                    if (reply.ok) router.refresh();
                  })
                }
              >
                {t('devices.revoke')}
              </button>
            </li>
          ))}
        </ul>
      </section>
    </main>
  );
}

/** An address as a square code for a camera. */
function Code({ text }: { readonly text: string }) {
  const { modules } = create(text, { errorCorrectionLevel: 'M' });
  const dark = Array.from({ length: modules.size ** 2 }, (_, i) => i).filter((i) => modules.data[i]);
  return (
    <svg
      viewBox={`-2 -2 ${modules.size + 4} ${modules.size + 4}`}
      width="150"
      height="150"
      shapeRendering="crispEdges"
      role="img"
      aria-label={text}
    >
      <rect x={-2} y={-2} width={modules.size + 4} height={modules.size + 4} fill="white" />
      <path d={dark.map((i) => `M${i % modules.size},${Math.floor(i / modules.size)}h1v1h-1z`).join('')} fill="black" />
    </svg>
  );
}
