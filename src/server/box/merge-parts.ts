import { z } from 'zod';
import type { Db } from '@/db/client';
import { findParts, lockParts, removePart, replacePart, saveRevision } from '@/db/repo';
import { partIdSchema, revisionIdSchema, type BenchId } from '@/domain/ids';
import { stockOf, withStock } from '@/domain/stock';
import { newestRevisions, usesPart } from './setups-of-parts';

export const mergeInput = z
  .strictObject({ keepId: partIdSchema, dropId: partIdSchema })
  .superRefine(({ keepId, dropId }, context) => {
    if (keepId === dropId) context.addIssue({ code: 'custom', path: ['dropId'], message: 'another part than keepId' });
  });

export type MergeOutcome =
  { readonly kind: 'merged'; readonly setups: readonly string[] } | { readonly kind: 'not-found' | 'other-kind' };

/** Makes two entries of one part into one: its setups get a revision with the part that stays, the stocks add up. */
export async function mergeParts(
  db: Db,
  benchId: BenchId,
  { keepId, dropId }: z.infer<typeof mergeInput>,
  reason: string,
  now: Date,
): Promise<MergeOutcome> {
  return db.transaction(async (tx) => {
    const stored = await lockParts(tx, benchId, [keepId, dropId]);
    const [keep, drop] = [stored.get(keepId), stored.get(dropId)];
    if (!keep || !drop || keep.archived || drop.archived) return { kind: 'not-found' };
    if (keep.part.kind !== drop.part.kind) return { kind: 'other-kind' };
    const uses = (await newestRevisions(tx, benchId)).filter((use) => usesPart(use, dropId));
    for (const { setupId, version, revision } of uses) {
      const chain = revision.chain.map((joint) => (joint.partId === dropId ? { ...joint, partId: keepId } : joint));
      const parts = await findParts(
        tx,
        benchId,
        chain.map((joint) => joint.partId),
      );
      await saveRevision(tx, benchId, setupId, version, {
        id: revisionIdSchema.parse(crypto.randomUUID()),
        reason,
        chain,
        presentation: revision.presentation,
        parts,
        savedAt: now,
      });
    }
    const [a, b] = [stockOf(keep.part), stockOf(drop.part)];
    if (a !== null && b !== null && b > 0)
      await replacePart(tx, benchId, withStock(keep.part, a + b), keep.version, now);
    await removePart(tx, benchId, dropId, now);
    return { kind: 'merged', setups: uses.map(({ name }) => name) };
  });
}
