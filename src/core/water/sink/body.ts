import {
  FRONTAL_SHAPES,
  MATERIALS,
  PLAN_SHAPES,
  SKIRT,
  TAIL_SHAPES,
  type BodyMaterial,
  type FrontalShape,
  type PlanShape,
  type TailShape,
} from '../../tackle/defaults/sink-classes';
import { InputRangeError, requireInRange } from '../../base/guard';
import type { WaterProperties } from '../water';

export const BODY_LIMITS = {
  massKg: { min: 0, max: 100, exclusiveMin: true },
  volumeM3: { min: 0, max: 0.1, exclusiveMin: true },
  densityKgPm3: { min: 1, max: 25000 },
  dragAreaM2: { min: 0, max: 10, exclusiveMin: true },
  diameterM: { min: 0, max: 1, exclusiveMin: true },
  lengthM: { min: 0, max: 2, exclusiveMin: true },
} as const;

export type BodyShape =
  | { readonly kind: 'sphere'; readonly diameterM?: number | undefined }
  | { readonly kind: FrontalShape | PlanShape; readonly areaM2: number }
  | { readonly kind: TailShape; readonly lengthM: number }
  | { readonly kind: 'skirt' };

/** One of volume, density or material; one of drag area or shape. */
export interface SinkBody {
  readonly massKg: number;
  readonly volumeM3?: number | undefined;
  readonly densityKgPm3?: number | undefined;
  readonly material?: BodyMaterial | undefined;
  readonly dragAreaM2?: number | undefined;
  readonly shape?: BodyShape | undefined;
}

export interface ResolvedBody {
  readonly massKg: number;
  readonly volumeM3: number;
  /** drag coefficient times area [m²] at a speed [m/s] */
  readonly dragAreaM2: (speedMps: number) => number;
}

/**
 * A body's volume [m³] and drag area [m²]; only a sphere's drag area changes with speed.
 *
 * @throws {InputRangeError} when a value lies outside BODY_LIMITS or not exactly one of a group is given.
 */
export function resolveBody(body: SinkBody, water: WaterProperties, path: string): ResolvedBody {
  const massKg = requireInRange(`${path}.massKg`, body.massKg, BODY_LIMITS.massKg);
  const volumeM3 = volumeOf(body, massKg, path);
  return { massKg, volumeM3, dragAreaM2: dragAreaOf(body, volumeM3, water, path) };
}

/**
 * Drag coefficient of a smooth sphere on its frontal area.
 *
 * Valid: Reynolds number up to 2e5. Source: Brown and Lawler 2003, J. Environ. Eng. 129, 222, equation 19.
 */
export function sphereDragCoefficient(reynolds: number): number {
  const Re = Math.max(reynolds, 1e-9);
  return (24 / Re) * (1 + 0.15 * Re ** 0.681) + 0.407 / (1 + 8710 / Re);
}

function volumeOf(body: SinkBody, massKg: number, path: string): number {
  const given = [body.volumeM3, body.densityKgPm3, body.material].filter((value) => value !== undefined);
  if (given.length !== 1) throw new InputRangeError(`${path}.volumeM3`, given.length, 1, 1);
  if (body.volumeM3 !== undefined) return requireInRange(`${path}.volumeM3`, body.volumeM3, BODY_LIMITS.volumeM3);
  if (body.densityKgPm3 !== undefined)
    return massKg / requireInRange(`${path}.densityKgPm3`, body.densityKgPm3, BODY_LIMITS.densityKgPm3);
  return massKg / MATERIALS[body.material!].densityKgPm3;
}

function dragAreaOf(
  body: SinkBody,
  volumeM3: number,
  water: WaterProperties,
  path: string,
): (speedMps: number) => number {
  if ((body.dragAreaM2 === undefined) === (body.shape === undefined))
    throw new InputRangeError(`${path}.dragAreaM2`, body.shape ? 2 : 0, 1, 1);
  if (body.dragAreaM2 !== undefined)
    return constant(requireInRange(`${path}.dragAreaM2`, body.dragAreaM2, BODY_LIMITS.dragAreaM2));
  const shape = body.shape!;
  switch (shape.kind) {
    case 'sphere': {
      const d =
        shape.diameterM === undefined
          ? Math.cbrt((6 * volumeM3) / Math.PI)
          : requireInRange(`${path}.shape.diameterM`, shape.diameterM, BODY_LIMITS.diameterM);
      const { densityKgPm3: rho, viscosityPaS: mu } = water;
      return (v) => sphereDragCoefficient((rho * v * d) / mu) * Math.PI * (d / 2) ** 2;
    }
    case 'bullet':
    case 'cone':
    case 'football':
    case 'minnow':
      return constant(
        FRONTAL_SHAPES[shape.kind].cd * requireInRange(`${path}.shape.areaM2`, shape.areaM2, BODY_LIMITS.dragAreaM2),
      );
    case 'broadside':
    case 'spoon-flutter':
      return constant(
        PLAN_SHAPES[shape.kind].cd * requireInRange(`${path}.shape.areaM2`, shape.areaM2, BODY_LIMITS.dragAreaM2),
      );
    case 'paddle-tail':
    case 'twin-tail':
    case 'straight-tail':
    case 'curl-tail':
    case 'claw-tail':
    case 'fan-tail':
      return constant(
        TAIL_SHAPES[shape.kind].perLengthSquared *
          requireInRange(`${path}.shape.lengthM`, shape.lengthM, BODY_LIMITS.lengthM) ** 2,
      );
    case 'skirt':
      return constant(SKIRT.dragAreaM2);
    default:
      return shape satisfies never;
  }
}

const constant = (value: number) => () => value;
