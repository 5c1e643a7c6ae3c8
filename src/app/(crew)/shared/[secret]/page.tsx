import { GuestFrame } from '@/features/crew/guest-frame';
import { GuestSheet } from '@/features/bench/guest-sheet';
import { HelmMirror } from '@/features/helm/helm-mirror';
import { DayView } from '@/features/log/day/day-view';
import { SpreadCard } from '@/features/spread/card/spread-card';
import { Words } from '@/i18n/words';
import { getGuestPage, type GuestThing } from '@/server/guest/guest-page';

export default async function SharedRoute({ params }: { readonly params: Promise<{ readonly secret: string }> }) {
  const { secret } = await params;
  const page = await getGuestPage(secret);
  return (
    <GuestFrame secret={secret} page={page && { by: page.by, until: page.until, takeInto: page.takeInto }}>
      {page && <Thing thing={page.thing} secret={secret} />}
    </GuestFrame>
  );
}

function Thing({ thing, secret }: { readonly thing: GuestThing; readonly secret: string }) {
  switch (thing.kind) {
    case 'sheet':
      return (
        <Words room="bench">
          <GuestSheet {...thing} />
        </Words>
      );
    case 'spread':
      return (
        <Words room="spread">
          <SpreadCard {...thing.page} isGuest />
        </Words>
      );
    case 'trip':
      return (
        <Words room="log">
          <DayView day={thing.day} isGuest />
        </Words>
      );
    case 'helm':
      return (
        <Words room="helm">
          <HelmMirror helm={thing.helm} from={`/shared/${secret}/live`} />
        </Words>
      );
  }
}
