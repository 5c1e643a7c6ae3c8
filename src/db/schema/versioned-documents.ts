import { sql } from 'drizzle-orm';
import { check, datetime, int, mysqlTable, primaryKey } from 'drizzle-orm/mysql-core';
import type { BenchId } from '@/domain/ids';
import { bench } from './bench';
import { document } from './document';
import { idColumn } from './id';

/** A table of documents of a bench that are saved whole, each under an id and a version. */
export const versionedDocuments = <Id extends string>(name: string) =>
  mysqlTable(
    name,
    {
      benchId: idColumn<BenchId>('bench_id')
        .notNull()
        .references(() => bench.id),
      id: idColumn<Id>('id').notNull(),
      /** grows with every save; a save that expected another number is refused */
      version: int('version').notNull(),
      document: document('document').notNull(),
      createdAt: datetime('created_at', { fsp: 3 }).notNull(),
    },
    (table) => [
      primaryKey({ columns: [table.benchId, table.id] }),
      check(`${name}_version`, sql`${table.version} >= 0`),
    ],
  );
