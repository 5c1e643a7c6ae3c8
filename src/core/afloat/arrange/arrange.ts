import { requireInRange } from '../../base/guard';
import type { Steps } from '../../decide';
import { checkLines, SPREAD_LIMITS, type Side, type SpreadLine } from '../spread';
import { coursesFor, laid, leastApart, type Apart, type Laid } from './apart';
import { bestChoice } from './assign';
import { ARRANGE_LIMITS, checkOptions, type ArrangeLine } from './options';

export interface ArrangeInput {
  readonly lines: readonly ArrangeLine[];
  /** what hangs in the way and stays, as a probe */
  readonly fixed?: readonly SpreadLine[] | undefined;
  /** 1.5 m when absent */
  readonly clearM?: number | undefined;
  readonly speedMps?: number | undefined;
  /** the tightest turn that is wanted, to both sides; absent: straight courses only */
  readonly radiusM?: number | undefined;
}

export interface Arranged {
  /** too-close: the best there is stands nearer than clearM; no-place: the lines cannot all have a place */
  readonly outcome: 'ok' | 'too-close' | 'no-place';
  readonly choice: readonly { readonly name: string; readonly option: number; readonly position: string }[] | null;
  /** of the nearest pair, less the room that doubtful depths ask for [m]; null where no pair is in the water */
  readonly leastM: number | null;
  /** which pair rules it, and on which course */
  readonly because: {
    readonly pair: readonly [string, string];
    readonly in: 'straight' | Side;
    readonly radiusM: number | null;
  } | null;
}

const CLEAR_M = 1.5;

/**
 * Which line goes to which place, with how much line, so that the least distance between any two is greatest: on a straight course
 * and in steady turns to both sides from the wanted radius up.
 *
 * Model: every line brings its ways to be fished (place, chain as in `spread`, all of them in the band that is wanted); two
 * ways go together where their places differ and neither goes slack. Their distance is that of `spread`, at the wanted radius
 * and at 1.35, 1.8, 2.6 and 4 times it, less the room for doubtful depths; the choice is exact among what was given (see
 * `bestChoice`). Pinned lines keep their way.
 *
 * @throws {InputRangeError} when a chain breaks a rule, or a value lies outside its limits.
 */
export function* arrange({ lines, fixed = [], clearM = CLEAR_M, speedMps, radiusM }: ArrangeInput): Steps<Arranged> {
  requireInRange('lines', lines.length, ARRANGE_LIMITS.lines);
  requireInRange('clearM', clearM, SPREAD_LIMITS.clearM);
  if (speedMps !== undefined) requireInRange('speedMps', speedMps, SPREAD_LIMITS.speedMps);
  if (radiusM !== undefined) requireInRange('radiusM', radiusM, SPREAD_LIMITS.radiusM);
  checkOptions(lines, fixed);
  for (const { options } of lines) for (const { chain } of options) checkLines(chain, speedMps);
  const courses = coursesFor(radiusM);
  const choices = lines.map(({ options, pinned }) =>
    options.flatMap((option, k) =>
      pinned === undefined || pinned === k
        ? [{ k, position: option.position, ...laid(option.chain, courses, speedMps) }]
        : [],
    ),
  );
  const stays = fixed.map((line) => laid([line], courses, speedMps));
  const goes = choices.map((options) => options.filter(isTight));
  if (goes.some((options) => options.length === 0)) return nothing;
  // What is fixed bounds every option by itself.
  const own = goes.map((options) => options.map((option) => stays.map((each) => leastApart(option, each))));
  const pairs = lines.flatMap((_, i) => lines.slice(i + 1).map((__, k) => [i, i + 1 + k] as const));
  const apart = lines.map(() => lines.map((): readonly (readonly Apart[])[] => []));
  for (const [done, [i, j]] of pairs.entries()) {
    apart[i]![j] = goes[i]!.map((p) => goes[j]!.map((q) => (p.position === q.position ? ONE_PLACE : leastApart(p, q))));
    yield { done: done + 1, of: pairs.length };
  }
  const found = bestChoice({
    counts: goes.map((options) => options.length),
    apart: (i, a, j, b) => apart[i]![j]![a]![b]!.m,
    alone: (i, a) => own[i]![a]!.reduce((least, { m }) => Math.min(least, m), Infinity),
  });
  if (!found) return nothing;
  const choice = found.choice.map((a, i) => ({
    name: lines[i]!.name,
    option: goes[i]![a]!.k,
    position: goes[i]![a]!.position,
  }));
  const met = [
    ...pairs.map(([i, j]) => ({
      pair: [lines[i]!.name, lines[j]!.name] as const,
      ...apart[i]![j]![found.choice[i]!]![found.choice[j]!]!,
    })),
    ...lines.flatMap(({ name }, i) =>
      own[i]![found.choice[i]!]!.map((each, k) => ({ pair: [name, fixed[k]!.name] as const, ...each })),
    ),
  ];
  const ruling = met.reduce<(typeof met)[number] | null>(
    (least, each) => (least && least.m <= each.m ? least : each),
    null,
  );
  if (!ruling || ruling.m === Infinity) return { outcome: 'ok', choice, leastM: null, because: null };
  const course = courses[ruling.course]!;
  return {
    outcome: ruling.m < clearM ? 'too-close' : 'ok',
    choice,
    leastM: ruling.m,
    because: {
      pair: ruling.pair,
      in: course.kind === 'straight' ? 'straight' : course.side,
      radiusM: course.kind === 'straight' ? null : course.radiusM,
    },
  };
}

/** Two lines cannot be fished from one place. */
const ONE_PLACE: Apart = { m: -Infinity, course: 0 };

const nothing: Arranged = { outcome: 'no-place', choice: null, leastM: null, because: null };

/** A chain that stays tight on every course. */
const isTight = ({ on }: Laid): boolean => on.every((each) => each !== null);
