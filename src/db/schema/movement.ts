import { datetime, double, foreignKey, index, mysqlTable, primaryKey, varchar } from 'drizzle-orm/mysql-core';
import type { AnglerId, BenchId, PartId } from '@/domain/ids';
import { angler } from './angler';
import { bench } from './bench';
import { idColumn } from './id';
import { part } from './part';

/** What came into stock or went out of it: metres of line, pieces of anything else. */
export const movement = mysqlTable(
  'movement',
  {
    benchId: idColumn<BenchId>('bench_id')
      .notNull()
      .references(() => bench.id),
    id: idColumn<string>('id').notNull(),
    partId: idColumn<PartId>('part_id').notNull(),
    /** positive in, negative out */
    amount: double('amount').notNull(),
    reason: varchar('reason', { length: 200 }).notNull(),
    authorId: idColumn<AnglerId>('author_id'),
    at: datetime('at', { fsp: 3 }).notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.benchId, table.id] }),
    foreignKey({
      name: 'movement_part',
      columns: [table.benchId, table.partId],
      foreignColumns: [part.benchId, part.id],
    }).onDelete('cascade'),
    foreignKey({
      name: 'movement_author',
      columns: [table.benchId, table.authorId],
      foreignColumns: [angler.benchId, angler.id],
    }),
    index('movement_by_part').on(table.benchId, table.partId),
  ],
);
