import { drizzle, type MySql2Database } from 'drizzle-orm/mysql2';
import { createPool, type Pool, type PoolConnection, type QueryValues } from 'mysql2/promise';
import { DatabaseAwayError } from './connection-problem';
import * as schema from './schema';
import { within } from './within';

export type Db = MySql2Database<typeof schema>;
export type Tx = Parameters<Parameters<Db['transaction']>[0]>[0];

/**
 * A database that does not answer is told from one that is busy by these limits: a lock is waited for shorter than a
 * statement may take, so that waiting ends as a lock that can be tried for again and not as a server that is away.
 * A connection may take longer to be made than one is waited for: its clock goes on while this process is busy with something else.
 */
const LIMITS = { connectMs: 10_000, acquireMs: 4000, statementMs: 4000, lockWaitS: 2 };
/** A command at the console waits longer: nobody looks at an empty page meanwhile, and it would have to be typed again. */
export const CONSOLE_LIMITS: typeof LIMITS = {
  connectMs: 30_000,
  acquireMs: 40_000,
  statementMs: 60_000,
  lockWaitS: 20,
};

/** A pool on `url`; times are UTC both ways, and nothing is waited for longer than its limit. */
export function connect(url: string, limits = LIMITS): { readonly db: Db; readonly pool: Pool } {
  const pool = createPool({
    uri: url,
    timezone: 'Z',
    connectionLimit: 8,
    connectTimeout: limits.connectMs,
    // A document column parses its own text, and the same text once.
    jsonStrings: true,
  });
  pool.on('connection', (connection) => {
    // Sent ahead of whatever comes first on this connection; were it to fail, that would too.
    (connection as unknown as CallbackConnection).query(
      `SET SESSION innodb_lock_wait_timeout = ${limits.lockWaitS}`,
      () => undefined,
    );
  });
  const acquire = acquirer(pool, limits);
  pool.getConnection = acquire;
  pool.query = (async (options: object, values: unknown) => {
    const connection = await acquire();
    try {
      return await connection.query(options as { sql: string }, values as QueryValues);
    } finally {
      connection.release();
    }
  }) as Pool['query'];
  return { db: drizzle(pool, { schema, mode: 'default' }), pool };
}

/** What the pool hands to its listeners, whatever its types say: a connection that calls back. */
interface CallbackConnection {
  query(sql: string, done: () => void): void;
}

/** Takes a connection from the pool, waiting for one no longer than its limit. */
function acquirer(pool: Pool, limits: typeof LIMITS): () => Promise<PoolConnection> {
  const getConnection = pool.getConnection.bind(pool);
  return async () => {
    const connection = getConnection();
    try {
      const taken = await within(
        limits.acquireMs,
        connection,
        () => new DatabaseAwayError('no connection became free'),
      );
      return limitStatements(taken, limits.statementMs);
    } catch (error) {
      // One that comes after all goes back to the pool.
      connection.then(
        (late) => late.release(),
        () => undefined,
      );
      throw error;
    }
  };
}

/**
 * Gives every statement its time limit. A connection that failed is thrown away, and every later statement on it fails
 * with the first error: the rollback that follows would else hide why.
 */
function limitStatements(connection: PoolConnection, ms: number): PoolConnection {
  const query = connection.query.bind(connection) as (options: object, values?: unknown) => Promise<unknown>;
  let dead: Error | null = null;
  const limited = async (options: string | object, values?: unknown) => {
    if (dead) throw dead;
    try {
      const sql = typeof options === 'string' ? { sql: options } : options;
      return await within(ms, query(sql, values), () => new DatabaseAwayError('a statement was not answered'));
    } catch (error) {
      if (isFatal(error)) {
        dead = error;
        connection.destroy();
      }
      throw error;
    }
  };
  connection.query = limited as PoolConnection['query'];
  return connection;
}

const isFatal = (error: unknown): error is Error =>
  error instanceof DatabaseAwayError || (error instanceof Error && 'fatal' in error && error.fatal === true);
