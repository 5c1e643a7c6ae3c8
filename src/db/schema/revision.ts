import { sql } from 'drizzle-orm';
import { check, datetime, foreignKey, int, mysqlTable, primaryKey, unique, varchar } from 'drizzle-orm/mysql-core';
import type { AnglerId, BenchId, RevisionId, SetupId } from '@/domain/ids';
import { angler } from './angler';
import { bench } from './bench';
import { document } from './document';
import { idColumn } from './id';
import { setup } from './setup';

/** A saved state of a setup; rows are written once and never changed. */
export const revision = mysqlTable(
  'revision',
  {
    benchId: idColumn<BenchId>('bench_id')
      .notNull()
      .references(() => bench.id),
    id: idColumn<RevisionId>('id').notNull(),
    setupId: idColumn<SetupId>('setup_id').notNull(),
    /** 1, 2, 3, shown as A, B, C */
    number: int('number').notNull(),
    reason: varchar('reason', { length: 400 }).notNull(),
    chain: document('chain').notNull(),
    presentation: document('presentation').notNull(),
    authorId: idColumn<AnglerId>('author_id'),
    savedAt: datetime('saved_at', { fsp: 3 }).notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.benchId, table.id] }),
    unique('revision_number').on(table.benchId, table.setupId, table.number),
    foreignKey({
      name: 'revision_setup',
      columns: [table.benchId, table.setupId],
      foreignColumns: [setup.benchId, setup.id],
    }),
    foreignKey({
      name: 'revision_author',
      columns: [table.benchId, table.authorId],
      foreignColumns: [angler.benchId, angler.id],
    }),
    check('revision_number_from_one', sql`${table.number} >= 1`),
  ],
);
