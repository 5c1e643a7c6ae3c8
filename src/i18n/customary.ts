import type { Measure } from '@/core/base/measure';
import { SI_PER_UNIT } from '@/core/base/units';

/** Feet and inches as a rod carries them, to the half inch: `7'2"`, `6'6½"`. */
export function feetAndInches(valueM: number): string {
  const halves = Math.round((2 * Math.abs(valueM)) / SI_PER_UNIT.in);
  const [feet, rest] = [Math.floor(halves / 24), halves % 24];
  const inches = `${Math.floor(rest / 2)}${rest % 2 === 1 ? '½' : ''}`;
  return `${valueM < 0 && halves > 0 ? '−' : ''}${feet}'${inches}"`;
}

/** A sixteenth is the finest step that lures and weights are sold in; below one there is no fraction to tell. */
const SIXTEENTHS = 16;
/** So near a fraction stands alone, and so near it is worth telling at all [share of the mass]. */
const EXACT = 0.005;
const NEAR = 0.12;

/** Ounces as lures carry them: `3/8 oz`, and `3/8 oz (0.37)` where the fraction is only near. */
export function ouncesText(
  valueKg: number,
  measure: Measure,
  shown: { readonly number: string; readonly unit: string },
): string {
  const plain = `${shown.number} ${shown.unit}`;
  const ounces = valueKg / SI_PER_UNIT.oz;
  const sixteenths = Math.round(SIXTEENTHS * ounces);
  if (measure !== 'mass' || sixteenths < 1) return plain;
  const off = Math.abs(sixteenths / SIXTEENTHS - ounces) / ounces;
  if (off > NEAR) return plain;
  return off <= EXACT ? `${fractionText(sixteenths)} oz` : `${fractionText(sixteenths)} oz (${shown.number})`;
}

/** Sixteenths in their lowest terms: 6 is `3/8`, 24 is `1 1/2`. */
function fractionText(sixteenths: number): string {
  const [whole, rest] = [Math.floor(sixteenths / SIXTEENTHS), sixteenths % SIXTEENTHS];
  if (rest === 0) return String(whole);
  let [top, bottom] = [rest, SIXTEENTHS];
  while (top % 2 === 0) [top, bottom] = [top / 2, bottom / 2];
  return `${whole > 0 ? `${whole} ` : ''}${top}/${bottom}`;
}
