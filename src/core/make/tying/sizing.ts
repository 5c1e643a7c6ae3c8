import { DEFAULT_CLASSES, type Classes } from '../../tackle/defaults/classes';
import { requireInRange, type Limits } from '../../base/guard';

export const SIZING_LIMITS = {
  diameterM: { min: 5e-5, max: 5e-3 },
  strengthN: { min: 0.5, max: 5000 },
} as const satisfies Record<string, Limits>;

export interface Sizing {
  readonly outcome: 'ok';
  /** bore of the tube, the line going through it twice [m] */
  readonly crimpBoreM: readonly [number, number];
  /** inner length of a crimped loop: less chafes, more tangles [m] */
  readonly loopM: readonly [number, number];
  /** strength of a ring or swivel: not the weakest, not a weight on the nose [N] */
  readonly ringN: readonly [number, number];
}

/** A loop bends the line gently at ten diameters, and hangs straight below thirty. */
const LOOP = { from: 10, to: 30, leastM: 6e-3 } as const;

/** Crimp, loop and ring that go with a line, by the same limits that the checks hold. */
export function sizing(
  { diameterM, strengthN }: { readonly diameterM: number; readonly strengthN: number },
  { checks }: Pick<Classes, 'checks'> = DEFAULT_CLASSES,
): Sizing {
  const d = requireInRange('diameterM', diameterM, SIZING_LIMITS.diameterM);
  const N = requireInRange('strengthN', strengthN, SIZING_LIMITS.strengthN);
  return {
    outcome: 'ok',
    crimpBoreM: [checks.crimpBore.least * d, checks.crimpBore.most * d],
    loopM: [Math.max(LOOP.leastM, LOOP.from * d), Math.max(2 * LOOP.leastM, LOOP.to * d)],
    ringN: [checks.hardwareStrength.least * N, checks.hardwareStrength.most * N],
  };
}
