import { char, datetime, int, mysqlTable, varchar } from 'drizzle-orm/mysql-core';
import { idColumn } from './id';

/** A phone or another machine that was let in by a code from the console. */
export const device = mysqlTable('device', {
  id: idColumn<string>('id').primaryKey(),
  name: varchar('name', { length: 60 }).notNull(),
  pairedAt: datetime('paired_at', { fsp: 3 }).notNull(),
  revokedAt: datetime('revoked_at', { fsp: 3 }),
});

/** The one code that lets in now; only its hash is kept. */
export const pairingCode = mysqlTable('pairing_code', {
  id: int('id').primaryKey(),
  hash: char('hash', { length: 64 }).notNull(),
  until: datetime('until', { fsp: 3 }).notNull(),
  /** wrong ones that were tried since */
  tries: int('tries').notNull(),
});
