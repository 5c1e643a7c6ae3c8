import { InputRangeError, requireInRange, type Limits } from '../../base/guard';
import { clipped, hullOf, type Cut, type XY } from './polygon';

export const JIG_STAND_LIMITS = {
  profile: { min: 3, max: 2000 },
  coordinateM: { min: -1, max: 1 },
  normalRad: { min: -7, max: 7 },
  submergedN: { min: -100, max: 100 },
  masses: { min: 1, max: 200 },
} as const satisfies Record<string, Limits>;

/** A weight in water at a point; negative where it floats. */
export interface PointWeight {
  readonly xM: number;
  readonly yM: number;
  readonly submergedN: number;
}

export interface JigStandInput {
  /** outline of the head from the side, around it */
  readonly profile: readonly XY[];
  readonly cuts?: readonly Cut[] | undefined;
  readonly masses: readonly PointWeight[];
  /** tip of the hook's point, and the eye that the line is tied to */
  readonly pointM: XY;
  readonly eyeM: XY;
}

export interface Pose {
  /** the edge of the hull that lies on the floor, counterclockwise */
  readonly edge: readonly [XY, XY];
  /** direction in the profile's frame that points down [rad], −π to π */
  readonly downRad: number;
  /** of arrivals at every angle alike, those that end here */
  readonly share: number;
  /** moments that tip it over the edge's first and second end [N·m] */
  readonly tipMomentsNm: readonly [number, number];
  /** the point stands higher than the submerged centre */
  readonly pointUp: boolean;
  /** which way it goes over when stirred: toward the line, away from it, or either */
  readonly fallsTo: 'line' | 'away' | 'neither';
}

export interface JigStand {
  readonly outcome: 'ok' | 'floats';
  readonly poses: readonly Pose[];
  readonly pointUpShare: number;
}

/** Moments that differ by less than this say nothing of the side it falls to. */
const EQUAL = 0.1;

/**
 * How a jig comes to rest on a floor.
 *
 * Model: in its own plane, on a hard level floor, without slip and without bouncing. The height of the submerged centre over
 * the floor at a down direction φ is the hull's support function about the centre; its minima are the edges under which
 * the centre stands, its maxima the corners that are straight below it. Arrivals are uniform in φ and roll downhill, so a
 * pose takes the angle between the maxima on both sides of it. With weights so far out that the centre lies outside the
 * hull, arrivals that come to no edge are in no share.
 * Frame: x aft, y up, as the profile is given; angles counterclockwise from x.
 *
 * @throws {InputRangeError} when a value lies outside JIG_STAND_LIMITS, or cuts leave nothing that could stand.
 */
export function jigStand(input: JigStandInput): JigStand {
  const { weightN, centre, hull } = readJig(input);
  if (weightN <= 0) return { outcome: 'floats', poses: [], pointUpShare: 0 };
  const n = hull.length;
  const corners = hull.map(([x, y]): XY => [x - centre[0], y - centre[1]]);
  const ahead = (point: XY, [dx, dy]: XY) => (point[0] - centre[0]) * dx + (point[1] - centre[1]) * dy;
  const peaks = corners.flatMap((corner, i) => peakAt(corners, corner, i));

  const poses = hull.flatMap((from, i): Pose[] => {
    const to = hull[(i + 1) % n]!;
    const lengthM = Math.hypot(to[0] - from[0], to[1] - from[1]);
    const along: XY = [(to[0] - from[0]) / lengthM, (to[1] - from[1]) / lengthM];
    const down: XY = [along[1], -along[0]];
    // The centre's foot, from each end of the edge.
    const [toFirst, toSecond] = [-ahead(from, along), ahead(to, along)];
    if (toFirst < 0 || toSecond < 0) return [];
    // A negative zero would make π of straight back its negative.
    const downRad = Math.atan2(down[1] + 0, down[0]);
    const tipMomentsNm = [weightN * toFirst, weightN * toSecond] as const;
    const isEven = Math.abs(toFirst - toSecond) <= EQUAL * Math.max(toFirst, toSecond);
    const falls = toFirst < toSecond ? -1 : 1;
    return [
      {
        edge: [from, to],
        downRad,
        share: basinRad(peaks, downRad) / (2 * Math.PI),
        tipMomentsNm,
        pointUp: ahead(input.pointM, down) < 0,
        fallsTo: isEven ? 'neither' : Math.sign(ahead(input.eyeM, along)) === falls ? 'line' : 'away',
      },
    ];
  });
  return {
    outcome: 'ok',
    poses,
    pointUpShare: poses.reduce((sum, { pointUp, share }) => sum + (pointUp ? share : 0), 0),
  };
}

