import { sql } from 'drizzle-orm';
import { check, datetime, int, mysqlTable, primaryKey } from 'drizzle-orm/mysql-core';
import type { BenchId } from '@/domain/ids';
import { bench } from './bench';
import { document } from './document';
import { idColumn } from './id';

/** A boat, canoe or kayak of the bench. */
export const craft = mysqlTable(
  'craft',
  {
    benchId: idColumn<BenchId>('bench_id')
      .notNull()
      .references(() => bench.id, { onDelete: 'cascade' }),
    id: idColumn<string>('id').notNull(),
    /** order in which they are listed */
    position: int('position').notNull(),
    document: document('document').notNull(),
    version: int('version').notNull(),
    updatedAt: datetime('updated_at', { fsp: 3 }).notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.benchId, table.id] }),
    check('craft_position', sql`${table.position} >= 0`),
    check('craft_version', sql`${table.version} >= 0`),
  ],
);
