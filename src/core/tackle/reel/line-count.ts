import { InputRangeError, InputRuleError, requireInRange, type Limits } from '../../base/guard';
import { findRoot } from '../../base/numeric';
import { lineATurnM, spoolCapacityM, spoolRadiusM, type Spool, type WoundLine } from './spool';

export const LINE_COUNT_LIMITS = {
  count: { min: 0, max: 5000 },
  lengthM: { min: 0, max: 5000, exclusiveMin: true },
  perM: { min: 0.05, max: 20 },
  fallMps: { min: 0.05, max: 5 },
} as const satisfies Record<string, Limits>;

/** A colour of lead core [m]. */
export const COLOUR_M = 9.14;

/** How anglers count line out. Turns and passes give less line as the spool empties; so does a counter, which counts turns. */
export type LineCount =
  | { readonly by: 'metres'; readonly count: number }
  | { readonly by: 'colours'; readonly count: number }
  /** drawn off by hand, a pull's length measured once */
  | { readonly by: 'pulls'; readonly count: number; readonly pullM: number }
  /** a drop timed at a steady rate */
  | { readonly by: 'seconds'; readonly count: number; readonly fallMps: number }
  /** turns of the handle wound back, or of the spool counted as it runs with a ratio of 1 */
  | {
      readonly by: 'turns';
      readonly count: number;
      readonly gearRatio: number;
      readonly spool: Spool;
      readonly line: WoundLine;
      readonly factor?: number | undefined;
    }
  /** the line guide from side to side; turns of the spool to one pass */
  | {
      readonly by: 'passes';
      readonly count: number;
      readonly turnsAPass: number;
      readonly spool: Spool;
      readonly line: WoundLine;
      readonly factor?: number | undefined;
    }
  /** a counter that takes every turn for a full spool's */
  | {
      readonly by: 'counter';
      readonly count: number;
      readonly spool: Spool;
      readonly line: WoundLine;
      readonly factor?: number | undefined;
    };

export interface LineOutCounted {
  readonly outcome: 'ok';
  readonly lengthM: number;
  /** what one more of the count lets out there [m] */
  readonly nextM: number;
}

/**
 * Line out from what was counted.
 *
 * Model: a turn of the spool at radius r lets out 2πr; with line of wound section A on a spool of width b the radius falls by
 * r² = R² − ℓA/(πb), so ℓ after n turns is that of a spiral, found from the number of turns. `factor` is what one measured
 * pull said: true length over computed.
 *
 * @throws {InputRangeError} at `count` when more is counted than the spool holds.
 */
export function lineCounted(input: LineCount): LineOutCounted {
  const count = requireInRange('count', input.count, LINE_COUNT_LIMITS.count);
  switch (input.by) {
    case 'metres':
      return { outcome: 'ok', lengthM: count, nextM: 1 };
    case 'colours':
      return { outcome: 'ok', lengthM: count * COLOUR_M, nextM: COLOUR_M };
    case 'pulls':
      return {
        outcome: 'ok',
        lengthM: count * requireInRange('pullM', input.pullM, LINE_COUNT_LIMITS.perM),
        nextM: input.pullM,
      };
    case 'seconds':
      return {
        outcome: 'ok',
        lengthM: count * requireInRange('fallMps', input.fallMps, LINE_COUNT_LIMITS.fallMps),
        nextM: input.fallMps,
      };
    case 'turns':
      return wound(input, count * input.gearRatio, lineATurnM(1, input.gearRatio));
    case 'passes':
      return wound(input, count * input.turnsAPass, lineATurnM(1, input.turnsAPass));
    case 'counter':
      // What it shows it has divided by a full spool's turn.
      return wound(input, count / lineATurnM(input.spool.fullRadiusM, 1), 1 / input.spool.fullRadiusM);
    default:
      return input satisfies never;
  }
}

/** What one measured length says of a count: true over computed. */
export function countFactor(input: Extract<LineCount, { spool: Spool }>, measuredM: number): number {
  return (
    requireInRange('measuredM', measuredM, LINE_COUNT_LIMITS.lengthM) /
    lineCounted({ ...input, factor: undefined }).lengthM
  );
}

function wound(
  {
    spool,
    line,
    factor = 1,
  }: { readonly spool: Spool; readonly line: WoundLine; readonly factor?: number | undefined },
  turns: number,
  nextPerRadius: number,
): LineOutCounted {
  const capacityM = spoolCapacityM(spool, line);
  const mostTurns = turnsFor(spool, line, capacityM);
  if (!Number.isFinite(mostTurns))
    throw new InputRuleError('line.diameterM', 'a line thick enough to be counted on this spool');
  if (turns > mostTurns) throw new InputRangeError('count', turns, 0, mostTurns);
  const over = (lengthM: number) => turnsFor(spool, line, lengthM) - turns;
  const lengthM =
    turns === 0 ? 0 : findRoot(over, { lo: 0, hi: capacityM, fLo: -turns, fHi: mostTurns - turns }, 1e-6 * capacityM);
  return {
    outcome: 'ok',
    lengthM: factor * lengthM,
    nextM: factor * nextPerRadius * spoolRadiusM(spool, line, Math.min(lengthM, capacityM * (1 - 1e-9)))!,
  };
}

export interface CountsAt {
  /** turns of the spool, of the handle, and what a counter shows that takes every turn for a full spool's [m] */
  readonly spoolTurns: number;
  readonly handleTurns: number;
  readonly counterM: number;
}

/**
 * How a length of line out is counted on a reel: the inverse of `lineCounted`, for a mark that is to be met again.
 *
 * @throws {InputRangeError} when the length is negative or more than the spool holds.
 */
export function countsAt(
  lengthM: number,
  { spool, line, gearRatio }: { readonly spool: Spool; readonly line: WoundLine; readonly gearRatio: number },
): CountsAt {
  const out = requireInRange('lengthM', lengthM, { min: 0, max: spoolCapacityM(spool, line) });
  const spoolTurns = turnsFor(spool, line, out);
  return {
    spoolTurns,
    handleTurns: spoolTurns / gearRatio,
    counterM: spoolTurns * lineATurnM(spool.fullRadiusM, 1),
  };
}

/** Turns that let out a length: ∫ dℓ/2πr = (b/A)(R − r). */
function turnsFor(spool: Spool, line: WoundLine, lengthM: number): number {
  const capacityM = spoolCapacityM(spool, line);
  const sectionM2 = (Math.PI * (spool.fullRadiusM ** 2 - spool.arborRadiusM ** 2) * spool.widthM) / capacityM;
  const radius = spoolRadiusM(spool, line, Math.min(lengthM, capacityM * (1 - 1e-12)))!;
  return (spool.widthM / sectionM2) * (spool.fullRadiusM - radius);
}
