import { customType, index, mysqlTable, primaryKey } from 'drizzle-orm/mysql-core';
import type { BenchId, TripId } from '@/domain/ids';
import { bench } from './bench';
import { idColumn } from './id';

const bytes = customType<{ data: Buffer; driverData: Buffer }>({ dataType: () => 'mediumblob' });

/** Photos of fish, made small by the phone that took them. */
export const tripPhoto = mysqlTable(
  'trip_photo',
  {
    benchId: idColumn<BenchId>('bench_id')
      .notNull()
      .references(() => bench.id),
    id: idColumn<string>('id').notNull(),
    tripId: idColumn<TripId>('trip_id').notNull(),
    body: bytes('body').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.benchId, table.id] }),
    index('trip_photo_by_trip').on(table.benchId, table.tripId),
  ],
);
