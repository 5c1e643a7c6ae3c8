import 'server-only';
import { addTripEvents, blocksIn, keepBlock } from '@/db/repo';
import { transact } from '@/db/transact';
import { tripIdSchema } from '@/domain/ids';
import type { TripFileTaken } from '@/domain/log/trip-file';
import { accessTo } from '../access';
import { database } from '../database';
import { refusedInput, textUpTo } from '../json-body';
import { liveHub } from '../live/live-hub';
import { routeResponse } from '../route-response';
import { readTripFile } from './read-trip-file';

const MOST_BYTES = 40_000_000;
/** So many entries are named on the live line; any that a page does not know makes it fetch the trip. */
const MOST_NAMED = 500;

/** Says what a file would bring, line by line; with `confirm` takes it. What is there already stays as it is. */
export const takeTripFile = (request: Request): Promise<Response> =>
  routeResponse(async () => {
    const { benchId, anglerId } = await accessTo('log');
    const asked = new URL(request.url).searchParams;
    const text = await textUpTo(request, MOST_BYTES);
    if (text === null)
      return refusedInput([{ path: '$', given: null, allowed: { kind: 'rule', rule: 'a file of at most 40 MB' } }]);
    const name = asked.get('name') ?? '';
    const into = tripIdSchema.safeParse(asked.get('trip'));
    const read = readTripFile(name, text, into.success ? into.data : null);
    if ('problems' in read) return refusedInput(read.problems);
    if (asked.get('confirm') === 'yes') {
      await transact(database(), async (tx) => {
        await addTripEvents(
          tx,
          benchId,
          read.events.map((event) => ({ tripId: read.tripId, event, behindS: 0, authorId: anglerId })),
        );
        for (const { startS, values } of read.blocks) {
          const { blocks } = await blocksIn(tx, benchId, { fromS: startS, toS: startS + 1 });
          // What this bench read itself stands.
          if (blocks.length === 0) await keepBlock(tx, benchId, startS, values);
        }
      });
      const ids = read.events.slice(-MOST_NAMED).map(({ id }) => id);
      if (ids.length > 0) liveHub(benchId).logged({ kind: 'logged', tripId: read.tripId, ids });
    }
    return Response.json({ tripId: read.tripId, lines: read.lines } satisfies TripFileTaken);
  });
