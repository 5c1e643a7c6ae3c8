import { requireInRange } from '../../base/guard';
import { checkLines } from './check-lines';
import { crossInPlan, leastDistanceM, wetPieces } from './distance';
import { areRelated, clearanceM, parentsOf, SPREAD_LIMITS, type Point, type SpreadLine, type Turn } from './lines';
import { inTurn, onStraight, type Placed } from './place';
import { tightestTurn, type Tightest } from './tightest';

export interface SpreadInput {
  readonly lines: readonly SpreadLine[];
  /** how far lines are to stand apart [m]; 1.5 when absent */
  readonly clearM?: number | undefined;
  /** of the boat through the water */
  readonly speedMps?: number | undefined;
  readonly turn?: Turn | undefined;
}

export interface LineInTurn {
  readonly outcome: 'ok' | 'goes-slack';
  readonly lureM: Point | null;
  readonly radiusM: number | null;
  readonly speedMps: number | null;
}

export interface LinePair {
  readonly a: string;
  readonly b: string;
  readonly straightM: number | null;
  readonly crosses: boolean;
  readonly turnM: number | null;
  readonly turnCrosses: boolean | null;
}

export interface Spread {
  readonly outcome: 'ok';
  readonly lines: readonly { readonly name: string; readonly lureM: Point; readonly turn: LineInTurn | null }[];
  readonly pairs: readonly LinePair[];
  readonly closest: {
    readonly a: string;
    readonly b: string;
    readonly distanceM: number;
    readonly in: 'straight' | 'turn';
  } | null;
  readonly tooClose: readonly (readonly [string, string])[];
  readonly tightest: { readonly port: Tightest; readonly starboard: Tightest };
}

const CLEAR_M = 1.5;
/**
 * All lines of a boat as one arrangement: where each lure stands on a straight course and in a turn, how near the lines come to
 * each other in the water, and the tightest turns that keep them clear.
 *
 * Model: on a straight course a line lies in its vertical plane, drawn sideways by its own offset; in a steady turn each lure
 * trails on its own circle (see `inTurn`). Distances are exact, piece to piece, of what lies in the water. Left out: current,
 * the turn's beginning, lines that bow sideways.
 *
 * @throws {InputRangeError} when a value lies outside SPREAD_LIMITS, or a line breaks a rule of `checkLines`.
 */
export function spread({ lines, clearM = CLEAR_M, speedMps, turn }: SpreadInput): Spread {
  requireInRange('lines', lines.length, SPREAD_LIMITS.lines);
  requireInRange('clearM', clearM, SPREAD_LIMITS.clearM);
  if (speedMps !== undefined) requireInRange('speedMps', speedMps, SPREAD_LIMITS.speedMps);
  if (turn) requireInRange('turn.radiusM', turn.radiusM, SPREAD_LIMITS.radiusM);
  checkLines(lines, speedMps);
  const parents = parentsOf(lines);
  const straight = onStraight(lines, parents);
  const turned = turn ? inTurn({ lines, parents, turn, speedMps }) : null;
  const clearOf = (a: number, b: number): number => clearanceM(clearM, lines[a]!, lines[b]!);
  const wet = straight.map(wetPieces);
  const wetTurned = turned?.map((line) => (line ? wetPieces(line) : null));
  const judged = pairsOf(lines.length).map(([a, b]) => {
    const related = areRelated(a, b, parents);
    const [ta, tb] = [turned?.[a], turned?.[b]];
    const [wa, wb] = [wetTurned?.[a], wetTurned?.[b]];
    return {
      a,
      b,
      straightM: related ? null : leastDistanceM(wet[a]!, wet[b]!),
      crosses: !related && crossInPlan(straight[a]!, straight[b]!),
      turnM: related || !wa || !wb ? null : leastDistanceM(wa, wb),
      turnCrosses: ta && tb ? !related && crossInPlan(ta, tb) : null,
    };
  });
  const near = (distanceM: number | null, a: number, b: number) => distanceM !== null && distanceM < clearOf(a, b);
  const tooStraight = judged.filter(({ a, b, straightM }) => near(straightM, a, b));
  const nearestFirst = judged
    .filter(({ a, b }) => !areRelated(a, b, parents))
    .toSorted((p, q) => (p.straightM ?? Infinity) - (q.straightM ?? Infinity))
    .map(({ a, b }) => [a, b] as const);
  const named = (i: number) => lines[i]!.name;
  const tightest = (side: Turn['side']): Tightest => {
    if (tooStraight.length > 0) {
      const nearest = tooStraight.reduce((least, each) => (each.straightM! < least.straightM! ? each : least));
      return { outcome: 'too-close-straight', because: [named(nearest.a), named(nearest.b)] };
    }
    const found = tightestTurn({ lines, parents, speedMps, side, clearOf, pairs: nearestFirst });
    return found ? { outcome: 'ok', ...found } : { outcome: 'any' };
  };
  return {
    outcome: 'ok',
    lines: lines.map(({ name }, i) => ({
      name,
      lureM: lureOf(straight[i]!),
      turn: turned ? lineInTurn(turned[i]!) : null,
    })),
    pairs: judged.map(({ a, b, ...pair }) => ({ a: named(a), b: named(b), ...pair })),
    closest: closestOf(judged.map(({ a, b, straightM, turnM }) => ({ a: named(a), b: named(b), straightM, turnM }))),
    tooClose: judged
      .filter(({ a, b, straightM, turnM }) => near(straightM, a, b) || near(turnM, a, b))
      .map(({ a, b }) => [named(a), named(b)] as const),
    tightest: { port: tightest('port'), starboard: tightest('starboard') },
  };
}

const pairsOf = (count: number): readonly (readonly [number, number])[] =>
  Array.from({ length: count }, (_, a) => a).flatMap((a) =>
    Array.from({ length: count - a - 1 }, (_, k) => [a, a + 1 + k] as const),
  );

const lureOf = ({ points }: Placed): Point => points.at(-1)!;

const lineInTurn = (line: ReturnType<typeof inTurn>[number]): LineInTurn =>
  line
    ? { outcome: 'ok', lureM: lureOf(line), radiusM: line.radiusM, speedMps: line.speedMps }
    : { outcome: 'goes-slack', lureM: null, radiusM: null, speedMps: null };

/** The least of all distances; of equal ones the straight course before the turn, then the first pair. */
function closestOf(pairs: readonly Pick<LinePair, 'a' | 'b' | 'straightM' | 'turnM'>[]): Spread['closest'] {
  let least: Spread['closest'] = null;
  for (const course of ['straight', 'turn'] as const)
    for (const { a, b, straightM, turnM } of pairs) {
      const distanceM = course === 'straight' ? straightM : turnM;
      if (distanceM !== null && (least === null || distanceM < least.distanceM))
        least = { a, b, distanceM, in: course };
    }
  return least;
}
