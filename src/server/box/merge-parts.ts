import { z } from 'zod';
import type { Tx } from '@/db/client';
import {
  findHouseRows,
  findParts,
  findRequest,
  findRevision,
  insertMovements,
  insertParts,
  lockParts,
  removePart,
  replacePart,
  saveRevision,
  type Revision,
} from '@/db/repo';
import {
  partIdSchema,
  requestIdSchema,
  revisionIdSchema,
  setupIdSchema,
  type AnglerId,
  type BenchId,
} from '@/domain/ids';
import { partSchema } from '@/domain/parts';
import { stockOf, withStock } from '@/domain/stock';
import { houseOf } from '../house/house';
import { TakenBack } from '../once';
import { setupFileFrom } from '../setups/setup-file';
import { newestRevisions, usesPart, type SetupBroken } from './setups-of-parts';

export const mergeInput = z
  .strictObject({ keepId: partIdSchema, dropId: partIdSchema })
  .superRefine(({ keepId, dropId }, context) => {
    if (keepId === dropId) context.addIssue({ code: 'custom', path: ['dropId'], message: 'another part than keepId' });
  });

/** What joining did, as far as taking it back needs it. */
const mergedSchema = z.strictObject({
  keep: partSchema,
  /** of the entry that stays, afterwards */
  keepVersion: z.number().int(),
  drop: partSchema,
  /** of the entry that was put away; null: it was deleted, no revision used it */
  dropVersion: z.number().int().nullable(),
  setups: z.array(
    z.strictObject({
      setupId: setupIdSchema,
      name: z.string(),
      /** afterwards */
      version: z.number().int(),
      /** of the revision that joining started from */
      number: z.number().int(),
    }),
  ),
});

export type Merged = z.infer<typeof mergedSchema>;

export type MergeOutcome =
  | { readonly kind: 'merged'; readonly merged: Merged }
  | { readonly kind: 'not-found' | 'other-kind' }
  | { readonly kind: 'breaks'; readonly setups: readonly SetupBroken[] };

/** Makes two entries of one part into one: its setups get a revision with the part that stays, the stocks add up. */
export async function mergeParts(
  tx: Tx,
  benchId: BenchId,
  { keepId, dropId }: z.infer<typeof mergeInput>,
  reason: string,
  now: Date,
  authorId: AnglerId | null = null,
): Promise<MergeOutcome> {
  const stored = (await lockParts(tx, benchId, [keepId, dropId])).parts;
  const [keep, drop] = [stored.get(keepId), stored.get(dropId)];
  if (!keep || !drop || keep.archived || drop.archived) return { kind: 'not-found' };
  if (keep.part.kind !== drop.part.kind) return { kind: 'other-kind' };
  const uses = (await newestRevisions(tx, benchId)).filter((use) => usesPart(use, dropId));
  const { house } = houseOf(await findHouseRows(tx, benchId));
  const broken: SetupBroken[] = [];
  const setups: Merged['setups'] = [];
  for (const { setupId, name, version, revision } of uses) {
    if (!revision.whole.ok) continue;
    const { chain: before, presentation } = revision.whole.data;
    const chain = before.map((joint) => (joint.partId === dropId ? { ...joint, partId: keepId } : joint));
    const parts = await findParts(
      tx,
      benchId,
      chain.map((joint) => joint.partId),
    );
    const whole: Revision = { ...revision, chain, presentation };
    const file = setupFileFrom(name, { ...revision, whole: { ok: true, data: whole } }, parts, house);
    if (file.kind === 'broken') {
      broken.push({ setupId, name, faults: file.faults });
      continue;
    }
    const saved = await saveRevision(tx, benchId, setupId, version, {
      id: revisionIdSchema.parse(crypto.randomUUID()),
      reason,
      chain,
      presentation,
      parts: parts.rows,
      authorId,
      savedAt: now,
    });
    if (saved.kind !== 'saved') throw new TakenBack({ ok: false, code: 'stale', fields: [] });
    setups.push({ setupId, name, version: saved.version, number: revision.number });
  }
  if (broken.length > 0) throw new TakenBack({ ok: false, code: 'breaks', fields: [], setups: broken });
  const moved = stockOf(drop.part) ?? 0;
  const left = stockOf(keep.part);
  let keepVersion = keep.version;
  if (left !== null && moved > 0) {
    const outcome = await replacePart(tx, benchId, withStock(keep.part, left + moved), keep.version, now);
    if (outcome.kind === 'stale') throw new Error(`part ${keepId} moved under its own lock`);
    keepVersion = outcome.version;
    await insertMovements(tx, benchId, [
      { id: crypto.randomUUID(), partId: keepId, amount: moved, reason, authorId, at: now },
    ]);
  }
  const removed = await removePart(tx, benchId, dropId, now);
  return {
    kind: 'merged',
    merged: {
      keep: keep.part,
      keepVersion,
      drop: drop.part,
      dropVersion: removed === 'archived' ? drop.version + 1 : null,
      setups,
    },
  };
}

