import { toHalfMetre } from './let-out';
import { wantedBand } from './wanted-band';
import { lineFor } from '@/core/afloat';
import type { House } from '../house';
import { sideTaken } from '@/core/tackle/defaults/schools';
import { isProblem, placedRod } from './on-boat';
import { SPREAD_DOCUMENT_LIMITS as L } from './spread-limits';
import type { SpreadLineDocument } from './spread';
import type { SpreadQuestion } from './solve';

export const PATTERNS = ['stair', 'v', 'inverted-v', 'staggered', 'two-deep-two-high', 'level'] as const;
export type PatternName = (typeof PATTERNS)[number];

/** A place in a pattern: how far back and how deep, from the nearest and highest (0) to the farthest and deepest (1). */
export interface PatternPlace {
  readonly back: number;
  readonly deep: number;
}

/**
 * Places from port to starboard. Stair: each farther back than the one before it. V: the outside lines farthest back;
 * inverted V: the inside ones. Staggered: near and far in turn. Two deep, two high, one back: the inside pair deep and near,
 * the outside pair high and in the middle, what is between far back. Level: all at one distance.
 */
export function placesOf(name: PatternName, count: number): readonly PatternPlace[] {
  const at = (i: number): number => (count === 1 ? 0 : i / (count - 1));
  /** 0 in the middle of the boat, 1 outside */
  const outside = (i: number): number => (count === 1 ? 0 : Math.abs(2 * at(i) - 1));
  return Array.from({ length: count }, (_, i): PatternPlace => {
    switch (name) {
      case 'stair':
        return { back: at(i), deep: at(i) };
      case 'v':
        return { back: outside(i), deep: 1 - outside(i) };
      case 'inverted-v':
        return { back: 1 - outside(i), deep: outside(i) };
      case 'staggered':
        return { back: i % 2, deep: 1 - (i % 2) };
      case 'two-deep-two-high': {
        const rank = Math.min(i, count - 1 - i);
        const middle = count % 2 === 1 && i === (count - 1) / 2;
        if (middle) return { back: 1, deep: 0.5 };
        return rank % 2 === 0 ? { back: 0.6, deep: 0 } : { back: 0, deep: 1 };
      }
      case 'level':
        return { back: 0.5, deep: 0.5 };
      default:
        return name satisfies never;
    }
  });
}

/** A spread's own shape, to be used as a pattern again: shares of its line lengths and of its cables, port to starboard. */
export function placesOfSpread(lines: readonly SpreadLineDocument[]): readonly PatternPlace[] {
  const share = (values: readonly number[]) => {
    const [lo, hi] = [Math.min(...values), Math.max(...values)];
    return values.map((value) => (hi - lo < 0.1 ? 0.5 : (value - lo) / (hi - lo)));
  };
  const backs = share(lines.map(({ lineM }) => lineM));
  const deeps = share(lines.map(({ cableM, lineM }) => cableM ?? lineM));
  return lines.map((_, i) => ({ back: backs[i]!, deep: deeps[i]! }));
}

/** Another number of lines in the same shape. */
export function stretched(places: readonly PatternPlace[], count: number): readonly PatternPlace[] {
  if (places.length === 0) return placesOf('level', count);
  return Array.from({ length: count }, (_, i) => {
    const at = count === 1 ? 0 : (i * (places.length - 1)) / (count - 1);
    const [a, b] = [places[Math.floor(at)]!, places[Math.ceil(at)]!];
    const share = at - Math.floor(at);
    return { back: a.back + share * (b.back - a.back), deep: a.deep + share * (b.deep - a.deep) };
  });
}

export interface PatternAsk {
  readonly places: readonly PatternPlace[];
  /** how far behind the boat the nearest and the farthest run [m] */
  readonly nearM: number;
  readonly farM: number;
  /** on downriggers: all in the middle of their bands, or from the top of them to the bottom */
  readonly column: 'in-band' | 'through-column';
}

/** Near and far as the house fishes: heavy on a short line, or light on a long one [m]. */
export const usualReach = (schools: House['schools']): { readonly nearM: number; readonly farM: number } =>
  sideTaken(schools, 'fish-weight') === 'light-long' ? { nearM: 25, farM: 70 } : { nearM: 10, farM: 35 };

/** Lines as they stand from port to starboard. */
export const portToStarboard = <T extends { readonly tipX: number }>(lines: readonly T[]): readonly T[] =>
  lines.toSorted((a, b) => a.tipX - b.tipX);

/** Rods of a side that stand against the house rule of longer or shorter ones outside: pairs, the inside one first. */
export function rodsAgainst(
  rule: 'equal' | 'longer-outside' | 'shorter-outside',
  rods: readonly { readonly id: string; readonly tipX: number; readonly lengthM: number }[],
): readonly (readonly [inside: string, outside: string])[] {
  return [-1, 1].flatMap((side) => {
    const row = rods
      .filter(({ tipX }) => Math.sign(tipX) === side)
      .toSorted((a, b) => Math.abs(a.tipX) - Math.abs(b.tipX));
    return row.slice(1).flatMap((outside, i) => {
      const longer = outside.lengthM - row[i]!.lengthM;
      const isAgainst =
        rule === 'equal'
          ? Math.abs(longer) > SAME_ROD_M
          : rule === 'longer-outside'
            ? longer < -SAME_ROD_M
            : longer > SAME_ROD_M;
      return isAgainst ? [[row[i]!.id, outside.id] as const] : [];
    });
  });
}

/** Rods that differ by less are equally long [m]. */
const SAME_ROD_M = 0.1;

/** What a pattern makes of each line that is not pinned: line by its distance, cables by depth within the band. */
export function inPattern(
  question: SpreadQuestion,
  ask: PatternAsk,
  order: readonly string[],
): readonly SpreadLineDocument[] {
  const { spread, files } = question;
  const places = stretched(ask.places, order.length);
  return spread.lines.map((line) => {
    const place = places[order.indexOf(line.id)];
    const file = files[line.setupId] ?? null;
    const placed = placedRod(line, file, { ...question, scene: spread });
    if (line.pinned || !place || isProblem(placed)) return line;
    const limits = { lineM: L.lineM, cableM: L.cableM };
    const behindM = backM(ask, place);
    const { lineM } = lineFor(placed, { behindM }, limits);
    const band = wantedBand(line, spread, file?.presentation);
    if (placed.presentation.gear?.kind !== 'downrigger' || !band) return { ...line, lineM: toHalfMetre(lineM) };
    const deep = ask.column === 'in-band' ? 0.5 : place.deep;
    const withLead = {
      ...placed,
      presentation: { ...placed.presentation, gear: { ...placed.presentation.gear, leadM: lineM } },
    };
    const { cableM } = lineFor(withLead, { depthM: band.fromM + deep * (band.toM - band.fromM) }, limits);
    return { ...line, lineM: toHalfMetre(lineM), ...(cableM === null ? {} : { cableM: toHalfMetre(cableM) }) };
  });
}

const backM = ({ nearM, farM }: PatternAsk, { back }: PatternPlace): number => nearM + back * (farM - nearM);

/** How far each line runs from where a pattern wants it [m], behind where it leaves the boat; positive: too far back. */
export function offPattern(
  lines: readonly { readonly id: string; readonly behindTipM: number }[],
  ask: PatternAsk,
  order: readonly string[],
): readonly { readonly id: string; readonly byM: number }[] {
  const places = stretched(ask.places, order.length);
  return lines.flatMap(({ id, behindTipM }) => {
    const place = places[order.indexOf(id)];
    return place ? [{ id, byM: behindTipM - backM(ask, place) }] : [];
  });
}
