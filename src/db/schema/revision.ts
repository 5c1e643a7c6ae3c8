import { datetime, int, mysqlTable, unique, varchar } from 'drizzle-orm/mysql-core';
import type { BenchId, RevisionId, SetupId } from '@/domain/ids';
import { presentationSchema } from '@/domain/presentation';
import { chainSchema } from '@/domain/setup';
import { bench } from './bench';
import { document } from './document';
import { idColumn } from './id';
import { setup } from './setup';

/** A saved state of a setup; rows are written once and never changed. */
export const revision = mysqlTable(
  'revision',
  {
    id: idColumn<RevisionId>('id').primaryKey(),
    benchId: idColumn<BenchId>('bench_id')
      .notNull()
      .references(() => bench.id),
    setupId: idColumn<SetupId>('setup_id')
      .notNull()
      .references(() => setup.id),
    /** 1, 2, 3, shown as A, B, C */
    number: int('number').notNull(),
    reason: varchar('reason', { length: 400 }).notNull(),
    chain: document('chain', chainSchema).notNull(),
    presentation: document('presentation', presentationSchema).notNull(),
    savedAt: datetime('saved_at', { fsp: 3 }).notNull(),
  },
  (table) => [unique('revision_number').on(table.setupId, table.number)],
);
