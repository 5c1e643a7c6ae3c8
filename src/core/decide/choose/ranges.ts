import { InputRangeError, InputRuleError, requireInRange, type Limits } from '../../base/guard';
import { regression, seeded, sobol, SOBOL_MOST_DIMENSIONS } from '../../base/numeric';
import { normalQuantile, quantile } from '../../base/stats';
import { leavesOf, valueAt, writerOf, type Leaf, type Path } from './path';
import type { Steps } from './steps';

export const RANGES_LIMITS = {
  draws: { min: 16, max: 4096 },
  relativeSd: { min: 0, max: 2 },
  seed: { min: 0, max: 2 ** 32 - 1 },
} as const satisfies Record<string, Limits>;
export const RANGES_DEFAULTS = { draws: 256, seed: 20 } as const;

/** A number of the input that is known only so well. */
export interface Uncertain {
  readonly path: Path;
  /** one standard deviation over the value */
  readonly relativeSd: number;
  /** a share cannot pass one */
  readonly most?: number | undefined;
}

export interface RangesInput<I> {
  readonly base: I;
  readonly uncertain: readonly Uncertain[];
  readonly compute: (input: I) => unknown;
  readonly draws?: number | undefined;
  readonly seed?: number | undefined;
}

/** A figure of the output over the draws. */
export interface RangedFigure {
  readonly path: Path;
  /** with every input at its own value; null where the model gives none */
  readonly central: number | null;
  readonly p5: number;
  readonly p50: number;
  readonly p95: number;
  /** draws that gave a figure at all, over all draws */
  readonly given: number;
  /** inputs that it comes from, the greatest first, as shares of its variance; only such as matter */
  readonly from: readonly { readonly path: Path; readonly share: number }[];
}

/** A word of the output, as a mark: how sure it is. */
export interface RangedWord {
  readonly path: Path;
  readonly word: string | null;
  /** draws that gave the same word, over all draws */
  readonly sure: number;
  /** inputs that decide whether it is the same word, as shares of the variance of yes and no */
  readonly from: RangedFigure['from'];
}

export interface Ranges {
  readonly outcome: 'ok';
  readonly seed: number;
  readonly draws: number;
  /** draws that a model refused because a value left its limits */
  readonly refused: number;
  readonly figures: readonly RangedFigure[];
  readonly words: readonly RangedWord[];
}

/** A share of variance below this is left out [1]: it is within what 256 draws scatter. */
const LEAST_SHARE = 0.02;

/**
 * The 5 to 95 % range of every figure of a model, and what each range mostly comes from.
 *
 * Model: each uncertain input is log-normal about its value, ln-spread √ln(1 + sd²), so that the value is its median; the
 * draws are Sobol' points. Shares are those of a linear regression of the figure on the inputs' normal scores, b²·var(z)/var(y):
 * first-order shares where the figure is near linear; what is left over is curvature and interplay.
 * Source: Saltelli et al. 2008, Global Sensitivity Analysis, section 1.2.5 (standardised regression coefficients).
 *
 * @throws {InputRangeError} when draws, seed, a spread or the number of inputs lies outside RANGES_LIMITS, a path holds no
 *   number, or the model refuses the input itself.
 */
export function* ranges<I>({
  base,
  uncertain,
  compute,
  draws: asked = RANGES_DEFAULTS.draws,
  seed = RANGES_DEFAULTS.seed,
}: RangesInput<I>): Steps<Ranges> {
  const draws = requireInRange('draws', asked, RANGES_LIMITS.draws);
  requireInRange('seed', seed, RANGES_LIMITS.seed);
  requireInRange('spreads', uncertain.length, { min: 0, max: SOBOL_MOST_DIMENSIONS });
  const inputs = uncertain.map(({ path, relativeSd, most = Infinity }) => {
    const value = valueAt(base, path);
    if (typeof value !== 'number') throw new InputRuleError(path, 'the path of a number of the input');
    return {
      path,
      value,
      most,
      sigma: Math.sqrt(Math.log1p(requireInRange(path, relativeSd, RANGES_LIMITS.relativeSd) ** 2)),
    };
  });
  const central = new Map(leavesOf(compute(base)));
  const write = writerOf(
    base,
    inputs.map(({ path }) => path),
  );
  const points = sobol(Math.max(1, inputs.length), draws, seeded(seed));
  const scores: number[][] = [];
  const results: ReadonlyMap<Path, Leaf>[] = [];
  for (const [i, point] of points.entries()) {
    const z = inputs.map((_, d) => normalQuantile(point[d]!));
    const drawn = write(inputs.map(({ value, most, sigma }, d) => Math.min(most, value * Math.exp(sigma * z[d]!))));
    const result = computed(compute, drawn);
    if (result) {
      scores.push(z);
      results.push(result);
    }
    yield { done: i + 1, of: draws };
  }
  const shares = regression(scores);
  const causes = (values: readonly number[]) =>
    shares(values)
      .map((share, d) => ({ path: inputs[d]!.path, share }))
      .filter(({ share }) => share >= LEAST_SHARE)
      .sort((a, b) => b.share - a.share);
  const paths = [...new Set([...central.keys(), ...results.flatMap((result) => [...result.keys()])])];
  const figures: RangedFigure[] = [];
  const words: RangedWord[] = [];
  for (const path of paths) {
    const drawn = results.map((result) => result.get(path) ?? null);
    const numbers = drawn.filter((each): each is number => typeof each === 'number');
    const here = central.get(path) ?? null;
    if (typeof here === 'string' || (numbers.length === 0 && drawn.some((each) => typeof each === 'string'))) {
      const same = drawn.map((each) => (each === here ? 1 : 0));
      words.push({
        path,
        word: typeof here === 'string' ? here : null,
        sure: same.reduce<number>((sum, each) => sum + each, 0) / Math.max(1, same.length),
        from: causes(same),
      });
      continue;
    }
    if (numbers.length === 0) continue;
    const sorted = numbers.toSorted((a, b) => a - b);
    figures.push({
      path,
      central: typeof here === 'number' ? here : null,
      p5: quantile(sorted, 0.05),
      p50: quantile(sorted, 0.5),
      p95: quantile(sorted, 0.95),
      given: numbers.length / drawn.length,
      from: numbers.length === drawn.length ? causes(numbers) : [],
    });
  }
  return { outcome: 'ok', seed, draws, refused: draws - results.length, figures, words };
}

/** What a model makes of a draw; null where a value left its limits. */
function computed<I>(compute: (input: I) => unknown, input: I): ReadonlyMap<Path, Leaf> | null {
  try {
    return new Map(leavesOf(compute(input)));
  } catch (error) {
    if (error instanceof InputRangeError) return null;
    throw error;
  }
}
