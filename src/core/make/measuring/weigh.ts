import { requireInRange, type Limits } from '../../base/guard';
import { meanOf, type Measured } from './readings';

export interface Weighing {
  /** what the scale shows for the whole pile, each time it was put on [kg] */
  readonly pilesKg: readonly number[];
  /** how many pieces lie in the pile */
  readonly count: number;
  /** the scale's smallest step [kg] */
  readonly stepKg: number;
}

export const WEIGH_LIMITS = {
  pileKg: { min: 0, max: 200, exclusiveMin: true },
  count: { min: 1, max: 10_000 },
  stepKg: { min: 1e-6, max: 1 },
} as const satisfies Record<string, Limits>;

/**
 * Mass of one piece [kg] from a pile on a scale; a pile of n divides the scale's step by n.
 *
 * Model: mean of the piles over n; one weighing alone is held to one step.
 */
export function weighed({ pilesKg, count, stepKg }: Weighing): Measured {
  pilesKg.forEach((pile, i) => requireInRange(`pilesKg[${i}]`, pile, WEIGH_LIMITS.pileKg));
  const n = requireInRange('count', count, WEIGH_LIMITS.count);
  const step = requireInRange('stepKg', stepKg, WEIGH_LIMITS.stepKg);
  const pile = meanOf(pilesKg, { step, loneSd: 0 });
  return { value: pile.value / n, sd: pile.sd / n, spread: pile.spread };
}
