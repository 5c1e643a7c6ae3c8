import { datetime, index, mysqlTable } from 'drizzle-orm/mysql-core';
import type { BenchId, LeaderId } from '@/domain/ids';
import { leaderSchema } from '@/domain/leader';
import { bench } from './bench';
import { document } from './document';
import { idColumn } from './id';

/** Leaders that were tied, each for itself. */
export const leader = mysqlTable(
  'leader',
  {
    id: idColumn<LeaderId>('id').primaryKey(),
    benchId: idColumn<BenchId>('bench_id')
      .notNull()
      .references(() => bench.id),
    document: document('document', leaderSchema).notNull(),
    tiedAt: datetime('tied_at', { fsp: 3 }).notNull(),
  },
  (table) => [index('leader_by_bench').on(table.benchId)],
);
