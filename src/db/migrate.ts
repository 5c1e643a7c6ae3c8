import { migrate } from 'drizzle-orm/mysql2/migrator';
import { drizzle } from 'drizzle-orm/mysql2';
import { createConnection, type Connection, type ResultSetHeader, type RowDataPacket } from 'mysql2/promise';
import { CONSOLE_LIMITS } from './client';

/** A start that says nothing for so long has ended; each step says that it goes on [s]. */
const LEASE_S = 30;
const WAIT_S = 120;
const BEAT_MS = 5000;

/**
 * Brings the database to the newest migration and then does `after`. A row is the lease to do so, so that several starts at once
 * take turns: named locks are of one server and not of a cluster. It is held by the database's clock.
 */
export async function migrateDatabase(url: string, after: () => Promise<void> = async () => undefined): Promise<void> {
  const [working, leasing] = [await connected(url), await connected(url)];
  const holder = crypto.randomUUID();
  try {
    await refuseHalfRestored(working);
    await leasing.query(
      'create table if not exists migration_lease (id int primary key, holder varchar(64) not null, until datetime(3) not null)',
    );
    await takeTurn(leasing, holder);
    const beat = setInterval(() => void hold(leasing, holder).catch(() => undefined), BEAT_MS);
    try {
      await migrate(drizzle(working), { migrationsFolder: 'src/db/migrations' });
      await after();
    } finally {
      clearInterval(beat);
      await leasing.query('delete from migration_lease where holder = ?', [holder]);
    }
  } finally {
    await Promise.all([working.end(), leasing.end()]);
  }
}

const connected = (url: string): Promise<Connection> =>
  createConnection({ uri: url, timezone: 'Z', connectTimeout: CONSOLE_LIMITS.connectMs });

async function takeTurn(connection: Connection, holder: string): Promise<void> {
  for (let waitedS = 0; waitedS < WAIT_S; waitedS++) {
    if (await hold(connection, holder)) return;
    await new Promise((resume) => setTimeout(resume, 1000));
  }
  throw new Error(`another start has been migrating this database for ${WAIT_S} s`);
}

/** Takes the lease or keeps it; false while another holds it. */
async function hold(connection: Connection, holder: string): Promise<boolean> {
  const until = `utc_timestamp(3) + interval ${LEASE_S} second`;
  await connection.query<ResultSetHeader>(
    `insert ignore into migration_lease (id, holder, until) values (1, ?, ${until})`,
    [holder],
  );
  await connection.query<ResultSetHeader>(
    `update migration_lease set holder = ?, until = ${until} where id = 1 and (holder = ? or until < utc_timestamp(3))`,
    [holder, holder],
  );
  const [rows] = await connection.query<RowDataPacket[]>('select holder from migration_lease where id = 1');
  return rows[0]?.['holder'] === holder;
}

/** What ./ferula restore leaves while it is at work. */
async function refuseHalfRestored(connection: Connection): Promise<void> {
  const [rows] = await connection.query<RowDataPacket[]>(
    "select 1 from information_schema.tables where table_schema = database() and table_name = 'restore_unfinished'",
  );
  if (rows.length > 0)
    throw new HalfRestoredError('a restore into this database was cut off: empty it and restore again');
}

export class HalfRestoredError extends Error {
  override readonly name = 'HalfRestoredError';
}
