import { DEFAULT_CLASSES, type Classes } from '../defaults/classes';
import { LEAD_CORE, type LineMaterial } from '../defaults/line-materials';
import { InputRangeError, requireInRange } from '../../base/guard';

export const LINE_LIMITS = {
  strengthN: { min: 0, max: 1e5, exclusiveMin: true },
  diameterM: { min: 0, max: 0.02, exclusiveMin: true },
} as const;

export interface LineInput {
  readonly material: LineMaterial;
  /** straight breaking load [N] */
  readonly strengthN?: number | undefined;
  readonly diameterM?: number | undefined;
}

export interface LineProperties {
  readonly outcome: 'ok';
  readonly diameterM: number;
  /** straight breaking load [N] */
  readonly strengthN: number;
  /** pull over relative stretch [N] */
  readonly eaN: number;
  readonly massPerLengthKgPm: number;
  /** drag across the flow over that of a smooth cylinder */
  readonly normalDragFactor: number;
  /** skin friction coefficient along the flow, on the wetted surface */
  readonly tangentialCt: number;
}

/**
 * What a line of a material is, from its breaking load or its diameter or both.
 *
 * Model: d = √(4F/(πσ)), EA = E·πd²/4, mass ρ·πd²/4; a figure that is given outranks the one it would be derived from.
 * Lead core has one class sort, each figure replaced where given.
 *
 * @throws {InputRangeError} at `strengthN` when neither load nor diameter is given (but for lead core).
 */
export function lineProperties(
  input: LineInput,
  classes: Pick<Classes, 'lineMaterials'> = DEFAULT_CLASSES,
): LineProperties {
  const F =
    input.strengthN === undefined ? undefined : requireInRange('strengthN', input.strengthN, LINE_LIMITS.strengthN);
  const d =
    input.diameterM === undefined ? undefined : requireInRange('diameterM', input.diameterM, LINE_LIMITS.diameterM);
  if (input.material === 'lead-core') {
    const { eaN, massPerLengthKgPm, normalDragFactor, tangentialCt } = LEAD_CORE;
    return {
      outcome: 'ok',
      diameterM: d ?? LEAD_CORE.diameterM,
      strengthN: F ?? LEAD_CORE.strengthN,
      eaN,
      massPerLengthKgPm,
      normalDragFactor,
      tangentialCt,
    };
  }
  const { strengthPa, modulusPa, densityKgPm3, normalDragFactor, tangentialCt } = classes.lineMaterials[input.material];
  const diameterM = d ?? (F === undefined ? undefined : Math.sqrt((4 * F) / (Math.PI * strengthPa)));
  if (diameterM === undefined)
    throw new InputRangeError('strengthN', Number.NaN, LINE_LIMITS.strengthN.min, LINE_LIMITS.strengthN.max);
  const area = (Math.PI * diameterM ** 2) / 4;
  return {
    outcome: 'ok',
    diameterM,
    strengthN: F ?? strengthPa * area,
    eaN: modulusPa * area,
    massPerLengthKgPm: densityKgPm3 * area,
    normalDragFactor,
    tangentialCt,
  };
}

/** Stretch [m] of a straight line under a pull [N], no further than at its breaking load. */
export function straightStretchM(
  lengthM: number,
  pullN: number,
  line: Pick<LineProperties, 'eaN' | 'strengthN'>,
): number {
  return (lengthM * Math.min(pullN, line.strengthN)) / line.eaN;
}
