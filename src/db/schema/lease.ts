import { datetime, mysqlTable } from 'drizzle-orm/mysql-core';
import { idColumn } from './id';

/** Who does what only one may do, and until when: named locks are unsafe on a cluster of databases. */
export const lease = mysqlTable('lease', {
  name: idColumn<string>('name').primaryKey(),
  holder: idColumn<string>('holder').notNull(),
  until: datetime('until', { fsp: 3 }).notNull(),
});
