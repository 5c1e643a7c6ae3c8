import { HARDWARE_CLASSES } from '../defaults/hardware-classes';
import { DEFAULT_CLASSES, type Classes } from '../defaults/classes';
import { WIRE_CLASSES, type HookStyle, type WireClass } from '../defaults/hook-classes';
import { MATERIALS } from '../defaults/sink-classes';
import { requireInRange } from '../../base/guard';

export interface HookClassInput {
  readonly style: HookStyle;
  /** size on the hook axis: 1 is 1/0, 0 is size 1, −1 is size 2 */
  readonly sizeStep: number;
  readonly wire: WireClass;
}

export interface HookGeometry {
  readonly gapM: number;
  readonly shankM: number;
  readonly wireM: number;
  readonly massKg: number;
}

/**
 * Gap, shank, wire [m] and mass [kg] of a hook from its style, size and wire class.
 *
 * Model: a geometric row a style (see HOOK_STYLES); the mass is wire volume times the density of steel.
 *
 * @throws {InputRangeError} when sizeStep lies outside −9 (size 18) to 12 (12/0).
 */
export function hookOfClass(
  { style, sizeStep, wire }: HookClassInput,
  classes: Pick<Classes, 'hooks'> = DEFAULT_CLASSES,
): HookGeometry {
  const row = classes.hooks[style];
  const n = requireInRange('sizeStep', sizeStep, { min: -9, max: 12 }) - 1;
  const gapM = 1e-3 * row.gapMm * row.gapGrowth ** n;
  const shankM = gapM * row.shankPerGap;
  const wireM = 1e-3 * row.wireMm * row.wireGrowth ** n * WIRE_CLASSES[wire].factor;
  const massKg = (MATERIALS.steel.densityKgPm3 * wireLengthM({ gapM, shankM, wireM }, row) * Math.PI * wireM ** 2) / 4;
  return { gapM, shankM, wireM, massKg };
}

/**
 * Length of wire [m] of a hook of a style: a shank, a half circle over the gap and the point's leg for each arm, and the
 * turn of the eye. The shanks of a treble are laid together, and each is there.
 */
export function wireLengthM(
  { gapM, shankM, wireM }: Pick<HookGeometry, 'gapM' | 'shankM' | 'wireM'>,
  { bends, eyePerWire }: { readonly bends: number; readonly eyePerWire: number },
): number {
  return bends * ((1 + POINT_LEG) * shankM + (Math.PI / 2) * gapM) + eyePerWire * wireM;
}

/** The point's leg over the shank: long enough to hold, short enough to turn in. */
export const POINT_LEG = 0.3;

/** Length of the blade that suits a hook of a gap [m, m]: it hangs beside the shank and clears the point. */
export const usualBladeM = (gapM: number): number => BLADE_PER_GAP * gapM;
const BLADE_PER_GAP = 1.6;

/** Mass of a thin cupped blade [kg] by its length [m]: as that of a blade on the line. */
export const bladeMassKg = (lengthM: number): number =>
  HARDWARE_CLASSES.blade.fullness * MATERIALS.brass.densityKgPm3 * lengthM ** 3;
