/** Steps along the blank; the shape is smooth. */
const STEPS = 64;

/**
 * Share of a blank's mass that moves with its tip when it unbends: ∫μφ² ds / ∫μ ds, φ the deflection under a small force
 * at the tip, 1 there.
 *
 * Model: diameter falls straight from 1 at the grip to tipRatio; EI ∝ d⁴ as in `rod-bend`, mass a length ∝ d², a tube
 * whose wall falls with it (Rayleigh's method). 33/140 = 0.236 for a uniform blank.
 */
export function movingShare(tipRatio: number): number {
  const h = 1 / STEPS;
  const d = (s: number) => 1 - (1 - tipRatio) * s;
  let [slope, deflection, moved, mass] = [0, 0, 0, 0];
  for (let i = 0; i < STEPS; i += 1) {
    const s = (i + 0.5) * h;
    const curvature = (1 - s) / d(s) ** 4;
    const middle = deflection + (slope + (curvature * h) / 4) * (h / 2);
    moved += d(s) ** 2 * middle ** 2 * h;
    mass += d(s) ** 2 * h;
    deflection += (slope + (curvature * h) / 2) * h;
    slope += curvature * h;
  }
  return moved / (mass * deflection ** 2);
}
