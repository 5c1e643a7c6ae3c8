import { datetime, mysqlTable } from 'drizzle-orm/mysql-core';
import { houseDocumentSchema } from '@/domain/house';
import type { BenchId } from '@/domain/ids';
import { bench } from './bench';
import { document } from './document';
import { idColumn } from './id';

/** What a bench holds to: house rules, crafts, rules sheet, changed class values; one for each. */
export const house = mysqlTable('house', {
  benchId: idColumn<BenchId>('bench_id')
    .primaryKey()
    .references(() => bench.id, { onDelete: 'cascade' }),
  document: document('document', houseDocumentSchema).notNull(),
  updatedAt: datetime('updated_at', { fsp: 3 }).notNull(),
});
