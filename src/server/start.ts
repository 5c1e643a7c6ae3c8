import 'server-only';
import { beforeEnding } from './before-ending';
import { requireSafe } from './crew/mode';
import { startHubs, stopHubs } from './live/live-hub';
import { stopTaking } from './ready';

/** Starts reading the instruments, and stops cleanly when the server gets a signal to end. */
export async function start(): Promise<void> {
  // Whoever reads what is logged may be gone, or its disk full. Nobody would hear of that but the log, which would fail again, for
  // ever.
  for (const stream of [process.stdout, process.stderr]) stream.on('error', () => undefined);
  try {
    requireSafe(process.env);
  } catch (error) {
    console.error(error instanceof Error ? error.message : error);
    process.exit(1);
  }
  await startHubs();
  // The server itself answers what is under way and ends then; live lines would keep it from that.
  beforeEnding(['SIGTERM', 'SIGINT'], () => {
    stopTaking();
    return stopHubs();
  });
}
