import { z } from 'zod';
import { findSetup, lockParts, saveRevision, type SaveOutcome } from '@/db/repo';
import type { Tx } from '@/db/client';
import { revisionIdSchema, setupIdSchema, type AnglerId, type BenchId } from '@/domain/ids';
import { presentationSchema } from '@/domain/presentation';
import { parse, type Problem } from '@/domain/problems';
import { chainSchema, setupFileSchema } from '@/domain/setup';

export const saveRevisionInput = z.strictObject({
  setupId: setupIdSchema,
  expectedVersion: z.number().int().min(0),
  reason: z.string().trim().min(1).max(400),
  chain: chainSchema,
  presentation: presentationSchema,
});

export type SaveRevisionOutcome = SaveOutcome | { readonly kind: 'bad-input'; readonly problems: readonly Problem[] };

/** Saves a revision with today's values of its parts; the parts are locked, so that none changes under it. */
export async function saveRevisionOf(
  tx: Tx,
  benchId: BenchId,
  input: z.infer<typeof saveRevisionInput>,
  now: Date,
  authorId: AnglerId | null = null,
): Promise<SaveRevisionOutcome> {
  const { setupId, expectedVersion, reason, chain, presentation } = input;
  const setup = await findSetup(tx, benchId, setupId);
  if (!setup) return { kind: 'not-found' };
  const { parts } = await lockParts(
    tx,
    benchId,
    chain.map((joint) => joint.partId),
  );
  const file = parse(setupFileSchema, {
    version: 1,
    name: setup.name,
    parts: [...parts.values()].map(({ part }) => part),
    chain,
    presentation,
  });
  if (!file.ok) return { kind: 'bad-input', problems: file.problems };
  return saveRevision(tx, benchId, setupId, expectedVersion, {
    id: revisionIdSchema.parse(crypto.randomUUID()),
    reason,
    chain,
    presentation,
    parts: file.data.parts,
    authorId,
    savedAt: now,
  });
}
