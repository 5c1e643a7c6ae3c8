import { STANDARD_GRAVITY_MPS2 } from '../../base/constants';
import { requireInRange } from '../../base/guard';
import { DEFAULT_CLASSES, type Classes } from '../defaults/classes';

export const PRINTED_LIMITS = {
  ratingKg: { min: 0, max: 5, exclusiveMin: true },
  lineN: { min: 0, max: 1e5, exclusiveMin: true },
} as const;

type Print = Pick<Classes, 'rodPrint'>;
type Range = readonly [number, number];

/**
 * Power [N] of a rod by its printed lure window [kg, kg].
 *
 * Model: 30·M·g/(1 + M/0.15 kg) with M = √(lo·hi), so that the window's middle, thrown overhead, drops the tip by some 0.13
 * of the length; large lures are lobbed, so power grows slower than they do. Spread 25 %.
 *
 * @throws {InputRangeError} when a bound lies outside PRINTED_LIMITS or lo > hi.
 */
export function windowPowerN(ratingKg: Range, { rodPrint: { window } }: Print = DEFAULT_CLASSES): number {
  const M = middle('ratingKg', ratingKg, PRINTED_LIMITS.ratingKg);
  return (window.perMiddle * M * STANDARD_GRAVITY_MPS2) / (1 + M / window.lobbedKg);
}

/**
 * Power [N] of a rod by its printed line class [N, N]: 0.065·√(lo·hi). Spread 30 %.
 *
 * @throws {InputRangeError} when a bound lies outside PRINTED_LIMITS or lo > hi.
 */
export const lineClassPowerN = (lineN: Range, { rodPrint }: Print = DEFAULT_CLASSES): number =>
  rodPrint['line-class'].perLine * middle('lineN', lineN, PRINTED_LIMITS.lineN);

function middle(name: string, [from, to]: Range, limits: { min: number; max: number; exclusiveMin: boolean }): number {
  const lo = requireInRange(`rod.stiffness.${name}[0]`, from, limits);
  return Math.sqrt(lo * requireInRange(`rod.stiffness.${name}[1]`, to, { min: lo, max: limits.max }));
}