/** What stands and what it weighs: net submerged weight [N], its centre, the hull after all cuts. */
export function readJig({ profile, cuts = [], masses, pointM, eyeM }: JigStandInput): {
  readonly weightN: number;
  readonly centre: XY;
  readonly hull: readonly XY[];
} {
  const J = JIG_STAND_LIMITS;
  const coordinates = (field: string, point: XY) =>
    point.forEach((value, k) => requireInRange(`${field}[${k}]`, value, J.coordinateM));
  requireInRange('profile', profile.length, J.profile);
  profile.forEach((point, i) => coordinates(`profile[${i}]`, point));
  requireInRange('masses', masses.length, J.masses);
  masses.forEach(({ xM, yM, submergedN }, i) => {
    requireInRange(`masses[${i}].xM`, xM, J.coordinateM);
    requireInRange(`masses[${i}].yM`, yM, J.coordinateM);
    requireInRange(`masses[${i}].submergedN`, submergedN, J.submergedN);
  });
  coordinates('pointM', pointM);
  coordinates('eyeM', eyeM);
  const left = cuts.reduce<readonly XY[]>((held, cut, i) => {
    requireInRange(`cuts[${i}].normalRad`, cut.normalRad, J.normalRad);
    coordinates(`cuts[${i}].atM`, cut.atM);
    const kept = clipped(held, cut);
    if (corneredHull(kept).length < 3) throw new InputRangeError(`cuts[${i}]`, kept.length, 3, Infinity);
    return kept;
  }, profile);
  const hull = corneredHull(left);
  if (hull.length < 3) throw new InputRangeError('profile', hull.length, 3, J.profile.max);
  const weightN = masses.reduce((sum, { submergedN }) => sum + submergedN, 0);
  const moment = (of: 'xM' | 'yM') => masses.reduce((sum, each) => sum + each[of] * each.submergedN, 0) / weightN;
  return { weightN, centre: weightN > 0 ? [moment('xM'), moment('yM')] : [0, 0], hull };
}

const corneredHull = (points: readonly XY[]) => (points.length < 3 ? points : hullOf(points));

const wrapped = (rad: number) => ((rad % (2 * Math.PI)) + 2 * Math.PI) % (2 * Math.PI);

/** Down directions at which a corner is straight below the centre and carries it: where it rolls to neither side. */
function peakAt(corners: readonly XY[], corner: XY, i: number): number[] {
  const before = corners[(i + corners.length - 1) % corners.length]!;
  const after = corners[(i + 1) % corners.length]!;
  const straight = Math.atan2(corner[1], corner[0]);
  const reach = (other: XY) => other[0] * Math.cos(straight) + other[1] * Math.sin(straight);
  return reach(corner) >= reach(before) && reach(corner) >= reach(after) ? [straight] : [];
}

/** The angle from the last maximum before a direction to the first one after it. */
function basinRad(peaks: readonly number[], downRad: number): number {
  if (peaks.length === 0) return 2 * Math.PI;
  const ahead = peaks.map((peak) => wrapped(peak - downRad)).sort((a, b) => a - b);
  const [next, last] = [ahead[0]!, ahead.at(-1)!];
  return peaks.length === 1 ? 2 * Math.PI : next + (2 * Math.PI - last);
}
