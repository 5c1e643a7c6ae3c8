import 'server-only';
import { guestMessage } from '@/domain/helm/guest-helm';
import { liveHub } from '../live/live-hub';
import { lineOf } from '../live/routes';
import { routeResponse } from '../route-response';
import { guestOf } from './guest';

/** The readings of a bench, for as long as the link lasts. */
export const guestLine = (request: Request, secret: string): Promise<Response> =>
  routeResponse(async () => {
    const guest = await guestOf(secret);
    if (guest?.shown.kind !== 'helm') return Response.json({ code: 'not-found' }, { status: 404 });
    return lineOf(request, liveHub(guest.benchId), { only: guestMessage, until: guest.until });
  });
