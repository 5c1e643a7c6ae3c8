import { demoDatabase } from '../helpers/database';

/** The demo bench as on the first day, in the database that the pages read. */
export async function demoBench(): Promise<void> {
  const { close } = await demoDatabase();
  await close();
}
