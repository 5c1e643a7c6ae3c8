import { sql } from 'drizzle-orm';
import { check, datetime, int, mysqlTable, primaryKey, unique, varchar } from 'drizzle-orm/mysql-core';
import type { AnglerId, BenchId } from '@/domain/ids';
import { bench } from './bench';
import { document } from './document';
import { idColumn } from './id';

/** Who fishes from the bench. */
export const angler = mysqlTable(
  'angler',
  {
    benchId: idColumn<BenchId>('bench_id')
      .notNull()
      .references(() => bench.id, { onDelete: 'cascade' }),
    id: idColumn<AnglerId>('id').notNull(),
    /** empty where nobody gave one */
    name: varchar('name', { length: 60 }).notNull(),
    /** 1 for the one whose figures setups are judged with, else null: so that a bench has one at most */
    usual: int('usual'),
    document: document('document').notNull(),
    version: int('version').notNull(),
    updatedAt: datetime('updated_at', { fsp: 3 }).notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.benchId, table.id] }),
    unique('angler_usual').on(table.benchId, table.usual),
    check('angler_usual_is_one', sql`${table.usual} = 1`),
    check('angler_version', sql`${table.version} >= 0`),
  ],
);
