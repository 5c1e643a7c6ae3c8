import { insertMember, listAnglers, listMembers, putAngler, renewBenchState } from '@/db/repo';
import type { Tx } from '@/db/client';
import type { Role } from '@/domain/crew/roles';
import { anglerIdSchema, type AnglerId, type BenchId } from '@/domain/ids';

/**
 * Makes somebody a member of a bench, with an angler of their own: an owner takes over the usual one while it is nobody's, since
 * that is who fished alone so far.
 */
export async function addMember(
  tx: Tx,
  {
    benchId,
    userId,
    name,
    role,
  }: { readonly benchId: BenchId; readonly userId: string; readonly name: string; readonly role: Role },
  now: Date,
): Promise<AnglerId> {
  const taken = new Set((await listMembers(tx, benchId)).map(({ anglerId }) => anglerId));
  const usual = (await listAnglers(tx, benchId)).find((each) => each.usual);
  const free = role === 'owner' && usual && !taken.has(usual.id) ? usual : null;
  const anglerId = free?.id ?? anglerIdSchema.parse(`angler-${crypto.randomUUID()}`);
  const angler = free ?? { id: anglerId, usual: !usual, entries: {} };
  await putAngler(tx, benchId, { ...angler, name }, now);
  await insertMember(tx, { benchId, userId, role, anglerId, since: now });
  await renewBenchState(tx, benchId);
  return anglerId;
}
