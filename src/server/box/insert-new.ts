import { isDuplicateKey } from '@/db/connection-problem';
import { insertParts } from '@/db/repo';
import { TakenBack } from '../once';

/** Puts in parts that were not there when they were looked for; where another has put one in since, all is taken back. */
export async function insertNew(...[tx, benchId, parts, now]: Parameters<typeof insertParts>): Promise<void> {
  try {
    await insertParts(tx, benchId, parts, now);
  } catch (error) {
    if (isDuplicateKey(error)) throw new TakenBack({ ok: false, code: 'stale', fields: [] });
    throw error;
  }
}
