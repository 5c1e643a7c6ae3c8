import type { BrokenPart, Listed, ReadRevision, Revision } from '@/db/repo';
import type { House } from '@/domain/house';
import type { PartId } from '@/domain/ids';
import type { Part } from '@/domain/parts';
import { parse, type Problem, type Result } from '@/domain/problems';
import { remembered } from '@/domain/remembered';
import { setupFileSchema, type SetupFile } from '@/domain/setup';

/** Why a setup cannot be worked out: what is wrong, and with which of its parts, where it is one. */
export interface Fault {
  readonly partId: PartId | null;
  readonly partName: string | null;
  readonly problem: Problem;
}

export type SetupFileOutcome =
  | { readonly kind: 'file'; readonly file: SetupFile; readonly revision: Revision }
  | { readonly kind: 'broken'; readonly faults: readonly Fault[] };

interface Content extends Pick<Revision, 'chain' | 'presentation'> {
  readonly name: string;
  readonly parts: readonly Part[];
  readonly house: House;
}

/** Every page reads mostly what the one before it read. */
const checked = remembered(
  ({ name, chain, presentation, parts, house }: Content) => [chain, presentation, name, house, ...parts],
  ({ parts, house, ...content }): Result<SetupFile> => {
    const file = parse(setupFileSchema, { version: 1, ...content, parts, house });
    // They were checked when they were read; the copies that a check makes would be one for each setup.
    return file.ok ? { ok: true, data: { ...file.data, parts: [...parts], house } } : file;
  },
);

/** A revision as a setup file with the given readings of its parts, or what keeps it from being one. Never throws. */
export function setupFileFrom(
  name: string,
  { whole }: ReadRevision,
  parts: Listed<Part, BrokenPart>,
  house: House,
): SetupFileOutcome {
  if (!whole.ok)
    return { kind: 'broken', faults: whole.problems.map((problem) => ({ partId: null, partName: null, problem })) };
  const { chain, presentation } = whole.data;
  const used = new Set<string>(chain.map(({ partId }) => partId));
  const bad = parts.broken.filter(({ id }) => used.has(id));
  if (bad.length > 0)
    return {
      kind: 'broken',
      faults: bad.flatMap(({ id, name, problems }) =>
        problems.map((problem) => ({ partId: id as PartId, partName: name || id, problem })),
      ),
    };
  const file = checked({ name, chain, presentation, parts: parts.rows.filter(({ id }) => used.has(id)), house });
  if (file.ok) return { kind: 'file', file: file.data, revision: whole.data };
  return {
    kind: 'broken',
    faults: file.problems.map((problem) => {
      const at = /^chain\[(\d+)\]/.exec(problem.path);
      return { partId: at ? (chain[Number(at[1])]?.partId ?? null) : null, partName: null, problem };
    }),
  };
}
