import { z } from 'zod';
import { findRevision, insertSetup, lockParts, saveRevision } from '@/db/repo';
import type { Tx } from '@/db/client';
import {
  ADDRESS_RULE,
  makesAddress,
  revisionIdSchema,
  setupIdSchema,
  type AnglerId,
  type BenchId,
  type SetupId,
} from '@/domain/ids';
import { partSchema } from '@/domain/parts';
import { presentationSchema } from '@/domain/presentation';
import { parse, type Problem } from '@/domain/problems';
import { chainSchema, setupFileSchema } from '@/domain/setup';
import { insertNew } from '../box/insert-new';

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
  | { readonly kind: 'started'; readonly setupId: SetupId; readonly newParts: number }
  | { readonly kind: 'bad-input'; readonly problems: readonly Problem[] };

/** A new setup with its first revision; parts that the Box does not hold yet are put into it. */
export async function startSetup(
  tx: Tx,
  benchId: BenchId,
  input: z.infer<typeof startSetupInput>,
  now: Date,
  authorId: AnglerId | null = null,
): Promise<StartSetupOutcome> {
  const { name, reason, chain, presentation } = input;
  const ids = chain.map((joint) => joint.partId);
  const locked = (await lockParts(tx, benchId, ids)).parts;
  const added = input.parts.filter(({ id }) => ids.includes(id) && !locked.has(id));
  const file = parse(setupFileSchema, {
    version: 1,
    name,
    parts: [...[...locked.values()].map(({ part }) => part), ...added],
    chain,
    presentation,
  });
  if (!file.ok) return { kind: 'bad-input', problems: file.problems };
  const unfit = input.parts.flatMap(({ id }, i): Problem[] =>
    added.some((part) => part.id === id) && !makesAddress(id)
      ? [{ path: `parts[${i}].id`, given: id, allowed: { kind: 'rule', rule: ADDRESS_RULE } }]
      : [],
  );
  if (unfit.length > 0) return { kind: 'bad-input', problems: unfit };
  await insertNew(tx, benchId, added, now);
  const setupId = setupIdSchema.parse(`setup-${crypto.randomUUID()}`);
  await insertSetup(tx, { id: setupId, benchId, name, version: 0, createdAt: now });
  await saveRevision(tx, benchId, setupId, 0, {
    id: revisionIdSchema.parse(crypto.randomUUID()),
    reason,
    chain,
    presentation,
    parts: file.data.parts,
    authorId,
    savedAt: now,
  });
  return { kind: 'started', setupId, newParts: added.length };
}

export const copySetupInput = z.strictObject({ setupId: setupIdSchema, name: setupNameSchema, reason: reasonSchema });

/** A new setup that starts where the newest revision of another stands; null: there is no such setup. */
export async function copySetup(
  tx: Tx,
  benchId: BenchId,
  { setupId, name, reason }: z.infer<typeof copySetupInput>,
  now: Date,
  authorId: AnglerId | null = null,
): Promise<StartSetupOutcome | null> {
  const revision = await findRevision(tx, benchId, setupId);
  if (!revision) return null;
  const { whole } = revision;
  if (!whole.ok) return { kind: 'bad-input', problems: whole.problems };
  const { chain, presentation } = whole.data;
  return startSetup(tx, benchId, { name, reason, chain: [...chain], presentation, parts: [] }, now, authorId);
}
