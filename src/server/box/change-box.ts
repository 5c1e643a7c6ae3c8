import { z } from 'zod';
import type { Tx } from '@/db/client';
import { insertMovements, lockParts, removePart, replacePart, usedInRevisions, type LockedParts } from '@/db/repo';
import { ADDRESS_RULE, makesAddress, partIdSchema, type AnglerId, type BenchId, type PartId } from '@/domain/ids';
import { partSchema, type Part } from '@/domain/parts';
import type { Problem } from '@/domain/problems';
import { stockOf } from '@/domain/stock';
import { insertNew } from './insert-new';
import { setupsBrokenBy, type SetupBroken } from './setups-of-parts';

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
      context.addIssue({
        code: 'custom',
        path: ['expectedVersion'],
        message: 'the version that is taken out',
      });
  });

export const changesSchema = z.strictObject({
  changes: z
    .array(changeSchema)
    .min(1)
    .max(20_000)
    .superRefine((changes, context) => {
      const seen = new Set<string>();
      changes.forEach(({ id }, i) => {
        if (seen.has(id))
          context.addIssue({ code: 'custom', path: [i, 'id'], message: 'an id that no other change has' });
        seen.add(id);
      });
    }),
  reason: z.string().trim().min(1).max(200),
});

export type BoxChange = z.infer<typeof changeSchema>;

export interface ChangedPart {
  readonly id: PartId;
  /** null: it is out of the Box */
  readonly version: number | null;
  /** as it stood before; null: it was not in the Box, or could not be read */
  readonly before: Part | null;
}

export type ChangeBoxOutcome =
  | { readonly kind: 'changed'; readonly parts: readonly ChangedPart[] }
  | { readonly kind: 'stale'; readonly ids: readonly PartId[] }
  | { readonly kind: 'bad-input'; readonly problems: readonly Problem[] }
  | { readonly kind: 'breaks'; readonly setups: readonly SetupBroken[] };

/**
 * Puts parts in, changes them and takes them out, all or none: one part that stands at another version stops them all,
 * and so does a setup in use that could not be worked out afterwards. A change of stock is written down as a movement,
 * whoever made it.
 */
export async function changeBox(
  tx: Tx,
  benchId: BenchId,
  changes: readonly BoxChange[],
  reason: string,
  now: Date,
  authorId: AnglerId | null = null,
): Promise<ChangeBoxOutcome> {
  const locked = await lockParts(
    tx,
    benchId,
    changes.map(({ id }) => id),
  );
  const stale = changes.filter((change) => !stands(locked, change)).map(({ id }) => id);
  if (stale.length > 0) return { kind: 'stale', ids: stale };
  const added = changes.flatMap(({ id, part }) => (part && !isThere(locked, id) ? [part] : []));
  const problems = [...idProblems(changes, locked), ...(await kindProblems(tx, benchId, changes, locked))];
  if (problems.length > 0) return { kind: 'bad-input', problems };
  const changed = new Map(
    changes.flatMap(({ id, part }) => (part && isThere(locked, id) ? [[id, part] as const] : [])),
  );
  const setups = await setupsBrokenBy(tx, benchId, changed);
  if (setups.length > 0) return { kind: 'breaks', setups };

  await insertNew(tx, benchId, added, now);
  const parts: ChangedPart[] = [];
  for (const { id, part } of changes) parts.push(await apply(tx, benchId, id, part, locked, now));
  await insertMovements(
    tx,
    benchId,
    changes.flatMap(({ id, part }) => movementOf(locked, id, part, reason, authorId, now)),
  );
  return { kind: 'changed', parts };
}

const isThere = ({ parts, broken }: LockedParts, id: PartId): boolean => parts.has(id) || broken.has(id);

function stands({ parts, broken }: LockedParts, { id, expectedVersion }: BoxChange): boolean {
  const stored = parts.get(id) ?? broken.get(id);
  return expectedVersion === null
    ? !stored || stored.archived
    : stored?.version === expectedVersion && !stored.archived;
}

function idProblems(changes: readonly BoxChange[], locked: LockedParts): Problem[] {
  return changes.flatMap(({ id, part }, i): Problem[] =>
    part && !isThere(locked, id) && !makesAddress(id)
      ? [{ path: `changes[${i}].id`, given: id, allowed: { kind: 'rule', rule: ADDRESS_RULE } }]
      : [],
  );
}

/** A part that any revision uses stays what it is: a rod that becomes a hook would open no revision of its setups. */
async function kindProblems(
  tx: Tx,
  benchId: BenchId,
  changes: readonly BoxChange[],
  { parts, broken }: LockedParts,
): Promise<Problem[]> {
  const kindNow = (id: PartId) => parts.get(id)?.part.kind ?? broken.get(id)?.kind;
  const other = changes.filter(({ id, part }) => part && kindNow(id) !== undefined && kindNow(id) !== part.kind);
  const used = await usedInRevisions(
    tx,
    benchId,
    other.map(({ id }) => id),
  );
  return other
    .filter(({ id }) => used.has(id))
    .map(({ id, part }) => ({
      path: `changes[${changes.findIndex((each) => each.id === id)}].part.kind`,
      given: part?.kind,
      allowed: { kind: 'one-of', options: [kindNow(id)!] },
    }));
}

async function apply(
  tx: Tx,
  benchId: BenchId,
  id: PartId,
  part: Part | null,
  { parts, broken }: LockedParts,
  now: Date,
): Promise<ChangedPart> {
  const stored = parts.get(id);
  const before = stored && !stored.archived ? stored.part : null;
  if (!part) {
    await removePart(tx, benchId, id, now);
    return { id, version: null, before };
  }
  const version = stored?.version ?? broken.get(id)?.version;
  if (version === undefined) return { id, version: 1, before };
  const outcome = await replacePart(tx, benchId, part, version, now);
  if (outcome.kind === 'stale') throw new Error(`part ${id} moved under its own lock`);
  return { id, version: outcome.version, before };
}

function movementOf(
  { parts, broken }: LockedParts,
  id: PartId,
  part: Part | null,
  reason: string,
  authorId: AnglerId | null,
  at: Date,
) {
  if (!part || broken.has(id)) return [];
  const stored = parts.get(id);
  const was = (stored && stockOf(stored.part)) ?? 0;
  const is = stockOf(part);
  if (is === null || is === was) return [];
  return [{ id: crypto.randomUUID(), partId: part.id, amount: is - was, reason, authorId, at }];
}
