import { sql } from 'drizzle-orm';
import { check, datetime, index, int, mysqlTable, primaryKey, varchar } from 'drizzle-orm/mysql-core';
import type { BenchId, PartId } from '@/domain/ids';
import { bench } from './bench';
import { document } from './document';
import { idColumn } from './id';

export const part = mysqlTable(
  'part',
  {
    benchId: idColumn<BenchId>('bench_id')
      .notNull()
      .references(() => bench.id),
    id: idColumn<PartId>('id').notNull(),
    kind: varchar('kind', { length: 32 }).notNull(),
    document: document('document').notNull(),
    /** grows with every save; a save that expected another number is refused */
    version: int('version').notNull().default(1),
    updatedAt: datetime('updated_at', { fsp: 3 }).notNull(),
    archivedAt: datetime('archived_at', { fsp: 3 }),
  },
  (table) => [
    primaryKey({ columns: [table.benchId, table.id] }),
    index('part_by_kind').on(table.benchId, table.kind),
    check('part_version', sql`${table.version} >= 1`),
  ],
);