export const unmergeInput = z.strictObject({
  /** under which the joining was sent */
  mergeRequestId: requestIdSchema,
  reason: z.string().trim().min(1).max(400),
});

export type UnmergeOutcome = { readonly kind: 'taken-back' } | { readonly kind: 'not-found' | 'stale' };

/**
 * Takes joining two entries back: both stand in the Box as before, and each setup gets a revision with the part it had.
 * Where any of them was changed since, nothing is done.
 */
export async function unmergeParts(
  tx: Tx,
  benchId: BenchId,
  { mergeRequestId, reason }: z.infer<typeof unmergeInput>,
  now: Date,
  authorId: AnglerId | null = null,
): Promise<UnmergeOutcome> {
  const request = await findRequest(tx, benchId, mergeRequestId);
  const answer = z.object({ ok: z.literal(true), data: mergedSchema }).safeParse(request?.answer);
  if (request?.action !== 'merge-parts' || !answer.success) return { kind: 'not-found' };
  const { keep, keepVersion, drop, dropVersion, setups } = answer.data.data;
  const { parts } = await lockParts(tx, benchId, [keep.id, drop.id]);
  const [keptNow, dropNow] = [parts.get(keep.id), parts.get(drop.id)];
  if (!keptNow || keptNow.archived || keptNow.version !== keepVersion) return { kind: 'stale' };
  if (dropVersion === null ? dropNow !== undefined : dropNow?.version !== dropVersion || !dropNow.archived)
    return { kind: 'stale' };

  if (dropVersion === null) await insertParts(tx, benchId, [drop], now);
  else await replacePart(tx, benchId, drop, dropVersion, now);
  const amount = (stockOf(keep) ?? 0) - (stockOf(keptNow.part) ?? 0);
  if (amount !== 0) {
    await replacePart(tx, benchId, withStock(keptNow.part, stockOf(keep) ?? 0), keepVersion, now);
    await insertMovements(tx, benchId, [
      { id: crypto.randomUUID(), partId: keep.id, amount, reason, authorId, at: now },
    ]);
  }
  for (const { setupId, version, number } of setups) {
    const before = await findRevision(tx, benchId, setupId, number);
    if (!before?.whole.ok) throw new TakenBack({ ok: false, code: 'stale', fields: [] });
    const { chain, presentation } = before.whole.data;
    const found = await findParts(
      tx,
      benchId,
      chain.map((joint) => joint.partId),
    );
    const saved = await saveRevision(tx, benchId, setupId, version, {
      id: revisionIdSchema.parse(crypto.randomUUID()),
      reason,
      chain: [...chain],
      presentation,
      parts: found.rows,
      authorId,
      savedAt: now,
    });
    if (saved.kind !== 'saved') throw new TakenBack({ ok: false, code: 'stale', fields: [] });
  }
  return { kind: 'taken-back' };
}
