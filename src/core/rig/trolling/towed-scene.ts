import { sideTaken } from '../../tackle/defaults/schools';
import { hungPullN, type Rig, type TowedLine } from '../rigging';
import type { TowedPresentation } from '../../tackle';
import {
  currentAt,
  type CurrentLayer,
  type Tow,
  type TowInput,
  type TowSegment,
  type WaterProperties,
} from '../../water';
import type { Running } from './running';

/** A towed rig in its water, as every way of running it needs it. */
export interface Scene {
  readonly presentation: TowedPresentation;
  readonly water: WaterProperties;
  readonly line: TowedLine;
  readonly sogMps: number;
}

/** From where the line leaves air or release; the tip is added by who asks. */
export type FreeRun = Omit<Running, 'release' | 'tipHeightM' | 'tipAngleRad'>;

/**
 * The call for so much wet main line, starting at a depth. Less than none: the main line and so much of what is behind it
 * hang in the air, and what sits on that is carried by the rod.
 */
export function towInput({ presentation, line, sogMps }: Scene, wetM: number, fromM = 0): TowInput {
  const { segments, dry } = wetSegments(line.segments, wetM);
  const layers = layersBelow(presentation.layers ?? [], fromM);
  return {
    water: presentation.water,
    speedMps: sogMps,
    ...(layers.length === 0 ? {} : { current: layers }),
    segments,
    weights: line.weights.flatMap(({ jointId: _, afterSegment, ...weight }) =>
      afterSegment < dry ? [] : [{ ...weight, afterSegment: afterSegment - dry }],
    ),
    end: line.end,
    solve: { for: 'depth' },
  };
}

/** The pieces that are in the water, and how many before them are wholly out of it. */
function wetSegments(
  [main, ...rest]: readonly TowSegment[],
  wetM: number,
): { readonly segments: readonly TowSegment[]; readonly dry: number } {
  if (wetM >= 0 || rest.length === 0) return { segments: [{ ...main!, lengthM: Math.max(0, wetM) }, ...rest], dry: 0 };
  let airM = -wetM;
  let dry = 1;
  for (const { lengthM } of rest.slice(0, -1)) {
    if (airM < lengthM) break;
    airM -= lengthM;
    dry += 1;
  }
  const [first, ...others] = rest.slice(dry - 1);
  return { segments: [{ ...first!, lengthM: Math.max(LEAST_WET_M, first!.lengthM - airM) }, ...others], dry };
}

/** What weighs down the line that hangs in the air, as it weighs in water [N]. */
export function liftedN({ line }: Pick<Scene, 'line'>, wetM: number): number {
  const { dry } = wetSegments(line.segments, wetM);
  return line.weights.reduce((sum, { afterSegment, netWeightN }) => sum + (afterSegment < dry ? netWeightN : 0), 0);
}

/** Below this no line is in the water that counts [m]. */
export const LEAST_WET_M = 1e-3;

/** The current as it is seen from a depth down. */
function layersBelow(layers: readonly CurrentLayer[], fromM: number): readonly CurrentLayer[] {
  if (fromM === 0 || layers.length === 0) return layers;
  return [
    { depthM: 0, alongMps: currentAt(layers, fromM) },
    ...layers.filter(({ depthM }) => depthM > fromM).map((layer) => ({ ...layer, depthM: layer.depthM - fromM })),
  ];
}

/** The current as it is seen from a depth up. */
export function layersAbove(layers: readonly CurrentLayer[], fromM: number): readonly CurrentLayer[] {
  return [
    { depthM: 0, alongMps: currentAt(layers, fromM) },
    ...layers
      .filter(({ depthM }) => depthM < fromM)
      .map((layer) => ({ ...layer, depthM: fromM - layer.depthM }))
      .reverse(),
  ];
}

/**
 * The boat over ground and through the surface water [m/s]. A house that drives by the sensor says its speed through the
 * water, one that drives by the ground says it over ground: where there is current they are not the same.
 */
export function boatSpeeds(
  { house }: Pick<Rig, 'house'>,
  { speedMps, layers }: TowedPresentation,
): { readonly sogMps: number; readonly throughMps: number } {
  const currentMps = currentAt(layers, 0);
  return sideTaken(house.schools, 'drive-by') === 'ground'
    ? { sogMps: speedMps, throughMps: speedMps - currentMps }
    : { sogMps: speedMps + currentMps, throughMps: speedMps };
}

