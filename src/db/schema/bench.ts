import { datetime, mysqlTable, varchar } from 'drizzle-orm/mysql-core';
import type { BenchId } from '@/domain/ids';
import { idColumn } from './id';

export const bench = mysqlTable('bench', {
  id: idColumn<BenchId>('id').primaryKey(),
  name: varchar('name', { length: 120 }).notNull(),
  createdAt: datetime('created_at', { fsp: 3 }).notNull(),
});
