import 'server-only';
import { z } from 'zod';
import { findPhoto, keepPhoto } from '@/db/repo';
import { tripIdSchema } from '@/domain/ids';
import { accessTo } from '../access';
import { database } from '../database';
import { bytesUpTo, refusedInput } from '../json-body';
import { routeResponse } from '../route-response';

/** A phone makes a photo this small at most; a little room for what a server counts otherwise [bytes]. */
const MOST_BYTES = 310_000;
const JPEG = [0xff, 0xd8, 0xff] as const;
const idSchema = z.uuid();

const refused = (rule: string) => refusedInput([{ path: 'photo', given: null, allowed: { kind: 'rule', rule } }]);

/** Takes a photo under the id that the phone gave it; sent again it is the same one. */
export const takePhoto = (request: Request, id: string): Promise<Response> =>
  routeResponse(async () => {
    const { benchId } = await accessTo('log');
    const tripId = tripIdSchema.safeParse(new URL(request.url).searchParams.get('trip'));
    if (!idSchema.safeParse(id).success || !tripId.success) return refused('an id of a photo, and of its trip');
    const body = await bytesUpTo(request, MOST_BYTES);
    if (!body || !JPEG.every((byte, i) => body[i] === byte)) return refused('a JPEG picture of at most 300 kB');
    await keepPhoto(database(), benchId, { id, tripId: tripId.data, body });
    return new Response(null, { status: 204 });
  });

export const photoOf = (id: string): Promise<Response> =>
  routeResponse(async () => {
    const { benchId } = await accessTo('log');
    const body = idSchema.safeParse(id).success ? await findPhoto(database(), benchId, id) : null;
    if (!body) return new Response('There is no photo under this address.\n', { status: 404 });
    return new Response(new Uint8Array(body), {
      headers: { 'content-type': 'image/jpeg', 'cache-control': 'private, max-age=31536000, immutable' },
    });
  });
