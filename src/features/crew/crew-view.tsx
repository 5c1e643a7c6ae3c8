'use client';

import { useI18n } from '@/i18n/client';
import type { CrewPage } from '@/server/queries/crew-page';
import { Benches } from './benches';
import { Invite } from './invite';
import { Links } from './links';
import { Me } from './me';
import { Members } from './members';
import { QrCode } from './qr-code';
import { Rods } from './rods';
import { Section } from './section';
import { Share } from './share';

/** Who belongs to the bench, what leads in, how one signs in, and one's benches. */
export function CrewView(page: CrewPage) {
  const { t } = useI18n();
  const { isOn, address, fingerprint, members, links, things, mayManage, mayShare, me, benches, here } = page;
  return (
    <main
      id="main"
      tabIndex={-1}
      className="mx-auto flex max-w-[860px] flex-col gap-4 px-4 py-4 outline-none"
      data-testid="crew"
    >
      <h1 className="narrow text-[20px] font-semibold">{t('crew.title')}</h1>
      {!isOn && <p className="semi-narrow border border-ink bg-sheet px-4 py-3">{t('crew.alone')}</p>}
      {isOn && <Members members={members} mayManage={mayManage} />}
      {isOn && mayManage && address && <Invite address={address} />}
      {isOn && mayShare && address && <Share address={address} things={things} />}
      {isOn && mayShare && <Links links={links} />}
      {me && <Me {...me} />}
      {page.anglers.length > 1 && <Rods {...page} />}
      <Benches benches={benches} here={here} />
      {isOn && address && <Phone address={address} fingerprint={fingerprint} />}
    </main>
  );
}

/** The address to scan, and the certificate to trust where this machine signs its own. */
function Phone({ address, fingerprint }: { readonly address: string; readonly fingerprint: string | null }) {
  const { t } = useI18n();
  return (
    <Section title={t('crew.phone.title')}>
      <div className="flex flex-wrap items-center gap-5">
        <QrCode text={address} />
        <div>
          <p className="semi-narrow">{t('crew.phone.open')}</p>
          <p className="text-[18px]">{address}</p>
        </div>
      </div>
      {fingerprint && (
        <>
          <h3 className="narrow text-[14px] font-semibold">{t('crew.phone.trust')}</h3>
          <ol className="semi-narrow list-decimal pl-5">
            <li>{t('crew.phone.step1')}</li>
            <li>{t('crew.phone.step2')}</li>
            <li>{t('crew.phone.step3')}</li>
          </ol>
          <a className="semi-narrow self-start underline" href="/crew/authority.crt" download>
            {t('crew.phone.authority')}
          </a>
          <p className="semi-narrow break-all text-[13px] text-dim">{t('crew.phone.fingerprint', { fingerprint })}</p>
        </>
      )}
    </Section>
  );
}
