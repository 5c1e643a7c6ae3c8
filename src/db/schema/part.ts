import { datetime, index, int, mysqlTable, varchar } from 'drizzle-orm/mysql-core';
import type { BenchId, PartId } from '@/domain/ids';
import { partSchema, type PartKind } from '@/domain/parts';
import { bench } from './bench';
import { document } from './document';
import { idColumn } from './id';

export const part = mysqlTable(
  'part',
  {
    id: idColumn<PartId>('id').primaryKey(),
    benchId: idColumn<BenchId>('bench_id')
      .notNull()
      .references(() => bench.id),
    kind: varchar('kind', { length: 32 }).$type<PartKind>().notNull(),
    document: document('document', partSchema).notNull(),
    version: int('version').notNull().default(1),
    updatedAt: datetime('updated_at', { fsp: 3 }).notNull(),
    archivedAt: datetime('archived_at', { fsp: 3 }),
  },
  (table) => [index('part_by_bench').on(table.benchId, table.kind)],
);
