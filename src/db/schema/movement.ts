import { datetime, double, index, mysqlTable, varchar } from 'drizzle-orm/mysql-core';
import type { BenchId, PartId } from '@/domain/ids';
import { bench } from './bench';
import { idColumn } from './id';
import { part } from './part';

/** What came into stock or went out of it: metres of line, pieces of anything else. */
export const movement = mysqlTable(
  'movement',
  {
    id: varchar('id', { length: 64 }).primaryKey(),
    benchId: idColumn<BenchId>('bench_id')
      .notNull()
      .references(() => bench.id),
    partId: idColumn<PartId>('part_id')
      .notNull()
      .references(() => part.id, { onDelete: 'cascade' }),
    /** positive in, negative out */
    amount: double('amount').notNull(),
    reason: varchar('reason', { length: 200 }).notNull(),
    at: datetime('at', { fsp: 3 }).notNull(),
  },
  (table) => [index('movement_by_part').on(table.benchId, table.partId)],
);
