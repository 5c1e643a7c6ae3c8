import { datetime, index, mysqlTable, varchar } from 'drizzle-orm/mysql-core';
import { z } from 'zod';
import type { BenchId, PartId } from '@/domain/ids';
import { bench } from './bench';
import { document } from './document';
import { idColumn } from './id';
import { part } from './part';

/** Fields of a part by path, as they stood. */
export const fieldsSchema = z.record(z.string().max(80), z.unknown());

/** A measurement that replaced what was known of a part, with what stood there before. */
export const reading = mysqlTable(
  'reading',
  {
    id: varchar('id', { length: 64 }).primaryKey(),
    benchId: idColumn<BenchId>('bench_id')
      .notNull()
      .references(() => bench.id),
    partId: idColumn<PartId>('part_id')
      .notNull()
      .references(() => part.id, { onDelete: 'cascade' }),
    guide: varchar('guide', { length: 32 }).notNull(),
    before: document('before', fieldsSchema).notNull(),
    after: document('after', fieldsSchema).notNull(),
    takenAt: datetime('taken_at', { fsp: 3 }).notNull(),
  },
  (table) => [index('reading_by_part').on(table.benchId, table.partId)],
);
