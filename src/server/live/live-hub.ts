import 'server-only';
import { currentBench } from '../current-bench';
import { database } from '../database';
import { Hub } from './hub';

// One for the process: routes and the start of the server are built apart, and each would have its own.
const kept = globalThis as { ferulaHub?: Hub };

/** The hub of this process, reading already. */
export async function liveHub(): Promise<Hub> {
  if (kept.ferulaHub) return kept.ferulaHub;
  const benchId = await currentBench();
  kept.ferulaHub ??= new Hub(database, benchId);
  kept.ferulaHub.start();
  return kept.ferulaHub;
}
