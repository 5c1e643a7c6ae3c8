import { mysqlTable } from 'drizzle-orm/mysql-core';
import type { BenchId } from '@/domain/ids';
import { idColumn } from './id';

/**
 * Which state of a bench this is: a new one with every change. No foreign key leads to the bench, since the check of one locks
 * the bench's row, and changes that run at once would then wait for each other in a circle.
 */
export const benchState = mysqlTable('bench_state', {
  benchId: idColumn<BenchId>('bench_id').primaryKey(),
  state: idColumn<string>('state').notNull(),
});
