import 'server-only';
import { z } from 'zod';
import { addTripEvents, listTripEvents, listTrips, type TripRow } from '@/db/repo';
import { transact } from '@/db/transact';
import { tripIdSchema } from '@/domain/ids';
import { behind } from '@/domain/log/clock';
import { tripEventSchema } from '@/domain/log/trip-event';
import { parse, type Problem } from '@/domain/problems';
import { accessTo } from '../access';
import { database } from '../database';
import { refusedInput, withMembersBody } from '../json-body';
import { liveHub } from '../live/live-hub';
import { routeQuery } from '../page-query';
import { routeResponse } from '../route-response';

const MOST_EVENTS = 500;
const MOST_BYTES = 1_000_000;

/** What a phone sends of its outbox. Its version is its own, so that an older phone's entries are read after an upgrade. */
const sentSchema = z.strictObject({
  version: z.literal(1),
  tripId: tripIdSchema,
  /** the phone's clock when it sent this [s since 1970] */
  sentS: z.number().min(0).max(1e11),
  events: z.array(z.unknown()).min(1).max(MOST_EVENTS),
});

interface RefusedEvent {
  /** its place in what was sent, from 0 */
  readonly at: number;
  readonly problems: readonly Problem[];
}

/** Takes events of a trip, in order; what was taken before stays as it is, and a bad one holds nobody up: it is named. */
export const takeTripEvents = (request: Request): Promise<Response> =>
  withMembersBody(
    'log',
    request,
    sentSchema,
    async ({ tripId, sentS, events }, { benchId, anglerId }) => {
      const behindS = behind(sentS, Date.now() / 1000);
      const rows: TripRow[] = [];
      const refused: RefusedEvent[] = [];
      events.forEach((raw, at) => {
        const parsed = parse(tripEventSchema, raw);
        if (parsed.ok) rows.push({ tripId, event: parsed.data, behindS, authorId: anglerId });
        else refused.push({ at, problems: parsed.problems });
      });
      await transact(database(), (tx) => addTripEvents(tx, benchId, rows));
      const taken = rows.map(({ event }) => event.id);
      if (taken.length > 0) liveHub(benchId).logged({ kind: 'logged', tripId, ids: taken });
      return Response.json({ taken, refused, behindS });
    },
    MOST_BYTES,
  );

export const tripHeads = (): Promise<Response> =>
  routeResponse(async () => Response.json({ trips: await routeQuery('log', (db, benchId) => listTrips(db, benchId)) }));

/** The events of one trip by the server's clock, and how many could not be read. */
export const tripEvents = (trip: string): Promise<Response> =>
  routeResponse(async () => {
    const { benchId } = await accessTo('log');
    const id = tripIdSchema.safeParse(trip);
    if (!id.success)
      return refusedInput([{ path: 'trip', given: trip, allowed: { kind: 'rule', rule: 'an id of a trip' } }]);
    const { rows, broken } = await listTripEvents(database(), benchId, id.data);
    return Response.json({ events: rows, broken: broken.length });
  });
