import { foreignKey, index, mysqlTable, primaryKey } from 'drizzle-orm/mysql-core';
import type { BenchId, PartId, RevisionId } from '@/domain/ids';
import { document } from './document';
import { idColumn } from './id';
import { part } from './part';
import { revision } from './revision';

/** The values of a revision's parts as they were when it was saved. */
export const revisionPart = mysqlTable(
  'revision_part',
  {
    benchId: idColumn<BenchId>('bench_id').notNull(),
    revisionId: idColumn<RevisionId>('revision_id').notNull(),
    partId: idColumn<PartId>('part_id').notNull(),
    document: document('document').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.benchId, table.revisionId, table.partId] }),
    foreignKey({
      name: 'revision_part_revision',
      columns: [table.benchId, table.revisionId],
      foreignColumns: [revision.benchId, revision.id],
    }),
    foreignKey({
      name: 'revision_part_part',
      columns: [table.benchId, table.partId],
      foreignColumns: [part.benchId, part.id],
    }),
    index('revision_part_by_part').on(table.benchId, table.partId),
  ],
);
