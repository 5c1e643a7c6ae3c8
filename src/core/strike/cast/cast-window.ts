import type { CastStyle } from '../../tackle/defaults/cast-styles';
import { DEFAULT_CLASSES, type Classes } from '../../tackle/defaults/classes';
import { loadRatioAtDrop, resolveRod, type Bend, type Rod } from '../../tackle';
import { BEND_STEPS, LABEL_STEPS, ratingScale, SNAP_OFF } from './cast-fit';

export interface CastWindowInput {
  readonly rod: Rod;
  readonly ratingKg: readonly [number, number] | null;
  readonly style: CastStyle;
  readonly weakestN: number;
}

/** Masses [kg] at which the throw turns from failing to edge to sound and back. */
export interface CastWindow {
  readonly failsBelow: number;
  readonly soundFrom: number;
  readonly soundTo: number;
  readonly failsAbove: number;
}

/**
 * The masses [kg] a rod throws: the inverse of `castFit`, the narrower of printed window, bend and snap-off.
 * The window is empty (soundFrom above soundTo) where the printed and the bending windows do not meet.
 *
 * @throws {InputRangeError} as `castFit`.
 */
export function castWindow(input: CastWindowInput, classes: Pick<Classes, 'castStyles'> = DEFAULT_CLASSES): CastWindow {
  const rod = resolveRod(input.rod);
  const a = classes.castStyles[input.style].accelerationMps2;
  let near: Bend | undefined;
  // Asked in rising order, so that each bend is where the next begins.
  const [edgeKg, loadsKg, heavyKg, tooHeavyKg] = [
    BEND_STEPS.edge,
    BEND_STEPS.loads,
    BEND_STEPS.heavy,
    BEND_STEPS.tooHeavy,
  ].map((share) => {
    const { loadRatio, bend } = loadRatioAtDrop(rod, share, near);
    near = bend;
    return (loadRatio * rod.buttEiNm2) / rod.lengthM ** 2 / a;
  }) as [number, number, number, number];
  const scale = input.ratingKg ? ratingScale(input.ratingKg) : null;
  const massAtR = (r: number, none: number) => (scale ? scale.centreKg * Math.exp(r * scale.halfWidth) : none);
  const snapOff = (margin: number) => input.weakestN / (SNAP_OFF.snatch * a * margin);
  return {
    failsBelow: Math.max(edgeKg, massAtR(-LABEL_STEPS.out, 0)),
    soundFrom: Math.max(loadsKg, massAtR(-LABEL_STEPS.edge, 0)),
    soundTo: Math.min(heavyKg, massAtR(LABEL_STEPS.edge, Infinity), snapOff(SNAP_OFF.asked)),
    failsAbove: Math.min(tooHeavyKg, massAtR(LABEL_STEPS.out, Infinity), snapOff(SNAP_OFF.edge)),
  };
}
