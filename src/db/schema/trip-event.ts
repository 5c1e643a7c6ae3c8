import { double, index, mysqlTable, primaryKey, varchar } from 'drizzle-orm/mysql-core';
import type { AnglerId, BenchId, TripId } from '@/domain/ids';
import { bench } from './bench';
import { document } from './document';
import { idColumn } from './id';

/** What happened on trips, as phones told it; rows are added, never changed. */
export const tripEvent = mysqlTable(
  'trip_event',
  {
    benchId: idColumn<BenchId>('bench_id')
      .notNull()
      .references(() => bench.id),
    tripId: idColumn<TripId>('trip_id').notNull(),
    id: idColumn<string>('id').notNull(),
    /** what it is, to find trips without opening every document */
    kind: varchar('kind', { length: 20 }).notNull(),
    /** seconds since 1970, by the clock of the phone that told it */
    atS: double('at_s').notNull(),
    /** how far that clock was behind the server's when it was sent [s] */
    behindS: double('behind_s').notNull(),
    /** who told it; null: nobody signs in, or it was told before */
    authorId: idColumn<AnglerId>('author_id'),
    document: document('document').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.benchId, table.id] }),
    index('trip_event_by_trip').on(table.benchId, table.tripId, table.atS),
  ],
);
