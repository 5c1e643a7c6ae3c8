import { z } from 'zod';
import type { Db, Tx } from '@/db/client';
import { insertMovements, insertParts, lockParts, removePart, replacePart, type StoredPart } from '@/db/repo';
import { partIdSchema, type BenchId, type PartId } from '@/domain/ids';
import { partSchema, type Part } from '@/domain/parts';
import { stockOf } from '@/domain/stock';

export const changeSchema = z
  .strictObject({
    id: partIdSchema,
    /** null takes the part out of the Box */
    part: partSchema.nullable(),
    /** null: it is not in the Box yet, or not any more */
    expectedVersion: z.number().int().min(1).nullable(),
  })
  .superRefine(({ id, part, expectedVersion }, context) => {
    if (part && part.id !== id) context.addIssue({ code: 'custom', path: ['part', 'id'], message: `the id ${id}` });
    if (!part && expectedVersion === null)
      context.addIssue({ code: 'custom', path: ['expectedVersion'], message: 'the version that is taken out' });
  });

export const changesSchema = z.strictObject({
  changes: z.array(changeSchema).min(1).max(20_000),
  reason: z.string().trim().min(1).max(200),
});

export type BoxChange = z.infer<typeof changeSchema>;

export interface ChangedPart {
  readonly id: PartId;
  /** null: it is out of the Box */
  readonly version: number | null;
  /** as it stood before; null: it was not in the Box */
  readonly before: Part | null;
}

export type ChangeBoxOutcome =
  | { readonly kind: 'changed'; readonly parts: readonly ChangedPart[] }
  | { readonly kind: 'stale'; readonly ids: readonly PartId[] };

/**
 * Puts parts in, changes them and takes them out, all or none: one part that stands at another version stops them all.
 * A change of stock is written down as a movement, whoever made it.
 */
export async function changeBox(
  db: Db,
  benchId: BenchId,
  changes: readonly BoxChange[],
  reason: string,
  now: Date,
): Promise<ChangeBoxOutcome> {
  return db.transaction(async (tx) => {
    const stored = await lockParts(
      tx,
      benchId,
      changes.map(({ id }) => id),
    );
    const stale = changes
      .filter((change) => !stands(stored.get(change.id), change.expectedVersion))
      .map(({ id }) => id);
    if (stale.length > 0) return { kind: 'stale', ids: stale };
    const added = changes.flatMap(({ id, part }) => (part && !stored.has(id) ? [part] : []));
    await insertParts(tx, benchId, added, now);
    const parts: ChangedPart[] = [];
    for (const { id, part } of changes) parts.push(await apply(tx, benchId, id, part, stored.get(id), now));
    await insertMovements(
      tx,
      benchId,
      changes.flatMap(({ id, part }) => movementOf(stored.get(id), part, reason, now)),
    );
    return { kind: 'changed', parts };
  });
}

const stands = (stored: StoredPart | undefined, expected: number | null) =>
  expected === null ? !stored || stored.archived : stored?.version === expected && !stored.archived;

async function apply(
  tx: Tx,
  benchId: BenchId,
  id: PartId,
  part: Part | null,
  stored: StoredPart | undefined,
  now: Date,
): Promise<ChangedPart> {
  const before = stored && !stored.archived ? stored.part : null;
  if (!part) {
    await removePart(tx, benchId, id, now);
    return { id, version: null, before };
  }
  if (!stored) return { id, version: 1, before };
  const outcome = await replacePart(tx, benchId, part, stored.version, now);
  if (outcome.kind === 'stale') throw new Error(`part ${id} moved under its own lock`);
  return { id, version: outcome.version, before };
}

function movementOf(stored: StoredPart | undefined, part: Part | null, reason: string, at: Date) {
  const was = stored ? stockOf(stored.part) : 0;
  const is = part ? stockOf(part) : was;
  if (!part || is === null || is === was) return [];
  return [{ id: crypto.randomUUID(), partId: part.id, amount: is - (was ?? 0), reason, at }];
}
