import { sql } from 'drizzle-orm';
import { bigint, datetime, index, mediumtext, mysqlTable } from 'drizzle-orm/mysql-core';
import type { BenchId } from '@/domain/ids';
import { bench } from './bench';
import { idColumn } from './id';

/** What one instance of the application tells the pages of the others; rows live for seconds. */
export const liveMessage = mysqlTable(
  'live_message',
  {
    id: bigint('id', { mode: 'number' }).autoincrement().primaryKey(),
    benchId: idColumn<BenchId>('bench_id')
      .notNull()
      .references(() => bench.id, { onDelete: 'cascade' }),
    /** the instance that told it */
    origin: idColumn<string>('origin').notNull(),
    /** by the database's clock: those of the instances differ */
    at: datetime('at', { fsp: 3 })
      .notNull()
      .default(sql`(utc_timestamp(3))`),
    body: mediumtext('body').notNull(),
  },
  (table) => [index('live_message_by_time').on(table.benchId, table.at)],
);
