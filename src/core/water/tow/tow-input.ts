import type { CurrentLayer } from '../../base/surroundings';
import type { Limits } from '../../base/guard';
import type { WaterInput } from '../water';

export const TOW_LIMITS = {
  speedMps: { min: 0, max: 20 },
  depthM: { min: 0, max: 2000, exclusiveMin: true },
  layerDepthM: { min: 0, max: 2000 },
  alongMps: { min: -10, max: 10 },
  lengthM: { min: 0, max: 5000 },
  diameterM: { min: 0, max: 0.05, exclusiveMin: true },
  massPerLengthKgPm: { min: 0, max: 10 },
  tangentialCt: { min: 0, max: 1 },
  normalDragFactor: { min: 0, max: 10 },
  netWeightN: { min: -1e4, max: 1e5 },
  areaM2: { min: 0, max: 10 },
  downAreaM2: { min: -10, max: 10 },
  downExponent: { min: 0, max: 2 },
  downAtMps: { min: 0, max: 20, exclusiveMin: true },
  share: { min: 0, max: 0.999 },
  mu: { min: 0, max: 5 },
  surfaceAngleRad: { min: 0, max: Math.PI / 2, exclusiveMin: true },
} as const satisfies Record<string, Limits>;

/** A length of line in the water, from the boat. */
export interface TowSegment {
  readonly lengthM: number;
  readonly diameterM: number;
  readonly massPerLengthKgPm: number;
  readonly tangentialCt?: number | undefined;
  readonly normalDragFactor?: number | undefined;
}

/** What hangs on the line: weight in water [N], drag area [m²], and the area by which speed drives it down [m²]. */
export interface TowedBody {
  readonly netWeightN: number;
  readonly dragAreaM2: number;
  readonly downAreaM2?: number | undefined;
  /** how much faster than the square of the speed that drive grows; 0: as the square */
  readonly downExponent?: number | undefined;
  /** speed at which downAreaM2 is said [m/s] */
  readonly downAtMps?: number | undefined;
}

/** A lip's area is said at a brisk trolling pace [m/s]. */
export const DOWN_AT_MPS = 1.5;

export interface TowWeight extends TowedBody {
  /** it sits at the far end of this segment, 0 from the boat */
  readonly afterSegment: number;
}

/** A weight that touches the bottom: the share of it that the bottom carries, and how it rubs. */
export interface Rest {
  readonly share: number;
  readonly mu: number;
}

export interface TowEnd extends TowedBody {
  readonly rest?: Rest | undefined;
}

export type TowSolve =
  | { readonly for: 'depth' }
  | { readonly for: 'line-out'; readonly depthM: number }
  | { readonly for: 'weight'; readonly depthM: number; readonly surfaceAngleRad: number };

export interface TowInput {
  readonly water: WaterInput;
  readonly speedMps: number;
  readonly current?: readonly CurrentLayer[] | undefined;
  readonly segments: readonly TowSegment[];
  readonly weights?: readonly TowWeight[] | undefined;
  readonly end: TowEnd;
  readonly solve: TowSolve;
}

export type TowOutcome = 'ok' | 'at-surface' | 'never-that-deep' | 'no-weight-does' | 'too-shallow-for-the-rig';

export interface Tow {
  readonly outcome: TowOutcome;
  readonly depthM: number | null;
  /** all wet line [m] */
  readonly lineOutM: number | null;
  /** how far aft of the entry the end runs [m] */
  readonly laybackM: number | null;
  /** above the horizontal, at the entry */
  readonly surfaceAngleRad: number | null;
  readonly surfaceTensionN: number | null;
  readonly endAngleRad: number | null;
  /** of the end, at rest on the bottom or not [N] */
  readonly netWeightN: number | null;
  /** [x aft, z down] from the entry to the end */
  readonly shape: readonly (readonly [number, number])[];
}

/** Current along the course at a depth [m/s]. */
export function currentAt(layers: readonly CurrentLayer[] | undefined, depthM: number): number {
  if (!layers || layers.length === 0) return 0;
  if (depthM <= layers[0]!.depthM) return layers[0]!.alongMps;
  for (let i = 1; i < layers.length; i += 1) {
    const [a, b] = [layers[i - 1]!, layers[i]!];
    if (depthM <= b.depthM)
      return a.alongMps + ((b.alongMps - a.alongMps) * (depthM - a.depthM)) / (b.depthM - a.depthM);
  }
  return layers.at(-1)!.alongMps;
}
