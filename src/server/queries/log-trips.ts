import 'server-only';
import { listTrips, type TripHead } from '@/db/repo';
import { findHouse } from '../house/house';
import { pageQuery } from '../page-query';

export interface LogTrips {
  readonly trips: readonly (TripHead & { readonly craft: string | null })[];
}

/** Every trip of the bench, the newest first. */
export const getLogTrips = (): Promise<LogTrips> =>
  pageQuery('log', async (db, benchId) => {
    const [trips, { crafts }] = await Promise.all([listTrips(db, benchId), findHouse(db, benchId)]);
    return {
      trips: trips.map((trip) => ({ ...trip, craft: crafts.find(({ id }) => id === trip.craftId)?.name ?? null })),
    };
  });
