import 'server-only';
import { requestIdSchema } from '@/domain/ids';
import { getI18n } from '@/i18n/server';
import { usualAnglerId } from '@/db/repo';
import { accessTo } from '../access';
import { database } from '../database';
import { bundleOf, takeBundle } from '../exchange/bundles';
import { once, TakenBack } from '../once';
import { routeResponse } from '../route-response';
import { guestOf } from './guest';

const gone = () => Response.json({ code: 'not-found' }, { status: 404 });

/** Copies what a link shows to a bench of whoever asks, matched with what is there; sent again it is the same copy. */
export const takeShown = (request: Request, secret: string): Promise<Response> =>
  routeResponse(async () => {
    const { benchId, anglerId } = await accessTo('edit');
    const id = requestIdSchema.safeParse(request.headers.get('idempotency-key'));
    if (!id.success) return Response.json({ code: 'no-request-id' }, { status: 400 });
    const guest = await guestOf(secret);
    if (!guest || (guest.shown.kind !== 'sheet' && guest.shown.kind !== 'spread')) return gone();
    const { kind, id: thing } = guest.shown;
    const bundle = await bundleOf(database(), guest.benchId, { kind, id: thing });
    if (!bundle) return gone();
    const reason = (await getI18n()).t('box.why.import');
    const now = new Date();
    const outcome = await once(
      database(),
      benchId,
      { id: id.data, action: 'take', input: { kind, thing } },
      now,
      async (tx) => {
        const authorId = anglerId ?? (await usualAnglerId(tx, benchId));
        const taken = await takeBundle(tx, benchId, bundle, { now, authorId, reason });
        const href =
          kind === 'sheet'
            ? `/bench/${encodeURIComponent(taken.setups[0]!.id)}`
            : `/spread?spread=${encodeURIComponent(taken.spreads[0]!.id)}`;
        return { newParts: taken.newParts, href };
      },
    ).catch((error: unknown) => {
      if (error instanceof TakenBack) return null;
      throw error;
    });
    if (!outcome) return Response.json({ code: 'busy' }, { status: 503 });
    return outcome.kind === 'answered'
      ? Response.json(outcome.answer)
      : Response.json({ code: 'other-input' }, { status: 409 });
  });
