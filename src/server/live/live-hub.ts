import 'server-only';
import { benchesWithHelm } from '@/db/repo';
import type { BenchId } from '@/domain/ids';
import { database } from '../database';
import { Hub } from './hub';
import { noted } from './noted';

// One set for the process: routes and the start of the server are built apart, and each would have its own.
const kept = globalThis as { ferulaHubs?: Map<BenchId, Hub> };
const hubs = (): Map<BenchId, Hub> => (kept.ferulaHubs ??= new Map());

/** The hub of a bench in this process, reading already. */
export function liveHub(benchId: BenchId): Hub {
  const running = hubs().get(benchId);
  if (running) return running;
  const hub = new Hub(database, benchId);
  hubs().set(benchId, hub);
  hub.start();
  return hub;
}

/** How often benches are looked for whose instruments nobody reads yet [ms]. */
const LOOK_MS = 30_000;

/** Reads the instruments of every bench that has a helm, whether a page is open or not. */
export async function startHubs(): Promise<void> {
  const start = async () => {
    for (const benchId of await benchesWithHelm(database())) liveHub(benchId);
  };
  setInterval(() => void start().catch(noted), LOOK_MS).unref();
  await start().catch(noted);
}

/** Keeps what was read, lets go of leases, and ends the live lines: pages find another instance. */
export async function stopHubs(): Promise<void> {
  await Promise.all([...hubs().values()].map((hub) => hub.stop()));
  hubs().clear();
}
