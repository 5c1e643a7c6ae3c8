import { requireInRange, type Limits } from '../../base/guard';
import { findRoot, leastSquares } from '../../base/numeric';
import { tow, type TowInput } from '../../water';

export const DIVE_TEST_LIMITS = {
  speedMps: { min: 0.1, max: 10 },
  lineM: { min: 1, max: 1000 },
  depthM: { min: 0.1, max: 200 },
  tipHeightM: { min: 0, max: 20 },
  readings: { min: 1, max: 50 },
} as const satisfies Record<string, Limits>;

export interface DiveReading {
  readonly speedMps: number;
  /** from the tip to the lure's leader [m] */
  readonly lineM: number;
  /** bottom that it touched [m] */
  readonly depthM: number;
}

export interface DiveTest {
  readonly water: TowInput['water'];
  /** main line first; its length is that of each reading */
  readonly segments: TowInput['segments'];
  readonly netWeightN: number;
  readonly tipHeightM: number;
  /** what its class says: where the search starts, and what holds the drag while one depth alone is known */
  readonly classDragM2: number;
  readonly classDiveM2: number;
  readonly readings: readonly DiveReading[];
}

export interface DiveTestResult {
  readonly outcome: 'ok' | 'not-reached';
  readonly dragAreaM2: number | null;
  readonly downAreaM2: number | null;
  /** how much faster than the square of the speed its drive grows; null where the speeds are too much alike to tell */
  readonly downExponent: number | null;
  /** relative, one standard deviation */
  readonly dragSpread: number | null;
  readonly downSpread: number | null;
  /** absolute, one standard deviation */
  readonly exponentSd: number | null;
  readonly rmsDepthM: number | null;
}

const NOT_REACHED: DiveTestResult = {
  outcome: 'not-reached',
  dragAreaM2: null,
  downAreaM2: null,
  downExponent: null,
  dragSpread: null,
  downSpread: null,
  exponentSd: null,
  rmsDepthM: null,
};
/** Dive over drag, from a spoon that hardly steers down to a plane that dives steeper than it drags: its logarithm. */
const LN_SHARE = [-5, 1.5] as const;

/** A touch of the bottom as a sounder and a counter tell it: one standard deviation of the depth [m], and of itself. */
const DEPTH_SD = { floorM: 0.15, share: 0.04 } as const;
/** Speeds this far apart, the faster over the slower, tell how the drive grows with speed. */
const SPEEDS_APART = 1.2;
/** How well a class knows a drag area: the reading that stands in for a second depth. */
const CLASS_SD = 0.25;

/**
 * Drag area and the area that drives a lure down, from where it touched the bottom.
 *
 * Model: `tow` for each reading, least squares in the logarithms of the drag area and of dive over drag; the class drag area
 * joins as a reading of its own spread, since depths alone fix that share well and the size badly. The spread of the dive area
 * counts both as independent. Where speeds lie a fifth apart or more, how the drive grows with speed is looked for too; else
 * it is held at the square.
 * Outcome `not-reached`: no areas in reason make it run there.
 */
export function diveTest({
  water,
  segments,
  netWeightN,
  tipHeightM,
  classDragM2,
  classDiveM2,
  readings,
}: DiveTest): DiveTestResult {
  readings.forEach(({ speedMps, lineM, depthM }, i) => {
    requireInRange(`readings[${i}].speedMps`, speedMps, DIVE_TEST_LIMITS.speedMps);
    requireInRange(`readings[${i}].lineM`, lineM, DIVE_TEST_LIMITS.lineM);
    requireInRange(`readings[${i}].depthM`, depthM, {
      ...DIVE_TEST_LIMITS.depthM,
      max: Math.min(
        lineM + segments.slice(1).reduce((sum, { lengthM }) => sum + lengthM, 0),
        DIVE_TEST_LIMITS.depthM.max,
      ),
    });
  });
  const speeds = readings.map(({ speedMps }) => speedMps);
  const tellsExponent = Math.max(...speeds) >= SPEEDS_APART * Math.min(...speeds);
  const depthAt = ({ speedMps, lineM }: DiveReading, [drag, dive, exponent]: Areas): number => {
    const run = (wetM: number) =>
      tow(
        {
          water,
          speedMps,
          segments: [{ ...segments[0]!, lengthM: wetM }, ...segments.slice(1)],
          end: { netWeightN, dragAreaM2: drag, downAreaM2: dive, downExponent: exponent },
          solve: { for: 'depth' },
        },
        { shaped: false },
      );
    // The air part shortens the wet line; its angle changes little, so two rounds are enough.
    let wetM = lineM;
    for (let round = 0; round < 3; round += 1) {
      const { surfaceAngleRad } = run(wetM);
      wetM = Math.max(0.1 * lineM, lineM - tipHeightM / Math.max(0.03, Math.sin(surfaceAngleRad ?? 0.03)));
    }
    return run(wetM).depthM ?? 0;
  };
  // Depth hangs on dive over drag far more than on their size, so that share is what is looked for; it starts where the
  // first reading has it with the drag of the class.
  const under = (lnShare: number) =>
    depthAt(readings[0]!, [classDragM2, classDragM2 * Math.exp(lnShare), 0]) - readings[0]!.depthM;
  const [lo, hi] = LN_SHARE;
  const [fLo, fHi] = [under(lo), under(hi)];
  if (fHi < 0) return NOT_REACHED;
  const start = [
    Math.log(classDragM2),
    fLo >= 0 ? Math.log(classDiveM2 / classDragM2) : findRoot(under, { lo, hi, fLo, fHi }, 1e-3),
  ];
  const areas = ([lnDrag, lnShare, exponent = 0]: readonly number[]): Areas => [
    Math.exp(lnDrag!),
    Math.exp(lnDrag! + lnShare!),
    exponent,
  ];
  const fit = leastSquares({
    field: 'readings',
    observed: [...readings.map(({ depthM }) => depthM), start[0]!],
    sd: [...readings.map(({ depthM }) => Math.hypot(DEPTH_SD.floorM, DEPTH_SD.share * depthM)), CLASS_SD],
    model: (parameters) => [...readings.map((reading) => depthAt(reading, areas(parameters))), parameters[0]!],
    start: tellsExponent ? [...start, USUAL_EXPONENT] : start,
    min: [start[0]! - 1.5, Math.max(lo, start[1]! - 1.5), ...(tellsExponent ? [0] : [])],
    max: [start[0]! + 1.5, Math.min(hi, start[1]! + 1.5), ...(tellsExponent ? [2] : [])],
  });
  const depths = fit.residuals.slice(0, readings.length);
  const rmsDepthM = Math.sqrt(depths.reduce((sum, each) => sum + each ** 2, 0) / depths.length);
  const worst = Math.max(...depths.map((each, i) => Math.abs(each) / readings[i]!.depthM));
  if (worst > 0.5) return NOT_REACHED;
  const [dragAreaM2, downAreaM2, exponent] = areas(fit.parameters);
  return {
    outcome: 'ok',
    dragAreaM2,
    downAreaM2,
    downExponent: tellsExponent ? exponent : null,
    dragSpread: fit.sd[0]!,
    downSpread: Math.hypot(fit.sd[0]!, fit.sd[1]!),
    exponentSd: tellsExponent ? fit.sd[2]! : null,
    rmsDepthM,
  };
}

type Areas = readonly [drag: number, dive: number, exponent: number];

/** Where the search for it begins: between what the two schools say. */
const USUAL_EXPONENT = 0.3;
