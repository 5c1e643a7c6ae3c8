import { z } from 'zod';
import type { Tx } from '@/db/client';
import { FIRST_ANGLER, insertReadings, listAnglers, lockBench, lockParts, putAngler, replacePart } from '@/db/repo';
import type { Angler } from '@/domain/angler';
import { findIn, GUIDES, rawReadingSchema, type Found } from '@/domain/guides';
import { partIdSchema, type AnglerId, type BenchId } from '@/domain/ids';
import { partSchema, type Part } from '@/domain/parts';
import { valueAt } from '@/core/decide';
import { withValueAt } from '@/domain/parts/with-value-at';
import { parse, type Problem } from '@/domain/problems';
import { setupsBrokenBy, setupsMovedBy, type MovedSetup, type SetupBroken } from './setups-of-parts';
import { askingAngler } from '../asker';

export const measureInput = z.strictObject({
  partId: partIdSchema,
  expectedVersion: z.number().int().min(1),
  guide: z.enum(GUIDES),
  raw: rawReadingSchema,
});

type MeasureInput = z.infer<typeof measureInput>;

export type MeasureOutcome =
  | {
      readonly kind: 'measured';
      readonly part: Part;
      readonly version: number;
      readonly setups: readonly MovedSetup[];
    }
  | { readonly kind: 'stale' | 'not-found' }
  | { readonly kind: 'breaks'; readonly setups: readonly SetupBroken[] }
  | { readonly kind: 'bad-input'; readonly problems: readonly Problem[] };

/**
 * Works out what a guide finds in what was read, writes that over label or class, keeps the raw readings and what stood
 * there before, and says which marks it moved. Only the fields that the guide itself found are touched.
 */
export async function measurePart(
  tx: Tx,
  benchId: BenchId,
  { partId, expectedVersion, guide, raw }: MeasureInput,
  now: Date,
  authorId: AnglerId | null = null,
): Promise<MeasureOutcome> {
  const stored = (await lockParts(tx, benchId, [partId])).parts.get(partId);
  if (!stored || stored.archived) return { kind: 'not-found' };
  if (stored.version !== expectedVersion) return { kind: 'stale' };
  const found = findIn(guide, stored.part, raw);
  if (!found.ok) return { kind: 'bad-input', problems: found.problems };
  const { after } = found.data;
  const paths = Object.keys(after);
  if (paths.length === 0) return { kind: 'bad-input', problems: nothingFound(found.data) };
  const parsed = parse(
    partSchema,
    paths.reduce<object>((part, path) => withValueAt(part, path, after[path]), stored.part),
  );
  if (!parsed.ok) return { kind: 'bad-input', problems: parsed.problems };
  const broken = await setupsBrokenBy(tx, benchId, new Map([[partId, parsed.data]]));
  if (broken.length > 0) return { kind: 'breaks', setups: broken };
  const before = Object.fromEntries(paths.map((path) => [path, valueAt(stored.part, path) ?? null]));
  const setups = await setupsMovedBy(tx, benchId, parsed.data);
  const outcome = await replacePart(tx, benchId, parsed.data, expectedVersion, now);
  if (outcome.kind === 'stale') return { kind: 'stale' };
  await insertReadings(tx, benchId, [
    { id: crypto.randomUUID(), partId, guide, raw, before, after, authorId, takenAt: now },
  ]);
  return { kind: 'measured', part: parsed.data, version: outcome.version, setups };
}

const nothingFound = ({ hints }: Found): Problem[] => [
  {
    path: 'raw',
    given: undefined,
    allowed: { kind: 'rule', rule: `readings that tell something (${hints.join(', ')})` },
  },
];

export const measureAnglerInput = measureInput.omit({ expectedVersion: true });

export type MeasureAnglerOutcome =
  | { readonly kind: 'measured'; readonly figures: Angler }
  | { readonly kind: 'not-found' }
  | { readonly kind: 'bad-input'; readonly problems: readonly Problem[] };

/** The same for a guide that tells of the angler: of the one who asks, else of the usual one, else of a first one. */
export async function measureAngler(
  tx: Tx,
  benchId: BenchId,
  { partId, guide, raw }: z.infer<typeof measureAnglerInput>,
  now: Date,
): Promise<MeasureAnglerOutcome> {
  await lockBench(tx, benchId);
  const stored = (await lockParts(tx, benchId, [partId])).parts.get(partId);
  if (!stored || stored.archived) return { kind: 'not-found' };
  const found = findIn(guide, stored.part, raw);
  if (!found.ok) return { kind: 'bad-input', problems: found.problems };
  const figures = found.data.angler;
  if (!figures) return { kind: 'bad-input', problems: nothingFound(found.data) };
  const anglers = await listAnglers(tx, benchId);
  const angler = anglers.find(({ id }) => id === askingAngler()) ??
    anglers.find((each) => each.usual) ?? { id: FIRST_ANGLER, name: '', usual: true, entries: {} };
  const named = (entries: Readonly<Record<string, unknown>>) =>
    Object.fromEntries(Object.keys(figures).map((key) => [`angler.${key}`, entries[key] ?? null]));
  await putAngler(tx, benchId, { ...angler, entries: { ...angler.entries, ...figures } }, now);
  await insertReadings(tx, benchId, [
    {
      id: crypto.randomUUID(),
      partId,
      guide,
      raw,
      before: named(angler.entries),
      after: named(figures),
      authorId: angler.id,
      takenAt: now,
    },
  ]);
  return { kind: 'measured', figures };
}
