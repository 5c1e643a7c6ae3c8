import { sql } from 'drizzle-orm';
import { check, datetime, int, mysqlTable, primaryKey } from 'drizzle-orm/mysql-core';
import type { BenchId, DeckId } from '@/domain/ids';
import { bench } from './bench';
import { document } from './document';
import { idColumn } from './id';

/** Rods in order for a trip. */
export const deck = mysqlTable(
  'deck',
  {
    benchId: idColumn<BenchId>('bench_id')
      .notNull()
      .references(() => bench.id),
    id: idColumn<DeckId>('id').notNull(),
    /** grows with every save; a save that expected another number is refused */
    version: int('version').notNull(),
    document: document('document').notNull(),
    createdAt: datetime('created_at', { fsp: 3 }).notNull(),
  },
  (table) => [primaryKey({ columns: [table.benchId, table.id] }), check('deck_version', sql`${table.version} >= 0`)],
);
