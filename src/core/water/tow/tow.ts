import { findRoot } from '../../base/numeric';
import { waterProperties } from '../water';
import { marcher, type LinePoint, type Marched, type Marcher } from './march';
import type { Tow, TowInput, TowOutcome } from './tow-input';

const SHAPE_POINTS = 41;
/** Depths tried from the surface down where current makes several possible; the layers' own depths are tried besides. */
const DEPTHS_TRIED = 24;
/** End weights tried [N], from what a fly weighs to what a boat lifts. */
const WEIGHTS_TRIED = Array.from({ length: 28 }, (_, i) => 10 ** (-4 + i / 3));

/**
 * A line towed steadily with what hangs on it: how deep it runs, how much line a depth takes, or what weight keeps it at an
 * angle.
 *
 * Model: as `march`. Where current makes several depths possible, the shallowest; of several weights, the lightest. Line
 * that floats lies on the surface before the boat and is counted in line out and layback.
 * Outcomes besides ok: `at-surface` (it does not go under), `never-that-deep` (no length of this line gets there),
 * `no-weight-does` (no weight gives that angle there), `too-shallow-for-the-rig` (the rig behind the paid out line is
 * longer than that depth takes); with them every figure is null. Who searches with it asks for no shape.
 */
export function tow(input: TowInput, { shaped = true }: { readonly shaped?: boolean } = {}): Tow {
  const found = solve(input);
  return found.outcome === 'ok' ? answer(input, found.marched, found, shaped) : none(found.outcome);
}

type Found =
  | {
      readonly outcome: 'ok';
      readonly marched: Marched;
      readonly depthM: number;
      readonly weightN: number;
      readonly lineOutM: number;
    }
  | { readonly outcome: Exclude<TowOutcome, 'ok'> };

function solve(input: TowInput): Found {
  const march = marcher(input, waterProperties(input.water));
  switch (input.solve.for) {
    case 'depth':
      return runningDepth(input, march);
    case 'line-out':
      return lineForDepth(march, input.solve.depthM, input.end.netWeightN);
    case 'weight':
      return weightForAngle(march, input.solve);
    default:
      return input.solve satisfies never;
  }
}

function runningDepth(input: TowInput, march: Marcher): Found {
  const weightN = input.end.netWeightN;
  const lengthM = input.segments.reduce((sum, segment) => sum + segment.lengthM, 0);
  const highest = (depthM: number) =>
    march.whole(depthM, weightN).points.reduce((top, point) => (point.riseM >= top.riseM ? point : top));
  // In still water the speed is the same everywhere, and so is the line's shape.
  const depthM = stillOrOneSpeed(input)
    ? highest(0).riseM
    : shallowest((depth) => highest(depth).riseM - depth, lengthM, input);
  if (depthM === null || depthM <= 1e-6 * lengthM) return { outcome: 'at-surface' };
  return { outcome: 'ok', marched: march.whole(depthM, weightN), depthM, weightN, lineOutM: lengthM };
}

const stillOrOneSpeed = ({ current = [] }: TowInput): boolean =>
  current.every(({ alongMps }) => alongMps === current[0]!.alongMps);

/** The first depth at which the line's rise no longer reaches the surface; null when it does not even go under. */
function shallowest(short: (depthM: number) => number, lengthM: number, { current = [] }: TowInput): number | null {
  const tried = [
    ...Array.from({ length: DEPTHS_TRIED }, (_, i) => (lengthM * (i + 1)) / DEPTHS_TRIED),
    ...current.map(({ depthM }) => depthM),
  ]
    .filter((depth) => depth > 0 && depth <= lengthM)
    .sort((a, b) => a - b);
  let lo = 1e-6 * lengthM;
  let fLo = short(lo);
  if (fLo <= 0) return null;
  for (const hi of tried) {
    const fHi = short(hi);
    if (fHi <= 0) return findRoot(short, { lo, hi, fLo, fHi }, 1e-6 * lengthM);
    lo = hi;
    fLo = fHi;
  }
  // A line that hangs straight down reaches all of its length, but for rounding.
  return lengthM;
}

function lineForDepth(march: Marcher, depthM: number, weightN: number): Found {
  const marched = march.toSurface(depthM, weightN);
  if (marched.endedBy !== 'surface') return { outcome: 'never-that-deep' };
  if (marched.segment > 0) return { outcome: 'too-shallow-for-the-rig' };
  return { outcome: 'ok', marched, depthM, weightN, lineOutM: marched.points.at(-1)!.sM };
}

