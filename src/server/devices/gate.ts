import 'server-only';
import { listDevices } from '@/db/repo';
import { database } from '../database';
import { logFailure } from '../log';
import { connectionProblem } from '@/db/connection-problem';
import { DEVICE_COOKIE, deviceOfCookie, needsPairing, pairingSecret } from './pairing';

/** A device that was sent away is so within this [ms]. */
const FRESH_MS = 2000;

let known: { readonly ids: ReadonlySet<string>; readonly at: number } | null = null;

/** Whether a request comes from this machine alone, or from a device that was paired and not sent away since. */
export async function isLetIn(cookie: string | undefined): Promise<boolean> {
  if (!needsPairing(process.env)) return true;
  const id = deviceOfCookie(cookie, pairingSecret(process.env));
  return id !== null && (await paired()).has(id);
}

/** Ids of paired devices; while the database is away, as they were last known. */
async function paired(): Promise<ReadonlySet<string>> {
  if (known && Date.now() - known.at < FRESH_MS) return known.ids;
  try {
    known = { ids: new Set((await listDevices(database())).map(({ id }) => id)), at: Date.now() };
  } catch (error) {
    if (connectionProblem(error) === null) logFailure(error);
    known = { ids: known?.ids ?? new Set(), at: Date.now() };
  }
  return known.ids;
}

/** The next request looks anew. */
export const forgetKnown = (): void => void (known = null);

export { DEVICE_COOKIE };
