import { char, datetime, index, mysqlTable, primaryKey, varchar } from 'drizzle-orm/mysql-core';
import type { BenchId } from '@/domain/ids';
import { bench } from './bench';
import { document } from './document';
import { idColumn } from './id';

/** Every change that arrived, under the id its client gave it: a second arrival is answered from here. */
export const request = mysqlTable(
  'request',
  {
    benchId: idColumn<BenchId>('bench_id')
      .notNull()
      .references(() => bench.id, { onDelete: 'cascade' }),
    id: idColumn<string>('id').notNull(),
    action: varchar('action', { length: 40 }).notNull(),
    /** SHA-256 of the input, hexadecimal */
    inputHash: char('input_hash', { length: 64 }).notNull(),
    /** null only inside the transaction that works it out */
    answer: document('answer'),
    at: datetime('at', { fsp: 3 }).notNull(),
  },
  (table) => [primaryKey({ columns: [table.benchId, table.id] }), index('request_by_time').on(table.at)],
);
