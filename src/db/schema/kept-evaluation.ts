import { char, datetime, index, mysqlTable } from 'drizzle-orm/mysql-core';
import { document } from './document';

/** The marks of a setup as they were worked out, under the hash of its file and of the core that worked them out. */
export const keptEvaluation = mysqlTable(
  'kept_evaluation',
  {
    hash: char('hash', { length: 64 }).primaryKey(),
    marks: document('marks').notNull(),
    at: datetime('at', { fsp: 3 }).notNull(),
  },
  (table) => [index('kept_evaluation_by_time').on(table.at)],
);
