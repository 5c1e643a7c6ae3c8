import { sql } from 'drizzle-orm';
import { check, datetime, int, mysqlTable, primaryKey, varchar } from 'drizzle-orm/mysql-core';
import type { BenchId, SetupId } from '@/domain/ids';
import { bench } from './bench';
import { idColumn } from './id';

export const setup = mysqlTable(
  'setup',
  {
    benchId: idColumn<BenchId>('bench_id')
      .notNull()
      .references(() => bench.id),
    id: idColumn<SetupId>('id').notNull(),
    name: varchar('name', { length: 120 }).notNull(),
    /** grows with every save; a save that expected another number is refused */
    version: int('version').notNull(),
    createdAt: datetime('created_at', { fsp: 3 }).notNull(),
    archivedAt: datetime('archived_at', { fsp: 3 }),
  },
  (table) => [primaryKey({ columns: [table.benchId, table.id] }), check('setup_version', sql`${table.version} >= 0`)],
);
