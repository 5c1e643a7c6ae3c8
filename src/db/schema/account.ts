import {
  bigint,
  boolean,
  char,
  datetime,
  index,
  int,
  mysqlTable,
  primaryKey,
  text,
  varchar,
} from 'drizzle-orm/mysql-core';
import { idColumn } from './id';

const at = (name: string) => datetime(name, { fsp: 3 });

/** Somebody who signs in. Columns up to `updatedAt` are those of the library that signs people in. */
export const user = mysqlTable('user', {
  id: idColumn<string>('id').primaryKey(),
  name: varchar('name', { length: 60 }).notNull(),
  /** never written to: the library wants one */
  email: varchar('email', { length: 120 }).notNull().unique(),
  emailVerified: boolean('email_verified').notNull().default(false),
  image: text('image'),
  /** by which people are told apart, see `nameKey` */
  username: varchar('username', { length: 60 }).unique(),
  createdAt: at('created_at').notNull(),
  updatedAt: at('updated_at').notNull(),
  /** language, units and lighting as this person chose them, as in a Cookie header; null: as the browser has them */
  preferences: varchar('preferences', { length: 400 }),
});

const userId = () =>
  idColumn<string>('user_id')
    .notNull()
    .references(() => user.id, { onDelete: 'cascade' });

export const session = mysqlTable(
  'session',
  {
    id: idColumn<string>('id').primaryKey(),
    token: varchar('token', { length: 64 }).notNull().unique(),
    userId: userId(),
    expiresAt: at('expires_at').notNull(),
    ipAddress: varchar('ip_address', { length: 64 }),
    userAgent: varchar('user_agent', { length: 400 }),
    createdAt: at('created_at').notNull(),
    updatedAt: at('updated_at').notNull(),
  },
  (table) => [index('session_by_user').on(table.userId)],
);

/** A way to sign in: here only by password, kept as its hash. */
export const account = mysqlTable(
  'account',
  {
    id: idColumn<string>('id').primaryKey(),
    accountId: varchar('account_id', { length: 64 }).notNull(),
    providerId: varchar('provider_id', { length: 32 }).notNull(),
    userId: userId(),
    accessToken: text('access_token'),
    refreshToken: text('refresh_token'),
    idToken: text('id_token'),
    accessTokenExpiresAt: at('access_token_expires_at'),
    refreshTokenExpiresAt: at('refresh_token_expires_at'),
    scope: text('scope'),
    password: text('password'),
    createdAt: at('created_at').notNull(),
    updatedAt: at('updated_at').notNull(),
  },
  (table) => [index('account_by_user').on(table.userId)],
);

/** Questions that wait for their answer: challenges of passkeys. */
export const verification = mysqlTable(
  'verification',
  {
    id: idColumn<string>('id').primaryKey(),
    identifier: varchar('identifier', { length: 255 }).notNull(),
    value: text('value').notNull(),
    expiresAt: at('expires_at').notNull(),
    createdAt: at('created_at').notNull(),
    updatedAt: at('updated_at').notNull(),
  },
  (table) => [index('verification_by_identifier').on(table.identifier)],
);

export const passkey = mysqlTable(
  'passkey',
  {
    id: idColumn<string>('id').primaryKey(),
    name: varchar('name', { length: 60 }),
    publicKey: text('public_key').notNull(),
    userId: userId(),
    credentialID: varchar('credential_id', { length: 700 }).notNull(),
    counter: int('counter').notNull(),
    deviceType: varchar('device_type', { length: 32 }).notNull(),
    backedUp: boolean('backed_up').notNull(),
    transports: varchar('transports', { length: 120 }),
    createdAt: at('created_at'),
    aaguid: varchar('aaguid', { length: 64 }),
  },
  (table) => [index('passkey_by_user').on(table.userId)],
);

/** How often something was tried lately, so that nobody guesses for long. */
export const rateLimit = mysqlTable('rate_limit', {
  id: idColumn<string>('id').primaryKey(),
  key: varchar('key', { length: 255 }).notNull().unique(),
  count: int('count').notNull(),
  lastRequest: bigint('last_request', { mode: 'number' }).notNull(),
});

/** Codes that set a new password, each once; only their hashes are kept. */
export const recoveryCode = mysqlTable(
  'recovery_code',
  { userId: userId(), hash: char('hash', { length: 64 }).notNull() },
  (table) => [primaryKey({ columns: [table.userId, table.hash] })],
);
