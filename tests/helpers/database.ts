import { sql } from 'drizzle-orm';
import { connect, type Db } from '@/db/client';
import { insertBench } from '@/db/repo';
import { loadDemo } from '@/db/load-demo';
import { migrateDatabase } from '@/db/migrate';
import { benchIdSchema, type BenchId } from '@/domain/ids';
import { asLoaded } from './as-loaded';

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

/** The same with the demo bench as on the first day. */
export async function demoDatabase(): Promise<OpenDatabase> {
  const open = await emptyDatabase();
  await asLoaded(open.url, () => loadDemo(open.db));
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
