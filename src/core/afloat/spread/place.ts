import { laybackM, type Point, type Profile, type SpreadLine, type Turn } from './lines';

/** A line as it lies in space: straight in plan from its start to its lure. */
export interface Placed {
  readonly points: readonly Point[];
}

/** A line in a turn; null where it goes slack. */
export interface Turned extends Placed {
  /** of the lure's path [m] */
  readonly radiusM: number;
  readonly speedMps: number | null;
}

/** The lines on a straight course. */
export function onStraight(lines: readonly SpreadLine[], parents: readonly (number | null)[]): readonly Placed[] {
  const placed: Placed[] = [];
  for (const [i, line] of lines.entries()) {
    const parent = parents[i]!;
    const [x, y] = parent === null ? line.tipM! : placed[parent]!.points.at(-1)!;
    const reach = laybackM(line.profileM);
    const offset = line.offsetM ?? 0;
    placed.push({
      points: line.profileM.map(([s, z]): Point => [x + (reach === 0 ? 0 : (offset * s) / reach), y + s, z]),
    });
  }
  return placed;
}

/** Where a line stands in a turn, as its start and its end are seen from the centre. */
export interface Arc {
  /** [m] */
  readonly fromRadiusM: number;
  readonly toRadiusM: number;
  /** angles behind the origin [rad] */
  readonly fromRad: number;
  readonly toRad: number;
}

/** Lines, how they hang together, and the turn that they are in. */
export interface Turning {
  readonly lines: readonly SpreadLine[];
  readonly parents: readonly (number | null)[];
  readonly turn: Turn;
  readonly speedMps: number | undefined;
}

/**
 * Where lines stand in a steady turn; null for one that goes slack.
 *
 * Model: the lure trails without slipping sideways beyond its own offset, r = o + √(ρ² − ℓ²) with ρ the start's radius and o
 * the offset outward; it lies behind its start by atan2(ℓ, r − o) seen from the centre. Slack where ℓ ≥ ρ or r ≤ 0.
 */
export function arcsIn({ lines, parents, turn }: Turning): readonly (Arc | null)[] {
  const arcs: (Arc | null)[] = [];
  for (const [i, line] of lines.entries()) {
    const parent = parents[i]!;
    const above = parent === null ? null : arcs[parent]!;
    arcs.push(parent !== null && above === null ? null : arcOf(line, above, turn));
  }
  return arcs;
}

/** One line of a turn as it lies in space; null where it goes slack. */
export function onArc(
  turning: Turning,
  arcs: readonly (Arc | null)[],
  i: number,
  /** where the line that it goes on from lies */
  above: (parent: number) => Turned = (parent) => onArc(turning, arcs, parent)!,
): Turned | null {
  const arc = arcs[i]!;
  if (!arc) return null;
  const { lines, parents, turn, speedMps } = turning;
  const own = speedMps === undefined ? null : (speedMps * arc.toRadiusM) / turn.radiusM;
  const profile = profileAt(lines[i]!, own);
  const parent = parents[i]!;
  // A line goes up and down with the ball or board that it begins at.
  const startsAt = parent === null ? profile[0]![1] : above(parent).points.at(-1)![2];
  return {
    points: alongArc(profile, startsAt - profile[0]![1], arc, turn),
    radiusM: arc.toRadiusM,
    speedMps: own,
  };
}

/** All lines in a steady turn. */
export function inTurn(turning: Turning): readonly (Turned | null)[] {
  const arcs = arcsIn(turning);
  return turning.lines.map((_, i) => onArc(turning, arcs, i));
}

/** Start and end of an arc in plan [m]. */
export function endsOf(arc: Arc, { radiusM: R, side }: Turn): readonly [Plan, Plan] {
  const inward = toCentre(side);
  const at = (r: number, rad: number): Plan => [inward * (R - r * Math.cos(rad)), r * Math.sin(rad)];
  return [at(arc.fromRadiusM, arc.fromRad), at(arc.toRadiusM, arc.toRad)];
}

type Plan = readonly [x: number, y: number];

const toCentre = (side: Turn['side']): 1 | -1 => (side === 'starboard' ? 1 : -1);

function arcOf(line: SpreadLine, above: Arc | null, { radiusM: R, side }: Turn): Arc | null {
  const inward = toCentre(side);
  const [x, y] = line.tipM ?? [0, 0];
  const rho = above ? above.toRadiusM : Math.hypot(R - inward * x, y);
  const phi = above ? above.toRad : Math.atan2(y, R - inward * x);
  const reach = laybackM(line.turnProfileM ?? line.profileM);
  if (reach === 0) return { fromRadiusM: rho, toRadiusM: rho, fromRad: phi, toRad: phi };
  if (reach >= rho) return null;
  const outward = -inward * (line.offsetM ?? 0);
  const trailing = Math.sqrt(rho ** 2 - reach ** 2);
  const r = outward + trailing;
  return r <= 0 ? null : { fromRadiusM: rho, toRadiusM: r, fromRad: phi, toRad: phi + Math.atan2(reach, trailing) };
}

/** The profile that holds at a lure's own speed through the water. */
function profileAt({ profileM, turnProfileM, depthsAt }: SpreadLine, speedMps: number | null): Profile {
  if (turnProfileM) return turnProfileM;
  if (!depthsAt || speedMps === null) return profileM;
  const next = depthsAt.findIndex((each) => each.speedMps > speedMps);
  if (next === 0) return withDepths(profileM, depthsAt[0]!.zM);
  if (next < 0) return withDepths(profileM, depthsAt.at(-1)!.zM);
  const [a, b] = [depthsAt[next - 1]!, depthsAt[next]!];
  const share = (speedMps - a.speedMps) / (b.speedMps - a.speedMps);
  return withDepths(
    profileM,
    a.zM.map((z, k) => z + share * (b.zM[k]! - z)),
  );
}

const withDepths = (profile: Profile, zM: readonly number[]): Profile => profile.map(([s], k) => [s, zM[k]!]);

function alongArc(profile: Profile, deeperM: number, arc: Arc, turn: Turn): readonly Point[] {
  const [[x0, y0], [x1, y1]] = endsOf(arc, turn);
  const reach = laybackM(profile);
  return profile.map(([s, z]): Point => {
    const share = reach === 0 ? 0 : s / reach;
    return [x0 + share * (x1 - x0), y0 + share * (y1 - y0), z + deeperM];
  });
}
