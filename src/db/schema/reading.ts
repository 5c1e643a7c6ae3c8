import { datetime, foreignKey, index, mysqlTable, primaryKey, varchar } from 'drizzle-orm/mysql-core';
import type { AnglerId, BenchId, PartId } from '@/domain/ids';
import { angler } from './angler';
import { bench } from './bench';
import { document } from './document';
import { idColumn } from './id';
import { part } from './part';

/** A measurement: what was read, the fields of the part it came to, and what stood there before. */
export const reading = mysqlTable(
  'reading',
  {
    benchId: idColumn<BenchId>('bench_id')
      .notNull()
      .references(() => bench.id),
    id: idColumn<string>('id').notNull(),
    partId: idColumn<PartId>('part_id').notNull(),
    guide: varchar('guide', { length: 32 }).notNull(),
    /** masses, drops, times, angles as they were read; null for readings from before these were kept */
    raw: document('raw'),
    before: document('before').notNull(),
    after: document('after').notNull(),
    authorId: idColumn<AnglerId>('author_id'),
    takenAt: datetime('taken_at', { fsp: 3 }).notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.benchId, table.id] }),
    foreignKey({
      name: 'reading_part',
      columns: [table.benchId, table.partId],
      foreignColumns: [part.benchId, part.id],
    }).onDelete('cascade'),
    foreignKey({
      name: 'reading_author',
      columns: [table.benchId, table.authorId],
      foreignColumns: [angler.benchId, angler.id],
    }),
    index('reading_by_part').on(table.benchId, table.partId),
  ],
);
