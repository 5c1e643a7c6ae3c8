import { readJig, type JigStandInput, type Pose } from './jig-stand';
import type { XY } from './polygon';

export interface Twitch {
  /** the line from the eye over the floor [rad] */
  readonly lineRad: number;
  /** the floor falls toward the line by this [rad] */
  readonly slopeRad: number;
  /** how deep the floor gives way [m] */
  readonly softM: number;
}

/**
 * Pull on the line that tips a resting jig over its own edge toward the line [N]; 0: it does not even stand there; null:
 * no pull at this angle tips it, it slides.
 *
 * Model: moments about the end of what it stands on, on the side that the line pulls to: F·lever of the line's pull at the
 * eye against the submerged weight at its centre. On a slope the weight leans by the slope; a soft floor takes the hull in
 * by its depth, and the width of the hull there is what it stands on.
 */
export function tipPullN(input: JigStandInput, pose: Pose, { lineRad, slopeRad, softM }: Twitch): number | null {
  const { weightN, centre, hull } = readJig(input);
  const down: XY = [Math.cos(pose.downRad), Math.sin(pose.downRad)];
  const flat: XY = [-down[1], down[0]];
  const local = ([x, y]: XY): XY => [x * flat[0] + y * flat[1], -(x * down[0] + y * down[1])];
  const eye = local(input.eyeM);
  const middle = local(centre);
  // Seen so that the line pulls to the right.
  const side = eye[0] >= middle[0] ? 1 : -1;
  const seen = ([t, h]: XY): XY => [side * t, h];
  const corners = hull.map(local).map(seen);
  const [e, c] = [seen(eye), seen(middle)];
  const floor = Math.min(...corners.map(([, h]) => h));
  const end = Math.max(...crossings(corners, floor + softM));
  const holds = weightN * ((end - c[0]) * Math.cos(slopeRad) - (c[1] - floor) * Math.sin(slopeRad));
  if (holds <= 0) return 0;
  const lever = (e[1] - floor) * Math.cos(lineRad) - (e[0] - end) * Math.sin(lineRad);
  return lever <= 1e-9 ? null : holds / lever;
}

/** Where a closed outline crosses a height, and its corners at and below it. */
const crossings = (corners: readonly XY[], height: number): number[] =>
  corners.flatMap(([t, h], i) => {
    const [u, k] = corners[(i + 1) % corners.length]!;
    const own = h <= height + 1e-12 ? [t] : [];
    return (h - height) * (k - height) < 0 ? [...own, t + ((height - h) / (k - h)) * (u - t)] : own;
  });
