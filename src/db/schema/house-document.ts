import { sql } from 'drizzle-orm';
import { check, datetime, int, mysqlTable, primaryKey, varchar } from 'drizzle-orm/mysql-core';
import type { HouseDocumentName } from '@/domain/house';
import type { BenchId } from '@/domain/ids';
import { bench } from './bench';
import { document } from './document';
import { idColumn } from './id';

/** What a bench holds to, a row each for house rules, rules sheet, changed class values and words for rigs. */
export const houseDocument = mysqlTable(
  'house_document',
  {
    benchId: idColumn<BenchId>('bench_id')
      .notNull()
      .references(() => bench.id, { onDelete: 'cascade' }),
    name: varchar('name', { length: 32 }).$type<HouseDocumentName>().notNull(),
    document: document('document').notNull(),
    version: int('version').notNull(),
    updatedAt: datetime('updated_at', { fsp: 3 }).notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.benchId, table.name] }),
    check('house_document_version', sql`${table.version} >= 0`),
  ],
);
