import { sql } from 'drizzle-orm';
import { connect, type Db } from '@/db/client';
import { insertBench, renewBenchState } from '@/db/repo';
import { demoBenchId, loadDemo } from '@/db/load-demo';
import { migrateDatabase } from '@/db/migrate';
import { benchIdSchema, type BenchId } from '@/domain/ids';

const url = process.env['INTEGRATION_DATABASE_URL'];

export interface OpenDatabase {
  readonly db: Db;
  readonly url: string;
  readonly close: () => Promise<void>;
}

/** A real MariaDB, migrated and empty; the server's own code finds it too. */
export async function emptyDatabase(): Promise<OpenDatabase> {
  if (!url) throw new Error('INTEGRATION_DATABASE_URL is not set: run the tests with ./ferula test');
  process.env['DATABASE_URL'] = url;
  await migrateDatabase(url);
  const { db, pool } = connect(url);
  // Children before what they point at.
  for (const table of [
    'revision_part',
    'revision',
    'setup',
    'reading',
    'movement',
    'part',
    'deck',
    'plan',
    'water',
    'spread',
    'trial',
    'helm',
    'helm_event',
    'instrument_block',
    'trip_cells',
    'trip_event',
    'trip_photo',
    'leader',
    'link',
    'member',
    'rod_holder',
    'bench',
    'bench_state',
    'kept_evaluation',
    'lease',
    'user',
    'rate_limit',
    'verification',
    'live_message',
  ])
    await db.execute(sql.raw(`delete from \`${table}\``));
  return { db, url, close: () => pool.end() };
}

const COPY = 'copy_of_';

/** The same with the demo bench as on the first day: worked out once, and copied within the database from then on. */
export async function demoDatabase(): Promise<OpenDatabase> {
  const open = await emptyDatabase();
  const { db } = open;
  const tables = async (like: string): Promise<readonly string[]> =>
    ((await db.execute(sql`show tables like ${like}`)) as unknown as [Record<string, string>[]])[0].flatMap(
      Object.values,
    );
  const copies = await tables(`${COPY}%`);
  if (copies.length === 0) {
    await loadDemo(db);
    for (const table of await tables('%'))
      await db.execute(sql.raw(`create table \`${COPY}${table}\` as select * from \`${table}\``));
    return open;
  }
  await db.transaction(async (tx) => {
    await tx.execute(sql`set foreign_key_checks = 0`);
    for (const copy of copies) {
      const table = copy.slice(COPY.length);
      await tx.execute(sql.raw(`replace into \`${table}\` select * from \`${copy}\``));
    }
    await tx.execute(sql`set foreign_key_checks = 1`);
    // As after every change: nobody takes what another file's bench was worked out to be for this one's.
    await renewBenchState(tx, demoBenchId);
  });
  return open;
}

let benches = 0;

/** A bench of its own for a test. */
export async function aBench(db: Db): Promise<BenchId> {
  benches += 1;
  const id = benchIdSchema.parse(`bench-${benches}`);
  await insertBench(db, { id, name: `Bench ${benches}`, createdAt: new Date('2026-01-01T00:00:00Z') });
  return id;
}
