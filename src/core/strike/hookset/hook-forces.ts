import { DEFAULT_CLASSES, type Classes } from '../../tackle/defaults/classes';
import { OPENING, type Barb, type HookPoints, type Mouth, type Sharpness } from '../../tackle/defaults/hookset-classes';

/** The class tables that a set hangs on. */
export type SetClasses = Pick<Classes, 'barbs' | 'hookPoints' | 'mouths' | 'sharpness'>;

export interface HookInTissue {
  /** wire diameter at the bend [mm] */
  readonly wireMm: number;
  /** point to shank [mm] */
  readonly gapMm: number;
  readonly points: HookPoints;
  readonly barb: Barb;
  readonly sharpness: Sharpness;
  /** force that frees the point from bait or guard [N] */
  readonly guardN: number;
  /** pull at which it opened in a test [N]; it replaces the wire's rule */
  readonly openingN?: number | undefined;
}

/**
 * Pull [N] that buries the point past its barb: points·(π/4)(kb·d)²·σ·S + guard.
 *
 * Model: the hole's section times the tissue strength, scaled by sharpness; mm² · MPa is N.
 */
export function neededForceN(hook: HookInTissue, mouth: Mouth, classes: SetClasses = DEFAULT_CLASSES): number {
  const holeMm = classes.barbs[hook.barb].factor * hook.wireMm;
  const section = (Math.PI / 4) * holeMm ** 2;
  return (
    classes.hookPoints[hook.points].factor *
      section *
      classes.mouths[mouth].strengthMpa *
      classes.sharpness[hook.sharpness].factor +
    hook.guardN
  );
}

/**
 * Pull [N] that bends the hook open: full plastic moment of the wire over half the gap.
 *
 * Model: 1.7·σy·πd³/(32·gap/2), the point holding and the pull along the shank.
 */
export function openingForceN({
  wireMm,
  gapMm,
  openingN,
}: Pick<HookInTissue, 'wireMm' | 'gapMm' | 'openingN'>): number {
  return openingN ?? (OPENING.shapeFactor * OPENING.yieldMpa * Math.PI * wireMm ** 3) / (32 * (gapMm / 2));
}

/** Pull [N] at which the wire cuts its way out of the mouth, proportional to the wire. */
export function tearForceN(wireMm: number, mouth: Mouth, classes: SetClasses = DEFAULT_CLASSES): number {
  return classes.mouths[mouth].tearNPerMm * wireMm;
}
