import { sql } from 'drizzle-orm';
import { char, check, datetime, foreignKey, index, mysqlTable, primaryKey, varchar } from 'drizzle-orm/mysql-core';
import type { Role } from '@/domain/crew/roles';
import type { Shown } from '@/domain/crew/shown';
import type { AnglerId, BenchId, PartId } from '@/domain/ids';
import { user } from './account';
import { angler } from './angler';
import { bench } from './bench';
import { idColumn } from './id';
import { part } from './part';

/** Who belongs to which bench, as what, and which of its anglers that is. */
export const member = mysqlTable(
  'member',
  {
    benchId: idColumn<BenchId>('bench_id')
      .notNull()
      .references(() => bench.id, { onDelete: 'cascade' }),
    userId: idColumn<string>('user_id')
      .notNull()
      .references(() => user.id, { onDelete: 'cascade' }),
    role: varchar('role', { length: 12 }).$type<Role>().notNull(),
    anglerId: idColumn<AnglerId>('angler_id').notNull(),
    since: datetime('since', { fsp: 3 }).notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.benchId, table.userId] }),
    index('member_by_user').on(table.userId),
    check('member_role', sql`${table.role} in ('owner', 'builder', 'mate')`),
  ],
);

/** A link that leads in: a member where it has a role, else somebody who only looks at what it shows. Of its secret only the hash is kept. */
export const link = mysqlTable(
  'link',
  {
    id: idColumn<string>('id').primaryKey(),
    benchId: idColumn<BenchId>('bench_id')
      .notNull()
      .references(() => bench.id, { onDelete: 'cascade' }),
    hash: char('hash', { length: 64 }).notNull().unique(),
    role: varchar('role', { length: 12 }).$type<Role>(),
    shows: varchar('shows', { length: 12 }).$type<Shown['kind']>(),
    /** id of what is shown; null for the helm, which is one */
    thingId: idColumn<string>('thing_id'),
    /** for whom, in the words of who made it */
    name: varchar('name', { length: 60 }).notNull(),
    madeBy: idColumn<AnglerId>('made_by'),
    madeAt: datetime('made_at', { fsp: 3 }).notNull(),
    until: datetime('until', { fsp: 3 }).notNull(),
  },
  (table) => [
    index('link_by_bench').on(table.benchId),
    check('link_leads_one_way', sql`(${table.role} is null) <> (${table.shows} is null)`),
  ],
);

/** Who has a rod now. */
export const rodHolder = mysqlTable(
  'rod_holder',
  {
    benchId: idColumn<BenchId>('bench_id').notNull(),
    partId: idColumn<PartId>('part_id').notNull(),
    anglerId: idColumn<AnglerId>('angler_id').notNull(),
    since: datetime('since', { fsp: 3 }).notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.benchId, table.partId] }),
    foreignKey({
      name: 'rod_holder_part',
      columns: [table.benchId, table.partId],
      foreignColumns: [part.benchId, part.id],
    }).onDelete('cascade'),
    foreignKey({
      name: 'rod_holder_angler',
      columns: [table.benchId, table.anglerId],
      foreignColumns: [angler.benchId, angler.id],
    }).onDelete('cascade'),
  ],
);
