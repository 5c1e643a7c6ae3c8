import { z } from 'zod';
import type { Db } from '@/db/client';
import { insertReadings, lockParts, replacePart } from '@/db/repo';
import { partIdSchema, type BenchId } from '@/domain/ids';
import { GUIDES } from '@/domain/guides';
import { partSchema, type Part } from '@/domain/parts';
import { valueAt, withValueAt } from '@/domain/parts/fields';
import { parse, type Problem } from '@/domain/problems';
import { setupsMovedBy, type MovedSetup } from './setups-of-parts';

export const measureInput = z.strictObject({
  partId: partIdSchema,
  expectedVersion: z.number().int().min(1),
  guide: z.enum(GUIDES),
  /** the fields that were measured, by path */
  after: z
    .record(z.string().max(80), z.unknown())
    .refine((after) => Object.keys(after).length > 0, 'one measured field at least'),
});

export type MeasureOutcome =
  | { readonly kind: 'measured'; readonly part: Part; readonly version: number; readonly setups: readonly MovedSetup[] }
  | { readonly kind: 'stale' | 'not-found' }
  | { readonly kind: 'bad-input'; readonly problems: readonly Problem[] };

/** Writes what a guide found over label or class, keeps what stood there with its date, and says which marks it moved. */
export async function measurePart(
  db: Db,
  benchId: BenchId,
  input: z.infer<typeof measureInput>,
  now: Date,
): Promise<MeasureOutcome> {
  const { partId, expectedVersion, guide, after } = input;
  return db.transaction(async (tx) => {
    const stored = (await lockParts(tx, benchId, [partId])).get(partId);
    if (!stored || stored.archived) return { kind: 'not-found' };
    if (stored.version !== expectedVersion) return { kind: 'stale' };
    const paths = Object.keys(after);
    const parsed = parse(
      partSchema,
      paths.reduce<object>((part, path) => withValueAt(part, path, after[path]), stored.part),
    );
    if (!parsed.ok) return { kind: 'bad-input', problems: parsed.problems };
    const before = Object.fromEntries(paths.map((path) => [path, valueAt(stored.part, path) ?? null]));
    const outcome = await replacePart(tx, benchId, parsed.data, expectedVersion, now);
    if (outcome.kind === 'stale') return { kind: 'stale' };
    await insertReadings(tx, benchId, [{ id: crypto.randomUUID(), partId, guide, before, after, takenAt: now }]);
    return {
      kind: 'measured',
      part: parsed.data,
      version: outcome.version,
      setups: await setupsMovedBy(tx, benchId, stored.part, parsed.data),
    };
  });
}
