import { cutList, cuttingStock, type Allowances, type BatchItem, type CutPiece, type Cutting } from '@/core/make';
import type { Part } from '../parts';
import { stockOf } from '../stock';

type Line = Extract<Part, { kind: 'line' }>;

/** All spools of one line, and what comes off each. */
export interface SpoolPlan {
  readonly spools: readonly Line[];
  /** pieces of this line, as places in the cut list */
  readonly pieces: readonly number[];
  readonly cutting: Cutting;
  readonly neededM: number;
}

export interface TakenPart {
  readonly partId: string;
  readonly part: Part | null;
  readonly pieces: number;
  /** null: nobody counted */
  readonly left: number | null;
  readonly short: boolean;
}

export interface BatchPlan {
  readonly outcome: 'ok' | 'short';
  readonly pieces: readonly CutPiece[];
  readonly lines: readonly SpoolPlan[];
  readonly take: readonly TakenPart[];
}

/** The same line on another spool: of one material, and as thick or as strong. */
const isSameLine = (a: Line, b: Line): boolean =>
  a.material === b.material &&
  (a.diameterM?.value ?? null) === (b.diameterM?.value ?? null) &&
  (a.strengthN?.value ?? null) === (b.strengthN?.value ?? null);

/**
 * A tying evening: what is cut off which spool, what is taken from the Box, and what runs short. `loadMixedInteger` must
 * have run.
 *
 * @throws {InputRangeError} as `cutList` and `cuttingStock`.
 */
export function planBatch(batch: readonly BatchItem[], box: readonly Part[], allowances: Allowances = {}): BatchPlan {
  const { pieces, take } = cutList(batch, allowances);
  const used = [...new Set(pieces.map(({ partId }) => partId))].flatMap((id) =>
    box.filter((part): part is Line => part.id === id && part.kind === 'line'),
  );
  const kinds = used.filter((line, i) => used.findIndex((other) => isSameLine(other, line)) === i);
  const lines = kinds.map((line): SpoolPlan => {
    const spools = box.filter((part): part is Line => part.kind === 'line' && isSameLine(part, line));
    const own = [...pieces.keys()].filter((i) => spools.some(({ id }) => id === pieces[i]!.partId));
    const wanted = own.map((i) => ({ lengthM: pieces[i]!.cutM, count: pieces[i]!.count }));
    return {
      spools,
      pieces: own,
      cutting: cuttingStock({ pieces: wanted, stock: spools.map(({ lengthM }) => ({ lengthM: lengthM.value })) }),
      neededM: wanted.reduce((sum, { lengthM, count }) => sum + lengthM * count, 0),
    };
  });
  const taken = take.map(({ partId, pieces: count }): TakenPart => {
    const part = box.find(({ id }) => id === partId) ?? null;
    const left = part ? stockOf(part) : 0;
    return { partId, part, pieces: count, left, short: left !== null && left < count };
  });
  const isShort =
    lines.some(({ cutting }) => cutting.outcome === 'short') ||
    taken.some(({ short }) => short) ||
    pieces.some(({ partId }) => !lines.some(({ spools }) => spools.some(({ id }) => id === partId)));
  return { outcome: isShort ? 'short' : 'ok', pieces, lines, take: taken };
}

/** How stock goes down when a batch is tied: metres and pieces, by part. */
export function movementsOf({
  lines,
  pieces,
  take,
}: BatchPlan): readonly { readonly partId: string; readonly amount: number }[] {
  const metres = lines.flatMap(({ spools, cutting, pieces: own }) =>
    spools.map(({ id }, j) => ({
      partId: id as string,
      amount: -cutting.cuts[j]!.reduce((sum, count, i) => sum + count * pieces[own[i]!]!.cutM, 0),
    })),
  );
  // What nobody counted has no stock to go down.
  const counted = take
    .filter(({ left }) => left !== null)
    .map(({ partId, pieces: count }) => ({ partId, amount: -count }));
  return [...metres, ...counted].filter(({ amount }) => amount < 0);
}
