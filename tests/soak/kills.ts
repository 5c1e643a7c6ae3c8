import { v7 as newRequestId } from 'uuid';
import { seeded } from '@/core/base/numeric';
import { pause, type RunningFerula } from '../helpers/running-ferula';

export interface KillReport {
  readonly kills: number;
  readonly acknowledged: number;
  readonly sentAgain: number;
  readonly lost: readonly string[];
  readonly doubled: readonly string[];
}

const WRITERS = 3;
/** Between two parts of one writer: without it three of them keep both processors from all that runs beside [ms]. */
const PAUSE_MS = 40;

/**
 * Kills database, application or both, again and again, while writers put parts in; each writer sends the same request
 * until it is answered. Then what was acknowledged is counted: nothing may be missing, and nothing there twice.
 */
export async function killAndCount(ferula: RunningFerula, kills: number, seed: number): Promise<KillReport> {
  const random = seeded(seed);
  const acknowledged: string[] = [];
  let sentAgain = 0;
  let going = true;
  const write = async (writer: number): Promise<void> => {
    for (let n = 0; going; n++) {
      const id = `kill-${seed}-${writer}-${n}`;
      const requestId = newRequestId();
      while (!(await put(ferula.url, id, requestId))) {
        sentAgain += 1;
        await pause(200);
      }
      acknowledged.push(id);
      await pause(PAUSE_MS);
    }
  };
  const writers = Array.from({ length: WRITERS }, (_, writer) => write(writer));
  for (let n = 0; n < kills; n++) {
    await pause(300 + 900 * random());
    const dice = random();
    if (dice < 0.7) ferula.kill(ferula.databasePid());
    if (dice > 0.4) {
      ferula.kill(ferula.applicationPid());
      await ferula.untilStarterEnded();
      await ferula.start();
    }
    await ferula.untilUp(60_000);
  }
  going = false;
  await Promise.all(writers);
  return { kills, acknowledged: acknowledged.length, sentAgain, ...(await counted(ferula.url, acknowledged)) };
}

/** Puts one part in; false while nobody can say whether it is in. */
async function put(url: string, id: string, requestId: string): Promise<boolean> {
  const part = {
    id,
    kind: 'weight',
    shape: 'bullet',
    material: 'lead',
    massKg: { value: 0.01, unit: 'kg', provenance: 'label' },
    left: 7,
  };
  try {
    const response = await fetch(`${url}/files/parts?confirm=yes`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', 'idempotency-key': requestId },
      body: JSON.stringify({ changes: [{ id, part, expectedVersion: null }], reason: 'kill' }),
      signal: AbortSignal.timeout(15_000),
    });
    if (response.ok) return true;
    if (response.status < 500) throw new RefusedError(`${response.status} ${await response.text()}`);
    return false;
  } catch (error) {
    if (error instanceof RefusedError) throw error;
    return false;
  }
}

class RefusedError extends Error {}

async function counted(url: string, acknowledged: readonly string[]) {
  const file = (await (await fetch(`${url}/files/bench.json`)).json()) as {
    parts: { part: { id: string; left?: number } }[];
    movements: { partId: string }[];
  };
  const stock = new Map(file.parts.map(({ part }) => [part.id, part.left]));
  const moved = new Map<string, number>();
  for (const { partId } of file.movements) moved.set(partId, (moved.get(partId) ?? 0) + 1);
  return {
    lost: acknowledged.filter((id) => stock.get(id) !== 7 || !moved.has(id)),
    doubled: [...moved].filter(([id, count]) => id.startsWith('kill-') && count > 1).map(([id]) => id),
  };
}