function weightForAngle(
  march: Marcher,
  { depthM, surfaceAngleRad }: Extract<TowInput['solve'], { for: 'weight' }>,
): Found {
  const steeper = (weightN: number): number | null => {
    const { endedBy, segment, points } = march.toSurface(depthM, weightN);
    if (endedBy === 'surface') return segment > 0 ? null : angleRad(points.at(-1)!) - surfaceAngleRad;
    // A line that never comes up makes no angle; the least that it could make is flat.
    return -surfaceAngleRad;
  };
  let lo: number | null = null;
  let fLo = 0;
  let fits = false;
  for (const weight of [0, ...WEIGHTS_TRIED]) {
    const f = steeper(weight);
    if (f === null) {
      lo = null;
      continue;
    }
    fits = true;
    if (f === 0 || (lo !== null && fLo < 0 && f > 0)) {
      const weightN =
        f === 0
          ? weight
          : findRoot((each) => steeper(each) ?? -surfaceAngleRad, { lo: lo!, hi: weight, fLo, fHi: f }, 1e-7 * weight);
      // A jump from a line that never comes up to one that comes up too steep is no root.
      if (Math.abs(steeper(weightN) ?? 1) < 1e-3) return lineForDepth(march, depthM, weightN);
    }
    lo = weight;
    fLo = f;
  }
  return { outcome: fits ? 'no-weight-does' : 'too-shallow-for-the-rig' };
}

const none = (outcome: Exclude<TowOutcome, 'ok'>): Tow => ({
  outcome,
  depthM: null,
  lineOutM: null,
  laybackM: null,
  surfaceAngleRad: null,
  surfaceTensionN: null,
  endAngleRad: null,
  netWeightN: null,
  shape: [],
});

const angleRad = ({ horizontalN, verticalN }: LinePoint): number => Math.atan2(verticalN, horizontalN);

function answer(
  input: TowInput,
  { points }: Marched,
  { depthM, weightN, lineOutM }: { readonly depthM: number; readonly weightN: number; readonly lineOutM: number },
  shaped: boolean,
): Tow {
  const top = points.reduce((best, each, i) => (each.riseM >= points[best]!.riseM ? i : best), 0);
  const wet = points.slice(0, top + 1);
  const entry = wet.at(-1)!;
  // What lies on the surface reaches from there to the boat.
  const afloatM = Math.max(0, lineOutM - entry.sM);
  const isAfloat = afloatM > 1e-9 * lineOutM;
  return {
    outcome: 'ok',
    depthM,
    lineOutM,
    laybackM: entry.forwardM + afloatM,
    surfaceAngleRad: isAfloat ? 0 : angleRad(entry),
    surfaceTensionN: Math.hypot(entry.horizontalN, entry.verticalN) + (isAfloat ? afloatPullN(input, afloatM) : 0),
    endAngleRad: angleRad(wet.findLast(({ sM }) => sM === 0)!),
    netWeightN: weightN,
    shape: shaped ? evenly(wet, isAfloat ? afloatM : 0) : [],
  };
}

/** Drag along the line that lies on the surface [N]. */
function afloatPullN({ segments, speedMps, water }: TowInput, lengthM: number): number {
  const { diameterM, tangentialCt = 0.012 } = segments[0]!;
  return 0.5 * waterProperties(water).densityKgPm3 * Math.PI * diameterM * tangentialCt * lengthM * speedMps ** 2;
}

/** Points even along the line from the entry down, each span as the cubic that its ends' angles make. */
function evenly(points: readonly LinePoint[], afloatM: number): readonly (readonly [number, number])[] {
  const entry = points.at(-1)!;
  const length = entry.sM;
  const shape: (readonly [number, number])[] = [];
  let k = points.length - 1;
  for (let i = 0; i < SHAPE_POINTS; i += 1) {
    const s = length * (1 - i / (SHAPE_POINTS - 1));
    while (k > 0 && points[k - 1]!.sM >= s) k -= 1;
    const [b, a] = [points[k]!, points[Math.max(0, k - 1)]!];
    const h = b.sM - a.sM;
    const r = h === 0 ? 1 : (s - a.sM) / h;
    const cubic = (p: number, q: number, dp: number, dq: number) =>
      p * (1 - r) ** 2 * (1 + 2 * r) + q * r ** 2 * (3 - 2 * r) + h * r * (1 - r) * ((1 - r) * dp - r * dq);
    const [ta, tb] = [angleRad(a), angleRad(b)];
    const forward = cubic(a.forwardM, b.forwardM, Math.cos(ta), Math.cos(tb));
    const rise = cubic(a.riseM, b.riseM, Math.sin(ta), Math.sin(tb));
    shape.push([entry.forwardM - forward + afloatM, entry.riseM - rise]);
  }
  return afloatM > 0 ? [[0, 0], ...shape] : shape;
}
