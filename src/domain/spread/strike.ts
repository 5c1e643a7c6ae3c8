import { PROBE, lineIdOf } from './line-names';
import type { LinePair } from '@/core/afloat';
import type { SolvedLine } from './solve';
import type { SpreadDocument, SpreadLineDocument } from './spread';

/** How far two rods' lines come to each other, whichever pieces of them do. */
export interface LinesApart {
  readonly a: string;
  readonly b: string;
  readonly straightM: number | null;
  readonly crosses: boolean;
}

/** Pairs of `spread` as pairs of lines: a line with its cable or board is one. */
export function linesApart(pairs: readonly LinePair[]): readonly LinesApart[] {
  const found = new Map<string, LinesApart>();
  for (const { a, b, straightM, crosses } of pairs) {
    const [p, q] = [lineIdOf(a), lineIdOf(b)];
    if (p === q) continue;
    const key = `${p} ${q}`;
    const before = found.get(key);
    const least =
      before === undefined || before.straightM === null
        ? straightM
        : straightM === null
          ? before.straightM
          : Math.min(before.straightM, straightM);
    found.set(key, { a: p, b: q, straightM: least, crosses: crosses || (before?.crosses ?? false) });
  }
  return [...found.values()];
}

/** Lines that are in a fish's way, those that cross first, then the nearest. */
export function inTheWay(apart: readonly LinesApart[], struck: string): readonly string[] {
  return apart
    .filter(({ a, b }) => a === struck || b === struck)
    .toSorted((p, q) => Number(q.crosses) - Number(p.crosses) || (p.straightM ?? Infinity) - (q.straightM ?? Infinity))
    .map(({ a, b }) => (a === struck ? b : a))
    .filter((id) => id !== PROBE);
}

/**
 * In which order lines are let out: the probe first, then boards from the outside in, downriggers from the deepest up, flat lines
 * from the longest; they are taken in the other way round. The user's own order stands before it.
 */
export function orderOut(
  { lines, order, probe }: Pick<SpreadDocument, 'lines' | 'order' | 'probe'>,
  solved: readonly SolvedLine[],
): readonly string[] {
  const of = new Map(solved.map((each) => [each.id, each]));
  const group = ({ board, cableM }: SpreadLineDocument) => (board ? 0 : cableM === undefined ? 2 : 1);
  const within = (line: SpreadLineDocument) => line.board?.outM ?? of.get(line.id)?.ballDepthM ?? line.lineM;
  const usual = lines.toSorted((a, b) => group(a) - group(b) || within(b) - within(a)).map(({ id }) => id);
  const own = (order ?? []).filter((id) => usual.includes(id));
  return [...(probe ? [PROBE] : []), ...own, ...usual.filter((id) => !own.includes(id))];
}

/**
 * After a strike on a side board its neighbours on that side slide out by a place, and the rod goes back inside: places and boards
 * move on, the rods keep their lines.
 */
export function slidOut(
  lines: readonly SpreadLineDocument[],
  struck: string,
  sideOf: (pointId: string) => number,
): readonly SpreadLineDocument[] {
  const hit = lines.find(({ id }) => id === struck);
  if (!hit?.board) return lines;
  const side = Math.sign(sideOf(hit.pointId));
  const row = lines
    .filter(({ board, pointId }) => board && Math.sign(sideOf(pointId)) === side)
    .toSorted((a, b) => b.board!.outM - a.board!.outM);
  const at = row.findIndex(({ id }) => id === struck);
  const inside = row.slice(at);
  if (inside.length < 2) return lines;
  const places = inside.map(({ pointId, board }) => ({ pointId, board }));
  const next = new Map([
    ...inside.slice(1).map((line, k) => [line.id, places[k]!] as const),
    [struck, places.at(-1)!] as const,
  ]);
  return lines.map((line) => (next.has(line.id) ? { ...line, ...next.get(line.id)! } : line));
}