/** Line behind the main line [m]. */
export const behindMainM = ({ segments }: TowedLine): number =>
  segments.slice(1).reduce((sum, { lengthM }) => sum + lengthM, 0);

/** Deepest point of a line [m]. */
export const deepestM = ({ shape }: Tow): number => shape.reduce((deep, [, z]) => Math.max(deep, z), 0);

/** Speed of what runs at a depth through the water there [m/s]. */
export const throughWater = ({ presentation: { layers = [] }, sogMps }: Scene, depthM: number): number =>
  sogMps - currentAt(layers, depthM);

/** The air part is solved to so much [m]. */
export const SAME_LINE_M = 0.05;

/**
 * A line that was solved, as it runs from the tip or its release. `dryM`: how much of it is not under water, where that is known.
 * Where the angle at the entry takes more or less than that, the rest lies on the water, and the line is told as straight from the
 * tip to where it goes under.
 */
export function solvedRun(
  scene: Scene,
  result: Tow,
  asked: TowInput,
  {
    heightM,
    lineM,
    dryM,
    contact,
  }: {
    readonly heightM: number;
    readonly lineM: number;
    readonly dryM?: number;
    readonly contact: Running['contact'];
  },
): FreeRun {
  if (result.outcome !== 'ok')
    return heightM > 0 ? atSurface(scene, lineM, heightM, asked) : level(scene, lineM, 0, asked);
  const {
    depthM,
    surfaceAngleRad: entryRad,
    surfaceTensionN,
    laybackM,
    shape,
  } = result as {
    [K in keyof Tow]: NonNullable<Tow[K]>;
  };
  const takenM = heightM / Math.max(1e-6, Math.sin(entryRad));
  const isStraight = dryM !== undefined && dryM > heightM && Math.abs(dryM - takenM) > SAME_LINE_M;
  const surfaceAngleRad = isStraight ? Math.asin(heightM / dryM) : entryRad;
  const airM = isStraight ? dryM : takenM;
  const airBackM = heightM === 0 ? 0 : heightM / Math.tan(Math.max(1e-6, surfaceAngleRad));
  return {
    outcome: contact ? 'on-bottom' : 'runs',
    depthM,
    lineM,
    airM,
    behindM: laybackM + airBackM,
    surfaceAngleRad,
    pullN: surfaceTensionN,
    lureMps: throughWater(scene, depthM),
    sogMps: scene.sogMps,
    contact,
    shape: [...(heightM === 0 ? [] : [[0, -heightM] as const]), ...shape.map(([x, z]) => [x + airBackM, z] as const)],
    asked,
  };
}

/** A lure on the surface: the line lies straight from the tip to it, its wet part on the water. */
export function atSurface(scene: Scene, lineOutM: number, heightM: number, asked: TowInput): FreeRun {
  const trailingM = behindMainM(scene.line);
  const allM = lineOutM + trailingM;
  const behindM = Math.sqrt(Math.max(0, allM ** 2 - heightM ** 2));
  return {
    outcome: 'at-surface',
    depthM: 0,
    lineM: lineOutM,
    airM: lineOutM,
    behindM,
    surfaceAngleRad: Math.atan2(heightM, behindM),
    pullN: hungPullN(scene.line, throughWater(scene, 0), scene.water),
    lureMps: throughWater(scene, 0),
    sogMps: scene.sogMps,
    contact: null,
    shape: [
      [0, -heightM],
      [behindM, 0],
    ],
    asked,
  };
}

/** Behind a release a lure that neither sinks nor dives trails level. */
export function level(scene: Scene, leadM: number, fromM: number, asked: TowInput): FreeRun {
  const allM = leadM + behindMainM(scene.line);
  return {
    outcome: 'runs',
    depthM: 0,
    lineM: leadM,
    airM: 0,
    behindM: allM,
    surfaceAngleRad: 0,
    pullN: hungPullN(scene.line, throughWater(scene, fromM), scene.water),
    lureMps: throughWater(scene, 0),
    sogMps: scene.sogMps,
    contact: null,
    shape: [
      [0, 0],
      [allM, 0],
    ],
    asked,
  };
}
