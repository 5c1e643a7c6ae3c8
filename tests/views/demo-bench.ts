import { loadDemo } from '@/db/load-demo';
import { emptyDatabase } from '../helpers/database';

/** The demo bench as on the first day, in the database that the pages read. */
export async function demoBench(): Promise<void> {
  const { db, url, close } = await emptyDatabase();
  process.env['DATABASE_URL'] = url;
  await loadDemo(db);
  await close();
}
