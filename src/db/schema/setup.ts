import { datetime, index, int, mysqlTable, varchar } from 'drizzle-orm/mysql-core';
import type { BenchId, SetupId } from '@/domain/ids';
import { bench } from './bench';
import { idColumn } from './id';

export const setup = mysqlTable(
  'setup',
  {
    id: idColumn<SetupId>('id').primaryKey(),
    benchId: idColumn<BenchId>('bench_id')
      .notNull()
      .references(() => bench.id),
    name: varchar('name', { length: 120 }).notNull(),
    /** grows with every save; a save that expected another number is refused */
    version: int('version').notNull(),
    createdAt: datetime('created_at', { fsp: 3 }).notNull(),
    archivedAt: datetime('archived_at', { fsp: 3 }),
  },
  (table) => [index('setup_by_bench').on(table.benchId)],
);
