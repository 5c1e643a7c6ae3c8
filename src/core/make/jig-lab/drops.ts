import type { Steps } from '../../decide';
import { seeded } from '../../base/numeric';
import { jigStand, readJig, type JigStandInput, type Pose } from './jig-stand';
import type { XY } from './polygon';

export interface DropsInput {
  readonly jig: JigStandInput;
  readonly drops: number;
  /** each drop meets a floor that leans by up to this, to either side [rad] */
  readonly slopeRad: number;
  readonly seed: number;
}

export interface Drops {
  /** down directions at rest, in bins of 10° from −180° [count] */
  readonly histogram: readonly number[];
  readonly pointUpShare: number;
  /** point up and falling away from the line */
  readonly goodShare: number;
  /** rolled on without end */
  readonly rolledShare: number;
}

export const DROP_BINS = 36;
/** Drops between two looks at the clock. */
const SLICE = 500;

/**
 * Drops at every angle onto a floor that leans a little, rolled without slip to where they stay.
 *
 * Model: as `jigStand`, with gravity leaning by each drop's slope; the good share is that of drops that come to a pose that
 * is good on a level floor.
 */
export function* drops({ jig, drops: count, slopeRad, seed }: DropsInput): Steps<Drops> {
  const { centre, hull } = readJig(jig);
  const { poses } = jigStand(jig);
  const corners = hull.map(([x, y]): XY => [x - centre[0], y - centre[1]]);
  const edges = corners.map((corner, i) => edgeOf(corner, corners[(i + 1) % corners.length]!));
  const poseOf = edges.map(({ downRad }) => poses.find((pose) => Math.cos(pose.downRad - downRad) > 1 - 1e-12) ?? null);
  const next = seeded(seed);
  const histogram = new Array<number>(DROP_BINS).fill(0);
  let [up, good, rolled] = [0, 0, 0];
  for (let i = 0; i < count; i += 1) {
    const at = restingEdge(corners, edges, next() * 2 * Math.PI, (2 * next() - 1) * slopeRad);
    if (at === null) rolled += 1;
    else {
      const bin = Math.floor(((edges[at]!.downRad + Math.PI) / (2 * Math.PI)) * DROP_BINS) % DROP_BINS;
      histogram[bin]! += 1;
      const [px, py] = [jig.pointM[0] - centre[0], jig.pointM[1] - centre[1]];
      const isUp = px * Math.cos(edges[at]!.downRad) + py * Math.sin(edges[at]!.downRad) < 0;
      up += Number(isUp);
      good += Number(isUp && isGood(poseOf[at] ?? null));
    }
    if (i % SLICE === SLICE - 1) yield { done: i + 1, of: count };
  }
  return { histogram, pointUpShare: up / count, goodShare: good / count, rolledShare: rolled / count };
}

const isGood = (pose: Pose | null): boolean => pose !== null && pose.pointUp && pose.fallsTo !== 'line';

interface Edge {
  readonly downRad: number;
  /** direction along it, counterclockwise, and its ends along that from the centre's foot */
  readonly along: XY;
  readonly first: number;
  readonly second: number;
  readonly heightM: number;
}

function edgeOf(from: XY, to: XY): Edge {
  const lengthM = Math.hypot(to[0] - from[0], to[1] - from[1]);
  const along: XY = [(to[0] - from[0]) / lengthM, (to[1] - from[1]) / lengthM];
  const down: XY = [along[1], -along[0]];
  const on = (point: XY, axis: XY) => point[0] * axis[0] + point[1] * axis[1];
  return {
    downRad: Math.atan2(down[1] + 0, down[0]),
    along,
    first: on(from, along),
    second: on(to, along),
    heightM: on(from, down),
  };
}

/** The edge on which an arrival at a down direction stays; null where it rolls round and round. */
function restingEdge(
  corners: readonly XY[],
  edges: readonly Edge[],
  arrivalRad: number,
  slopeRad: number,
): number | null {
  const n = corners.length;
  const reach = ([x, y]: XY) => x * Math.cos(arrivalRad) + y * Math.sin(arrivalRad);
  const touching = corners.reduce((best, corner, i) => (reach(corner) > reach(corners[best]!) ? i : best), 0);
  // Where gravity points in the jig's frame at the moment it touches: the floor's normal, leaning by the slope.
  const corner = corners[touching]!;
  const gravityRad = arrivalRad + slopeRad;
  const aside = corner[0] * -Math.sin(gravityRad) + corner[1] * Math.cos(gravityRad);
  // A corner ahead of the centre's plumb line lets it roll back onto the edge before, and the other way round.
  let at = aside > 0 ? (touching + n - 1) % n : touching;
  for (let turns = 0; turns < 4 * n; turns += 1) {
    const { first, second, heightM } = edges[at]!;
    const foot = heightM * Math.tan(slopeRad);
    if (foot < first) at = (at + n - 1) % n;
    else if (foot > second) at = (at + 1) % n;
    else return at;
  }
  return null;
}
