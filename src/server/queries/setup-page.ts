import 'server-only';
import { setupIdSchema } from '@/domain/ids';
import { pageQuery } from '../page-query';
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
  const id = setupIdSchema.safeParse(setupId);
  const number = numberOf(revision);
  if (!id.success || number === null) return null;
  return pageQuery((db, benchId) => setupPage(db, benchId, id.data, number));
}

export async function getSetupFile(setupId: string, revision: string | undefined): Promise<SetupFileOutcome | null> {
  const id = setupIdSchema.safeParse(setupId);
  const number = numberOf(revision);
  if (!id.success || number === null) return null;
  return pageQuery((db, benchId) => setupFileOf(db, benchId, id.data, number));
}
