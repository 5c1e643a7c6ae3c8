import 'server-only';
import { transact } from '@/db/transact';
import { accessTo, NoAccessError } from '../access';
import { database } from '../database';
import { routeResponse } from '../route-response';
import { renewRecoveryCodes } from './accounts';

/** New recovery codes for whoever asks, in the only answer that ever shows them. */
export const renewCodes = (): Promise<Response> =>
  routeResponse(async () => {
    const { userId } = await accessTo('own');
    if (!userId) throw new NoAccessError('not-allowed');
    return Response.json({ codes: await transact(database(), (tx) => renewRecoveryCodes(tx, userId)) });
  });
