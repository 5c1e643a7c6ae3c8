import 'server-only';
import { setupIdSchema } from '@/domain/ids';
import { keptPageQuery, routeQuery } from '../page-query';
import type { SetupFileOutcome } from '../setups/setup-file';
import { setupFileOf, setupPage, type BrokenSetupPage, type SetupPage } from '../setups/setup-page';

export type { BrokenSetupPage, SetupPage };

const numberOf = (text: string | undefined): number | null | undefined =>
  text === undefined ? undefined : /^[1-9]\d{0,5}$/.test(text) ? Number(text) : null;

/** Null: no such setup or revision on this bench. */
export async function getSetupPage(
  setupId: string,
  revision: string | undefined,
): Promise<SetupPage | BrokenSetupPage | null> {
  return keptPageQuery('bench', ['setup', setupId, revision], async (db, benchId) => {
    const id = setupIdSchema.safeParse(setupId);
    const number = numberOf(revision);
    return id.success && number !== null ? setupPage(db, benchId, id.data, number) : null;
  });
}

export async function getSetupFile(setupId: string, revision: string | undefined): Promise<SetupFileOutcome | null> {
  return routeQuery('bench', async (db, benchId) => {
    const id = setupIdSchema.safeParse(setupId);
    const number = numberOf(revision);
    return id.success && number !== null ? setupFileOf(db, benchId, id.data, number) : null;
  });
}
