import type { Db } from '@/db/client';
import { findPartsThen, findRevision, type Revision } from '@/db/repo';
import { setupIdSchema, type BenchId } from '@/domain/ids';
import type { Part } from '@/domain/parts';
import type { SetupFile } from '@/domain/setup';
import { setupFileOf, setupPage, type SetupPage } from '@/server/setups/setup-page';

/** The Bench's page of a setup that must be whole. */
export async function wholePage(db: Db, benchId: BenchId, setupId: string, number?: number): Promise<SetupPage> {
  const page = await setupPage(db, benchId, setupIdSchema.parse(setupId), number);
  if (page?.kind !== 'whole') throw new Error(`${setupId} is ${JSON.stringify(page)}`);
  return page;
}

/** The setup file of a setup that must be whole. */
export async function wholeFile(db: Db, benchId: BenchId, setupId: string, number?: number): Promise<SetupFile> {
  const outcome = await setupFileOf(db, benchId, setupIdSchema.parse(setupId), number);
  if (outcome?.kind !== 'file') throw new Error(`${setupId} is ${JSON.stringify(outcome)}`);
  return outcome.file;
}

/** A revision that must be readable, with its parts as they were. */
export async function wholeRevision(
  db: Db,
  benchId: BenchId,
  setupId: string,
  number?: number,
): Promise<Revision & { readonly partsThen: readonly Part[] }> {
  const found = await findRevision(db, benchId, setupIdSchema.parse(setupId), number);
  if (!found?.whole.ok) throw new Error(`${setupId} is ${JSON.stringify(found)}`);
  const then = await findPartsThen(db, benchId, [found.id]);
  return { ...found.whole.data, partsThen: then.get(found.id)!.parts };
}
