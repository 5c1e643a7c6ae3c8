import { datetime, mysqlTable, primaryKey } from 'drizzle-orm/mysql-core';
import type { BenchId, LeaderId } from '@/domain/ids';
import { bench } from './bench';
import { document } from './document';
import { idColumn } from './id';

/** Leaders that were tied, each for itself. */
export const leader = mysqlTable(
  'leader',
  {
    benchId: idColumn<BenchId>('bench_id')
      .notNull()
      .references(() => bench.id),
    id: idColumn<LeaderId>('id').notNull(),
    document: document('document').notNull(),
    tiedAt: datetime('tied_at', { fsp: 3 }).notNull(),
  },
  (table) => [primaryKey({ columns: [table.benchId, table.id] })],
);
