import 'server-only';
import { sql } from 'drizzle-orm';
import { database } from './database';
import { routeResponse } from './route-response';

// Routes and the start of the server are built apart, and each would have its own.
const kept = globalThis as { ferulaStops?: boolean };

/** From now on this instance asks for no more requests. */
export const stopTaking = (): void => void (kept.ferulaStops = true);

/** Whether requests should be sent here: not while the database is away, and not while this instance stops. */
export const ready = (): Promise<Response> =>
  routeResponse(async () => {
    if (kept.ferulaStops) return Response.json({ status: 'stopping' }, { status: 503 });
    await database().execute(sql`select 1`);
    return Response.json({ status: 'ready' });
  });
