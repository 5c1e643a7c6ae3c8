import { InputRuleError, requireInRange, type Limits } from '../../base/guard';
import { confounders, type ConfounderCell } from './confounders';

export const TRIAL_PLAN_LIMITS = {
  lines: { min: 1, max: 12 },
  /** of a time of day or of any clock [s] */
  timeS: { min: -1e9, max: 1e12 },
} as const satisfies Record<string, Limits>;

export type Version = 'a' | 'b';

export interface PlannedTrialLine {
  readonly name: string;
  /** what else may make the difference: side, rod, angler */
  readonly levels: Readonly<Record<string, string>>;
}

export interface TrialPlanInput {
  readonly lines: readonly PlannedTrialLine[];
  readonly fromS: number;
  readonly toS: number;
  /** spells between swaps, a power of two from 2 to 16; 4 when absent */
  readonly spells?: number | undefined;
}

export interface TrialPlan {
  readonly outcome: 'ok';
  readonly spells: readonly {
    readonly fromS: number;
    readonly toS: number;
    readonly lines: readonly { readonly name: string; readonly version: Version }[];
  }[];
  /** how alike the hours of both versions would be, by each factor and by quarter of the time; 1 is quite alike */
  readonly overlaps: readonly { readonly name: string; readonly overlap: number; readonly confounded: boolean }[];
}

const SPELLS = 4;
const QUARTERS = 4;
const QUARTER = 'quarter';

/**
 * Who fishes which version when, so that both see each side, rod, angler and quarter of the time alike.
 *
 * Model: each line changes its version in the order of Thue and Morse (ABBA, ABBABAAB), in which a steady drift of the day falls
 * on both; half of the lines begin with A, the others with B. Which half is tried out whole, and the one taken whose least
 * overlap is greatest, then the sum of overlaps; overlaps are those of `confounders`.
 *
 * @throws {InputRangeError} when the time is none, spells are no power of two, or lines differ in what is told of them.
 */
export function trialPlan({ lines, fromS, toS, spells = SPELLS }: TrialPlanInput): TrialPlan {
  requireInRange('lines', lines.length, TRIAL_PLAN_LIMITS.lines);
  requireInRange('fromS', fromS, TRIAL_PLAN_LIMITS.timeS);
  requireInRange('toS', toS, TRIAL_PLAN_LIMITS.timeS);
  if (toS <= fromS) throw new InputRuleError('toS', `more than fromS = ${fromS}`);
  if (![2, 4, 8, 16].includes(spells)) throw new InputRuleError('spells', '2, 4, 8 or 16');
  const factors = Object.keys(lines[0]!.levels).sort().join(' ');
  lines.forEach(({ name, levels }, i) => {
    if (lines.findIndex((each) => each.name === name) < i)
      throw new InputRuleError(`lines[${i}].name`, 'a name that no earlier line has');
    if (QUARTER in levels || Object.keys(levels).sort().join(' ') !== factors)
      throw new InputRuleError(`lines[${i}].levels`, `those of the first line, without ${QUARTER}`);
  });
  const at = (k: number) => fromS + ((toS - fromS) * k) / spells;
  let best: {
    readonly starts: number;
    readonly overlaps: TrialPlan['overlaps'];
    readonly rank: readonly number[];
  } | null = null;
  // Changing A and B over makes the same plan, so the first line may always begin with A.
  for (let starts = 0; starts < 2 ** lines.length; starts += 2) {
    const overlaps = overlapsOf(lines, spells, starts);
    const values = overlaps.map(({ overlap }) => overlap);
    const rank = [Math.min(...values), values.reduce((sum, each) => sum + each, 0)];
    if (
      !best ||
      rank[0]! > best.rank[0]! + 1e-12 ||
      (rank[0]! > best.rank[0]! - 1e-12 && rank[1]! > best.rank[1]! + 1e-12)
    )
      best = { starts, overlaps, rank };
  }
  return {
    outcome: 'ok',
    spells: Array.from({ length: spells }, (_, k) => ({
      fromS: at(k),
      toS: at(k + 1),
      lines: lines.map(({ name }, i) => ({ name, version: versionIn(k, i, best!.starts) })),
    })),
    overlaps: best!.overlaps,
  };
}

/** Thue and Morse: a spell has the version of the parity of the ones in its number; who begins with B has the other. */
function versionIn(spell: number, line: number, starts: number): Version {
  let ones = (starts >> line) & 1;
  for (let left = spell; left > 0; left >>= 1) ones += left & 1;
  return ones % 2 === 0 ? 'a' : 'b';
}

function overlapsOf(lines: readonly PlannedTrialLine[], spells: number, starts: number): TrialPlan['overlaps'] {
  // Spells and quarters both divide the time by powers of two: the finer of them divides the other.
  const pieces = Math.max(spells, QUARTERS);
  const cells = lines.flatMap(({ levels }, i) =>
    Array.from({ length: pieces }, (_, piece): ConfounderCell => ({
      version: versionIn(Math.floor((piece * spells) / pieces), i, starts),
      levels: { ...levels, [QUARTER]: String(Math.floor((piece * QUARTERS) / pieces) + 1) },
      hours: 1,
    })),
  );
  return confounders(cells).factors;
}
