import { datetime, index, int, mysqlTable } from 'drizzle-orm/mysql-core';
import { deckSchema } from '@/domain/deck';
import type { BenchId, DeckId } from '@/domain/ids';
import { bench } from './bench';
import { document } from './document';
import { idColumn } from './id';

/** Rods in order for a trip. */
export const deck = mysqlTable(
  'deck',
  {
    id: idColumn<DeckId>('id').primaryKey(),
    benchId: idColumn<BenchId>('bench_id')
      .notNull()
      .references(() => bench.id),
    /** grows with every save; a save that expected another number is refused */
    version: int('version').notNull(),
    document: document('document', deckSchema).notNull(),
    createdAt: datetime('created_at', { fsp: 3 }).notNull(),
  },
  (table) => [index('deck_by_bench').on(table.benchId)],
);
