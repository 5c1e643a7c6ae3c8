import type { CastStyle } from '../defaults/cast-styles';
import { DEFAULT_CLASSES, type Classes } from '../defaults/classes';
import { findRoot } from '../numeric';
import { bendRod, resolveRod, type Bend, type Rod } from '../rod';
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
  const massAtDrop = (share: number) => {
    let near: Bend | undefined;
    const drop = (loadRatio: number) => {
      near = bendRod(rod, (loadRatio * rod.buttEiNm2) / rod.lengthM ** 2, Math.PI / 2, near);
      return near.elastica.tipY - share;
    };
    let hi = 1;
    while (drop(hi) < 0) hi *= 2;
    const loadRatio = findRoot(drop, { lo: 0, hi, fLo: -share, fHi: drop(hi) }, 1e-6);
    return (loadRatio * rod.buttEiNm2) / rod.lengthM ** 2 / a;
  };
  const scale = input.ratingKg ? ratingScale(input.ratingKg) : null;
  const massAtR = (r: number, none: number) => (scale ? scale.centreKg * Math.exp(r * scale.halfWidth) : none);
  const snapOff = (margin: number) => input.weakestN / (SNAP_OFF.snatch * a * margin);
  return {
    failsBelow: Math.max(massAtDrop(BEND_STEPS.edge), massAtR(-LABEL_STEPS.out, 0)),
    soundFrom: Math.max(massAtDrop(BEND_STEPS.loads), massAtR(-LABEL_STEPS.edge, 0)),
    soundTo: Math.min(massAtDrop(BEND_STEPS.heavy), massAtR(LABEL_STEPS.edge, Infinity), snapOff(SNAP_OFF.asked)),
    failsAbove: Math.min(massAtDrop(BEND_STEPS.tooHeavy), massAtR(LABEL_STEPS.out, Infinity), snapOff(SNAP_OFF.edge)),
  };
}
