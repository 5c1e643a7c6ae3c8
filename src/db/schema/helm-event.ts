import { double, index, mysqlTable, primaryKey } from 'drizzle-orm/mysql-core';
import type { AnglerId, BenchId } from '@/domain/ids';
import { bench } from './bench';
import { document } from './document';
import { idColumn } from './id';

/** What was told, typed or answered at the helm; rows are added, never changed. */
export const helmEvent = mysqlTable(
  'helm_event',
  {
    benchId: idColumn<BenchId>('bench_id')
      .notNull()
      .references(() => bench.id),
    id: idColumn<string>('id').notNull(),
    /** seconds since 1970 */
    atS: double('at_s').notNull(),
    /** who told it; null: nobody signs in, or it was told before */
    authorId: idColumn<AnglerId>('author_id'),
    document: document('document').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.benchId, table.id] }),
    index('helm_event_by_time').on(table.benchId, table.atS),
  ],
);
