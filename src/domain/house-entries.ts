import { z } from 'zod';
import { anglerSchema } from './angler';
import { craftSchema, HOUSE_SCHEMAS } from './house';
import { anglerIdSchema } from './ids';
import { parse, type Problem } from './problems';

/** What is kept entry by entry: each house document, the figures of an angler, the fields of a craft. */
const ENTRY_SCHEMAS = { ...HOUSE_SCHEMAS, angler: anglerSchema, craft: craftSchema.partial() } as const;

export type EntryDocument = keyof typeof ENTRY_SCHEMAS;

/** An entry that cannot be used: where it stands, what stands there, and what could. */
export interface BrokenEntry {
  readonly document: EntryDocument;
  /** of the craft or angler; empty for a document of the bench */
  readonly id: string;
  readonly key: string;
  readonly given: unknown;
  readonly problems: readonly Problem[];
}

export const entryProblems = (document: EntryDocument, key: string, value: unknown): readonly Problem[] => {
  const result = parse<unknown>(ENTRY_SCHEMAS[document], { [key]: value });
  return result.ok ? [] : result.problems;
};

/** The entries of a record that can be used, and the others by name: one bad entry costs nothing but itself. */
export function readEntries(
  document: EntryDocument,
  id: string,
  record: Readonly<Record<string, unknown>>,
): { readonly good: Record<string, unknown>; readonly broken: readonly BrokenEntry[] } {
  const good: Record<string, unknown> = {};
  const broken: BrokenEntry[] = [];
  for (const [key, given] of Object.entries(record)) {
    const problems = entryProblems(document, key, given);
    if (problems.length === 0) good[key] = given;
    else broken.push({ document, id, key, given, problems });
  }
  return { good, broken };
}

const name = z.string().trim().max(60);

/** One change of what the bench holds to. `from` is what the page saw there; null stands for nothing. */
export const houseChangeSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('entry'),
    document: z.enum(Object.keys(ENTRY_SCHEMAS) as [EntryDocument, ...EntryDocument[]]),
    /** of the craft or angler; empty for a document of the bench */
    id: z.string().max(64),
    key: z.string().min(1).max(80),
    from: z.unknown(),
    to: z.unknown(),
  }),
  z.strictObject({ kind: z.literal('add-craft'), craft: craftSchema }),
  z.strictObject({ kind: z.literal('remove-craft'), id: craftSchema.shape.id }),
  z.strictObject({ kind: z.literal('add-angler'), id: anglerIdSchema, name }),
  z.strictObject({ kind: z.literal('name-angler'), id: anglerIdSchema, from: name, to: name }),
  z.strictObject({ kind: z.literal('remove-angler'), id: anglerIdSchema }),
  /** whose figures setups are judged with from now on */
  z.strictObject({ kind: z.literal('usual-angler'), id: anglerIdSchema }),
]);

export type HouseChange = z.infer<typeof houseChangeSchema>;
export type EntryChange = Extract<HouseChange, { kind: 'entry' }>;

export const houseChangesSchema = z.strictObject({ changes: z.array(houseChangeSchema).min(1).max(500) });

/** Why a change was not made; the others of the same request were. */
export interface RefusedChange {
  readonly at: number;
  readonly why: 'changed-meanwhile' | 'not-there' | 'in-use' | 'not-allowed';
  /** what stands there now */
  readonly stands: unknown;
  readonly problems: readonly Problem[];
}
