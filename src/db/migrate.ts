import { migrate } from 'drizzle-orm/mysql2/migrator';
import { drizzle } from 'drizzle-orm/mysql2';
import { createConnection, type RowDataPacket } from 'mysql2/promise';

const LOCK = 'ferula-migrate';
const WAIT_S = 60;

/**
 * Brings the database to the newest migration and then does `after`. One connection holds a lock through both, so that
 * several starts at once take turns.
 */
export async function migrateDatabase(url: string, after: () => Promise<void> = async () => undefined): Promise<void> {
  const connection = await createConnection({ uri: url, timezone: 'Z', connectTimeout: 5000 });
  try {
    const [rows] = await connection.query<RowDataPacket[]>('select get_lock(?, ?) as got', [LOCK, WAIT_S]);
    if (rows[0]?.['got'] !== 1) throw new Error(`another migration has held the lock ${LOCK} for ${WAIT_S} s`);
    await migrate(drizzle(connection), { migrationsFolder: 'src/db/migrations' });
    await after();
    await connection.query('select release_lock(?)', [LOCK]);
  } finally {
    await connection.end();
  }
}
