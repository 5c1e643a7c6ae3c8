import type { CastStyle } from '../../tackle/defaults/cast-styles';
import { DEFAULT_CLASSES, type Classes } from '../../tackle/defaults/classes';
import { loadRatioAtDrop, resolveRod, type Bend, type Rod } from '../../tackle';
import { BEND_STEPS, LABEL_STEPS, ratingScale, SNAP_OFF } from './cast-fit';

export interface CastWindowInput {
  readonly rod: Rod;
  readonly ratingKg: readonly [number, number] | null;
  readonly style: CastStyle;
  readonly weakestN: number;
  /** what tells the window: the label, the bend, or the narrower of both */
  readonly decides?: 'label' | 'bend' | 'both' | undefined;
}

/** Masses [kg] at which the throw turns from failing to edge to sound and back. */
export interface CastWindow {
  readonly failsBelow: number;
  readonly soundFrom: number;
  readonly soundTo: number;
  readonly failsAbove: number;
}

/** It goes, but short, to this much under the window; and to this much over it without danger to the blank. */
const GRADES = { under: 0.45, over: 0.2 } as const;

/**
 * The masses [kg] a rod throws: the inverse of `castFit`, the narrower of printed window, bend and snap-off.
 * Short of the window by up to 45 % a lure goes, but short; over it by up to 20 % it is lobbed with care: both are edges.
 * The window is empty (soundFrom above soundTo) where the printed and the bending windows do not meet.
 *
 * @throws {InputRangeError} as `castFit`.
 */
export function castWindow(input: CastWindowInput, classes: Pick<Classes, 'castStyles'> = DEFAULT_CLASSES): CastWindow {
  const a = classes.castStyles[input.style].accelerationMps2;
  const decides = input.decides ?? 'both';
  const snapOff = (margin: number) => input.weakestN / (SNAP_OFF.snatch * a * margin);
  const windows = [
    ...(decides === 'label' ? [] : [bendWindow(input.rod, a)]),
    ...(decides === 'bend' || !input.ratingKg ? [] : [labelWindow(input.ratingKg)]),
  ];
  const soundFrom = Math.max(...windows.map(({ soundFrom: each }) => each));
  const soundTo = Math.min(...windows.map(({ soundTo: each }) => each), snapOff(SNAP_OFF.asked));
  return {
    failsBelow: Math.max(...windows.map(({ failsBelow }) => failsBelow)),
    soundFrom,
    soundTo,
    failsAbove: Math.min(...windows.map(({ failsAbove }) => failsAbove), snapOff(SNAP_OFF.edge)),
  };
}

function labelWindow(ratingKg: readonly [number, number]): CastWindow {
  const { centreKg, halfWidth } = ratingScale(ratingKg);
  const at = (r: number) => centreKg * Math.exp(r * halfWidth);
  return {
    failsBelow: Math.min(at(-LABEL_STEPS.out), (1 - GRADES.under) * at(-1)),
    soundFrom: at(-LABEL_STEPS.edge),
    soundTo: at(LABEL_STEPS.edge),
    failsAbove: Math.max(at(LABEL_STEPS.out), (1 + GRADES.over) * at(1)),
  };
}

function bendWindow(given: Rod, accelerationMps2: number): CastWindow {
  const rod = resolveRod(given);
  let near: Bend | undefined;
  // Asked in rising order, so that each bend is where the next begins.
  const [loadsKg, heavyKg, tooHeavyKg] = [BEND_STEPS.loads, BEND_STEPS.heavy, BEND_STEPS.tooHeavy].map((share) => {
    const { loadRatio, bend } = loadRatioAtDrop(rod, share, near);
    near = bend;
    return (loadRatio * rod.buttEiNm2) / rod.lengthM ** 2 / accelerationMps2;
  }) as [number, number, number];
  return {
    failsBelow: (1 - GRADES.under) * loadsKg,
    soundFrom: loadsKg,
    soundTo: heavyKg,
    failsAbove: Math.max(tooHeavyKg, (1 + GRADES.over) * heavyKg),
  };
}
