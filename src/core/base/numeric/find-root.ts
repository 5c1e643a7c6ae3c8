export interface Bracket {
  readonly lo: number;
  readonly hi: number;
  /** f(lo) and f(hi), of opposite sign (or zero). */
  readonly fLo: number;
  readonly fHi: number;
}

/**
 * A point where `f` crosses zero inside the bracket, to `tolerance` in the argument.
 *
 * Model: inverse quadratic interpolation where it is safe, bisection elsewhere; never leaves the bracket.
 * Source: Chandrupatla 1997, Advances in Engineering Software 28, 145.
 *
 * @throws {Error} when f(lo) and f(hi) have the same sign: the caller has not bracketed a root.
 */
export function findRoot(f: (x: number) => number, bracket: Bracket, tolerance: number): number {
  let { lo: a, hi: b, fLo: fa, fHi: fb } = bracket;
  if (fa === 0) return a;
  if (fb === 0) return b;
  if (fa > 0 === fb > 0) throw new Error(`no sign change between ${a} and ${b}`);
  let c = a;
  let fc = fa;
  let t = 0.5;
  for (let iteration = 0; iteration < 200; iteration += 1) {
    const x = a + t * (b - a);
    const fx = f(x);
    if (fx === 0) return x;
    if (fx > 0 === fa > 0) {
      c = a;
      fc = fa;
    } else {
      c = b;
      fc = fb;
      b = a;
      fb = fa;
    }
    a = x;
    fa = fx;
    const best = Math.abs(fa) < Math.abs(fb) ? a : b;
    const share = tolerance / Math.abs(b - a);
    if (share >= 0.5) return best;
    const xi = (a - b) / (c - b);
    const phi = (fa - fb) / (fc - fb);
    t =
      phi * phi < xi && (1 - phi) ** 2 < 1 - xi
        ? (fa / (fb - fa)) * (fc / (fb - fc)) + ((c - a) / (b - a)) * (fa / (fc - fa)) * (fb / (fc - fb))
        : 0.5;
    t = Math.min(Math.max(t, share), 1 - share);
  }
  return a;
}
