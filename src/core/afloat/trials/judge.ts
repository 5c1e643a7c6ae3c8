import { requireInRange, type Limits } from '../../base/guard';

export const JUDGE_LIMITS = {
  strikes: { min: 0, max: 100_000 },
  margin: { min: 0, max: 1e6, exclusiveMin: true },
} as const satisfies Record<string, Limits>;

/** A strike with the margin that was predicted for it, and what came of it. */
export interface JudgedStrike {
  readonly margin: number;
  readonly hooked: boolean;
}

export interface Judged {
  readonly outcome: 'judged' | 'too-few';
  readonly a: number;
  readonly b: number;
  readonly aSd: number;
  readonly bSd: number;
  /** predicted margin at which four of five are hooked; null where more margin hooks no more */
  readonly marginFor80: number | null;
  /** how far the margin is off, in ln: positive where the bench asked for too much; null as above */
  readonly shift: number | null;
  /** mean square of what was predicted less what came; null without strikes */
  readonly brier: number | null;
  readonly bins: readonly {
    readonly from: number;
    readonly to: number | null;
    readonly of: number;
    readonly hooked: number;
    readonly expected: number;
  }[];
}

const PRIOR = { a: { mean: 0.8, sd: 1 }, b: { mean: 1.5, sd: 0.75 } } as const;
const FEWEST = 8;
const EDGES = [0, 0.7, 1, 1.4, 2, 4, Infinity] as const;
const STEPS = 60;
const DONE = 1e-12;

/**
 * What fish say of predicted margins: a logistic curve of being hooked over ln margin, held to the bench's own.
 *
 * Model: p = 1/(1 + e^{−(a + b ln margin)}), a ~ N(0.8, 1), b ~ N(1.5, 0.75²); posterior mode by Newton's method, deviations
 * from its curvature (Laplace). Nothing is changed by it: what it would change is offered.
 *
 * @throws {InputRangeError} when a margin is not positive.
 */
export function judgeStrikes(strikes: readonly JudgedStrike[]): Judged {
  requireInRange('strikes', strikes.length, JUDGE_LIMITS.strikes);
  const points = strikes.map(({ margin, hooked }, i) => ({
    margin,
    x: Math.log(requireInRange(`strikes[${i}].margin`, margin, JUDGE_LIMITS.margin)),
    y: hooked ? 1 : 0,
  }));
  let [a, b] = [PRIOR.a.mean as number, PRIOR.b.mean as number];
  const chance = (x: number) => 1 / (1 + Math.exp(-(a + b * x)));
  const curvature = () => {
    let [aa, ab, bb] = [1 / PRIOR.a.sd ** 2, 0, 1 / PRIOR.b.sd ** 2];
    for (const { x } of points) {
      const p = chance(x);
      const w = p * (1 - p);
      aa += w;
      ab += w * x;
      bb += w * x * x;
    }
    return { aa, ab, bb, det: aa * bb - ab * ab };
  };
  const height = (atA: number, atB: number) =>
    points.reduce(
      (sum, { x, y }) => {
        const s = (y === 1 ? 1 : -1) * (atA + atB * x);
        return sum - (s > 0 ? Math.log1p(Math.exp(-s)) : Math.log1p(Math.exp(s)) - s);
      },
      -0.5 * ((atA - PRIOR.a.mean) / PRIOR.a.sd) ** 2 - 0.5 * ((atB - PRIOR.b.mean) / PRIOR.b.sd) ** 2,
    );
  for (let i = 0; i < STEPS; i += 1) {
    let [ga, gb] = [-(a - PRIOR.a.mean) / PRIOR.a.sd ** 2, -(b - PRIOR.b.mean) / PRIOR.b.sd ** 2];
    for (const { x, y } of points) {
      const off = y - chance(x);
      ga += off;
      gb += off * x;
    }
    const { aa, ab, bb, det } = curvature();
    let [da, db] = [(bb * ga - ab * gb) / det, (aa * gb - ab * ga) / det];
    // Far margins can throw a step beyond the top; it is halved until it climbs.
    const now = height(a, b);
    for (let half = 0; half < STEPS && height(a + da, b + db) < now; half += 1) [da, db] = [da / 2, db / 2];
    [a, b] = [a + da, b + db];
    if (Math.abs(da) + Math.abs(db) < DONE) break;
  }
  const { aa, bb, det } = curvature();
  const hooked = points.reduce((sum, { y }) => sum + y, 0);
  return {
    outcome: points.length < FEWEST || hooked === 0 || hooked === points.length ? 'too-few' : 'judged',
    a,
    b,
    aSd: Math.sqrt(bb / det),
    bSd: Math.sqrt(aa / det),
    marginFor80: b > 0 ? Math.exp((Math.log(4) - a) / b) : null,
    shift: b > 0 ? a / b - PRIOR.a.mean / PRIOR.b.mean : null,
    brier: points.length === 0 ? null : points.reduce((sum, { x, y }) => sum + (chance(x) - y) ** 2, 0) / points.length,
    bins: EDGES.slice(0, -1).flatMap((from, k) => {
      const to = EDGES[k + 1]!;
      const inside = points.filter(({ margin }) => margin >= from && margin < to);
      return inside.length === 0
        ? []
        : [
            {
              from,
              to: to === Infinity ? null : to,
              of: inside.length,
              hooked: inside.reduce((sum, { y }) => sum + y, 0),
              expected: inside.reduce((sum, { x }) => sum + chance(x), 0),
            },
          ];
    }),
  };
}
