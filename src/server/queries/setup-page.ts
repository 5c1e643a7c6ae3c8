import 'server-only';
import { setupIdSchema } from '@/domain/ids';
import type { SetupFile } from '@/domain/setup';
import { currentBench } from '../current-bench';
import { database } from '../database';
import { setupFileOf, setupPage, type SetupPage } from '../setup-page';

const numberOf = (text: string | undefined): number | null | undefined =>
  text === undefined ? undefined : /^[1-9]\d{0,5}$/.test(text) ? Number(text) : null;

/** Null: no such setup or revision on this bench. */
export async function getSetupPage(setupId: string, revision: string | undefined): Promise<SetupPage | null> {
  const id = setupIdSchema.safeParse(setupId);
  const number = numberOf(revision);
  return id.success && number !== null ? setupPage(database(), await currentBench(), id.data, number) : null;
}

export async function getSetupFile(setupId: string, revision: string | undefined): Promise<SetupFile | null> {
  const id = setupIdSchema.safeParse(setupId);
  const number = numberOf(revision);
  return id.success && number !== null ? setupFileOf(database(), await currentBench(), id.data, number) : null;
}
