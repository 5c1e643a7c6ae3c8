import { drizzle, type MySql2Database } from 'drizzle-orm/mysql2';
import { createPool, type Pool } from 'mysql2/promise';
import * as schema from './schema';

export type Db = MySql2Database<typeof schema>;
export type Tx = Parameters<Parameters<Db['transaction']>[0]>[0];

/** A pool on `url`; times are UTC both ways. */
export function connect(url: string): { readonly db: Db; readonly pool: Pool } {
  const pool = createPool({ uri: url, timezone: 'Z', connectionLimit: 8, connectTimeout: 5000 });
  return { db: drizzle(pool, { schema, mode: 'default' }), pool };
}
