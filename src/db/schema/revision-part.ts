import { index, mysqlTable, primaryKey } from 'drizzle-orm/mysql-core';
import type { PartId, RevisionId } from '@/domain/ids';
import { partSchema } from '@/domain/parts';
import { document } from './document';
import { idColumn } from './id';
import { part } from './part';
import { revision } from './revision';

/** The values of a revision's parts as they were when it was saved. */
export const revisionPart = mysqlTable(
  'revision_part',
  {
    revisionId: idColumn<RevisionId>('revision_id')
      .notNull()
      .references(() => revision.id),
    partId: idColumn<PartId>('part_id')
      .notNull()
      .references(() => part.id),
    document: document('document', partSchema).notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.revisionId, table.partId] }),
    index('revision_part_by_part').on(table.partId),
  ],
);
