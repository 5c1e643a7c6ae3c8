import type { BenchId } from '@/domain/ids';
import type { Tx } from './client';
import { listAnglers, listMembers, putAngler } from './repo';

/** After a bench was emptied or replaced, every member has an angler again. */
export async function giveMembersAnglers(tx: Tx, benchId: BenchId, now: Date): Promise<void> {
  const anglers = await listAnglers(tx, benchId);
  const known = new Set(anglers.map(({ id }) => id));
  let hasUsual = anglers.some(({ usual }) => usual);
  for (const { anglerId, name } of await listMembers(tx, benchId)) {
    if (known.has(anglerId)) continue;
    await putAngler(tx, benchId, { id: anglerId, name, usual: !hasUsual, entries: {} }, now);
    hasUsual = true;
  }
}
