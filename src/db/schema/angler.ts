import { datetime, mysqlTable } from 'drizzle-orm/mysql-core';
import { anglerSchema } from '@/domain/angler';
import type { BenchId } from '@/domain/ids';
import { bench } from './bench';
import { document } from './document';
import { idColumn } from './id';

/** Who fishes from the bench; one for each. */
export const angler = mysqlTable('angler', {
  benchId: idColumn<BenchId>('bench_id')
    .primaryKey()
    .references(() => bench.id, { onDelete: 'cascade' }),
  document: document('document', anglerSchema).notNull(),
  updatedAt: datetime('updated_at', { fsp: 3 }).notNull(),
});
