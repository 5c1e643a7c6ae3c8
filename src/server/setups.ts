import { z } from 'zod';
import { findParts, findRevision, insertParts, insertSetup, saveRevision } from '@/db/repo';
import type { Db } from '@/db/client';
import { revisionIdSchema, setupIdSchema, type BenchId, type SetupId } from '@/domain/ids';
import { partSchema } from '@/domain/parts';
import { presentationSchema } from '@/domain/presentation';
import { parse, type Problem } from '@/domain/problems';
import { chainSchema, setupFileSchema } from '@/domain/setup';

export const setupNameSchema = z.string().trim().min(1).max(120);
const reasonSchema = z.string().trim().min(1).max(400);

export const startSetupInput = z.strictObject({
  name: setupNameSchema,
  reason: reasonSchema,
  chain: chainSchema,
  presentation: presentationSchema,
  /** parts that the chain uses and the Box may not hold yet, as knots that were never bought */
  parts: z.array(partSchema).max(40),
});

export type StartSetupOutcome =
  | { readonly kind: 'started'; readonly setupId: SetupId }
  | { readonly kind: 'bad-input'; readonly problems: readonly Problem[] };

/** A new setup with its first revision; parts that the Box does not hold yet are put into it. */
export async function startSetup(
  db: Db,
  benchId: BenchId,
  input: z.infer<typeof startSetupInput>,
  now: Date,
): Promise<StartSetupOutcome> {
  const { name, reason, chain, presentation } = input;
  return db.transaction(async (tx) => {
    const ids = chain.map((joint) => joint.partId);
    const held = await findParts(tx, benchId, ids);
    const heldIds = new Set(held.map(({ id }) => id));
    const added = input.parts.filter(({ id }) => ids.includes(id) && !heldIds.has(id));
    const file = parse(setupFileSchema, { version: 1, name, parts: [...held, ...added], chain, presentation });
    if (!file.ok) return { kind: 'bad-input', problems: file.problems };
    await insertParts(tx, benchId, added, now);
    const setupId = setupIdSchema.parse(`setup-${crypto.randomUUID()}`);
    await insertSetup(tx, { id: setupId, benchId, name, version: 0, createdAt: now });
    await saveRevision(tx, benchId, setupId, 0, {
      id: revisionIdSchema.parse(crypto.randomUUID()),
      reason,
      chain,
      presentation,
      parts: file.data.parts,
      savedAt: now,
    });
    return { kind: 'started', setupId };
  });
}

export const copySetupInput = z.strictObject({ setupId: setupIdSchema, name: setupNameSchema, reason: reasonSchema });

/** A new setup that starts where the newest revision of another stands; null: there is no such setup. */
export async function copySetup(
  db: Db,
  benchId: BenchId,
  { setupId, name, reason }: z.infer<typeof copySetupInput>,
  now: Date,
): Promise<SetupId | null> {
  const revision = await findRevision(db, benchId, setupId);
  if (!revision) return null;
  const outcome = await startSetup(
    db,
    benchId,
    { name, reason, chain: [...revision.chain], presentation: revision.presentation, parts: [] },
    now,
  );
  if (outcome.kind === 'bad-input')
    throw new Error(`a saved revision of ${setupId} is not a setup any more: ${outcome.problems[0]?.path}`);
  return outcome.setupId;
}
