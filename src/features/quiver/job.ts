import type { RodScore } from '@/core/decide';
import { withLure } from '@/domain/quiver/lures-in-setups';
import type { ReelPart, RodPart, Setup } from '@/core/tackle';
import type { PartId, SetupId } from '@/domain/ids';
import type { Part } from '@/domain/parts';
import type { Work } from '@/domain/quiver/work';
import type { QuiverPage } from '@/server/queries/quiver-page';
import type { ScoredSetup } from '@/workers/protocol';

/** A presentation on the map: a setup as it is, or a lure of the Box in the place of the setup that fishes its like. */
export interface Presented {
  readonly id: string;
  readonly setupId: SetupId;
  readonly setupName: string;
  /** the lure that was put in; null: the setup as it is */
  readonly lure: Part | null;
  readonly file: Setup;
}

/** The rows of the map for a kind of work, setups first. */
export function presentedOf({ setups, lures, box }: QuiverPage, work: Work, withLures: boolean): readonly Presented[] {
  const own = setups.map(({ id, name, file }): Presented => ({ id, setupId: id, setupName: name, lure: null, file }));
  const put = lures.flatMap(({ partId, setupId, jointId }): Presented[] => {
    const setup = setups.find(({ id }) => id === setupId);
    const part = box.find(({ id }) => id === partId);
    return setup && part
      ? [
          {
            id: `${setupId}:${partId}`,
            setupId,
            setupName: setup.name,
            lure: part,
            file: withLure(setup.file, jointId, part),
          },
        ]
      : [];
  });
  return [...own, ...(withLures ? put : [])].filter(({ file }) => file.presentation.kind === work);
}

type Rod = RodPart & Part;
const isRod = (part: Part): part is Extract<Part, { kind: 'rod' }> => part.kind === 'rod';
const isReel = (part: Part): part is Extract<Part, { kind: 'reel' }> => part.kind === 'reel';

/** Boat and trolling rods are not cast; for what is towed, drifted or dropped any rod may serve. */
export const rodsFor = (box: readonly Part[], work: Work): readonly Rod[] =>
  box
    .filter(isRod)
    .filter(({ mount }) => work === 'towed' || mount === 'cast' || mount === 'spin')
    .sort((a, b) => powerOrder(a) - powerOrder(b));

export const reelsOf = (box: readonly Part[]): readonly (ReelPart & Part)[] => box.filter(isReel);

/** Light to heavy, by what they throw, or by the line they are made for. */
const powerOrder = (rod: Rod): number => rod.rating?.hiKg.value ?? (rod.lineHiN?.value ?? 0) / 1e3;

/** How a presentation is served at a floor. */
export interface Served {
  /** rods that reach the floor, as columns */
  readonly by: readonly number[];
  readonly best: number;
}

/** So many rods for one job are a crowd. */
export const CROWD = 3;

/** Only rods that may be chosen serve; one that stays at home leaves a hole. */
export const servedAt = (table: readonly ScoredSetup[], floor: number, allowed: readonly number[]): readonly Served[] =>
  table.map(({ scores }) => ({
    by: allowed.filter((r) => scores[r]!.score >= floor),
    best: allowed.reduce((best, r) => (scores[r]!.score > scores[best]!.score ? r : best), allowed[0] ?? 0),
  }));

/** A rod all of whose work another single rod does too. */
export interface Twin {
  readonly rod: number;
  readonly by: number;
}

/** Rods that another one makes redundant at a floor, each with the one that does most; of two that do the same, a chosen one stays, else the one with more to its credit. */
export function twinsOf(
  served: readonly Served[],
  table: readonly ScoredSetup[],
  chosen: readonly number[] = [],
): readonly Twin[] {
  const rods = table[0]?.scores.length ?? 0;
  const does = Array.from(
    { length: rods },
    (_, r) => new Set(served.flatMap(({ by }, p) => (by.includes(r) ? [p] : []))),
  );
  const total = (r: number) => table.reduce((sum, { scores }) => sum + scores[r]!.score, 0);
  const within = (a: number, b: number) => [...does[a]!].every((p) => does[b]!.has(p));
  const ranked = [...does.keys()].sort(
    (a, b) =>
      does[b]!.size - does[a]!.size ||
      Number(chosen.includes(b)) - Number(chosen.includes(a)) ||
      total(b) - total(a) ||
      a - b,
  );
  return does.flatMap((own, rod): Twin[] => {
    const by = own.size === 0 ? undefined : ranked.slice(0, ranked.indexOf(rod)).find((r) => within(rod, r));
    return by === undefined ? [] : [{ rod, by }];
  });
}

/** Rod × presentation, as the solver wants it; some rods may come after the own ones. */
export function scoresOf(table: readonly ScoredSetup[], more: readonly ScoredSetup[] = []): number[][] {
  const columns = (part: readonly ScoredSetup[]) =>
    Array.from({ length: part[0]?.scores.length ?? 0 }, (_, r) => part.map(({ scores }) => scores[r]!.score));
  return [...columns(table), ...columns(more)];
}

/** What a chosen rod does through the day: its presentations, each with its reel and its main line. */
export interface DayOf {
  readonly rod: number;
  readonly presentations: readonly number[];
  readonly reels: readonly string[];
  readonly lines: readonly PartId[];
}

/** Who fishes what, each presentation on the best of the chosen rods. */
export function throughTheDay(
  chosen: readonly number[],
  table: readonly ScoredSetup[],
  presented: readonly Presented[],
  floor: number,
): readonly DayOf[] {
  const best = table.map(({ scores }) =>
    chosen.reduce<number | null>(
      (most, r) => (scores[r]!.score >= floor && (most === null || scores[r]!.score > scores[most]!.score) ? r : most),
      null,
    ),
  );
  return chosen.map((rod) => {
    const presentations = best.flatMap((r, p) => (r === rod ? [p] : []));
    const unique = <T>(values: readonly (T | null | undefined)[]): readonly T[] => [
      ...new Set(values.filter((value) => value !== null && value !== undefined)),
    ];
    return {
      rod,
      presentations,
      reels: unique(presentations.map((p) => table[p]!.scores[rod]!.reelId)),
      lines: unique(
        presentations.map(
          (p) => presented[p]!.file.chain.find(({ kind }) => kind === 'line')?.partId as PartId | undefined,
        ),
      ),
    };
  });
}

/** What is lost when one rod alone stays at home: score, and presentations that then reach the floor with no rod. */
export interface Missed {
  readonly rod: number;
  readonly score: number;
  readonly holes: number;
}

export function missedAlone(
  table: readonly ScoredSetup[],
  served: readonly Served[],
  allowed: readonly number[],
): readonly Missed[] {
  const best = (scores: readonly RodScore[], without: number | null) =>
    allowed.reduce((most, r) => (r === without ? most : Math.max(most, scores[r]!.score)), 0);
  return allowed
    .map((rod) => ({
      rod,
      score: table.reduce((sum, { scores }) => sum + best(scores, null) - best(scores, rod), 0),
      holes: served.filter(({ by }) => by.length === 1 && by[0] === rod).length,
    }))
    .sort((a, b) => a.score - b.score || a.holes - b.holes || a.rod - b.rod);
}
