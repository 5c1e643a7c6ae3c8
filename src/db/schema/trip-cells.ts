import { customType, mysqlTable, primaryKey, varchar } from 'drizzle-orm/mysql-core';
import type { BenchId, TripId } from '@/domain/ids';
import { bench } from './bench';
import { idColumn } from './id';

const bytes = customType<{ data: Buffer; driverData: Buffer }>({ dataType: () => 'mediumblob' });

/** A trip's hours by everything at once, see `domain/log/cells`: worked out from its entries, kept so that questions only sum. */
export const tripCells = mysqlTable(
  'trip_cells',
  {
    benchId: idColumn<BenchId>('bench_id')
      .notNull()
      .references(() => bench.id),
    tripId: idColumn<TripId>('trip_id').notNull(),
    /** in which units their bands are round */
    units: varchar('units', { length: 40 }).notNull(),
    /** of what they were worked out; another one means: anew */
    madeOf: varchar('made_of', { length: 160 }).notNull(),
    body: bytes('body').notNull(),
  },
  (table) => [primaryKey({ columns: [table.benchId, table.tripId, table.units] })],
);
