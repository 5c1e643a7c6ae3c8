import { createConnection, type RowDataPacket } from 'mysql2/promise';

const COPY = 'copy_of_';
/** What belongs to the running instances and not to a bench. */
const INSTANCES = ['__drizzle_migrations', 'lease', 'live_message', 'rate_limit', 'kept_evaluation'];

/** A database as `load` leaves it, or as it stands where nothing is to be loaded: done once, and copied within it from then on. */
export async function asLoaded(url: string, load: () => unknown = () => undefined): Promise<void> {
  const connection = await createConnection({ uri: url });
  const tables = async (like: string): Promise<readonly string[]> =>
    (await connection.query<RowDataPacket[]>('show tables like ?', [like]))[0].flatMap((row) =>
      Object.values(row as Record<string, string>),
    );
  try {
    const copies = await tables(`${COPY}%`);
    if (copies.length === 0) {
      await load();
      for (const table of (await tables('%')).filter((name) => !INSTANCES.includes(name)))
        await connection.query(`create table \`${COPY}${table}\` as select * from \`${table}\``);
      return;
    }
    await connection.query('set foreign_key_checks = 0');
    await connection.beginTransaction();
    for (const copy of copies) {
      const table = copy.slice(COPY.length);
      await connection.query(`delete from \`${table}\``);
      await connection.query(`insert into \`${table}\` select * from \`${copy}\``);
    }
    // As after every change: nobody takes what a bench was worked out to be before for this one's.
    await connection.query(
      'insert into bench_state (bench_id, state) select id, uuid() from bench on duplicate key update state = uuid()',
    );
    await connection.commit();
  } finally {
    await connection.end();
  }
}
