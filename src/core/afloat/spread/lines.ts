import type { Limits } from '../../base/guard';

/** Boat frame: origin in the middle of the transom at the waterline, x to starboard, y aft, z down [m]. */
export type Point = readonly [x: number, y: number, z: number];
/** A line in its own vertical plane: horizontal distance aft of its start, depth [m]. */
export type Profile = readonly (readonly [s: number, z: number])[];

interface LineBase {
  readonly name: string;
  /** from the start to the lure, board or ball */
  readonly profileM: Profile;
  /** how far the lure stands to starboard of its own start [m]; 0 when absent */
  readonly offsetM?: number | undefined;
  /** its profile in a turn, where that is another */
  readonly turnProfileM?: Profile | undefined;
  /** depths of the profile's points by speed through the water, ascending */
  readonly depthsAt?: readonly { readonly speedMps: number; readonly zM: readonly number[] }[] | undefined;
  /** one standard deviation of its depth [m]; 0 when absent */
  readonly depthSdM?: number | undefined;
}

/** A line from a rod's tip or a clip, or one that goes on where an earlier one ends. */
export type SpreadLine = LineBase &
  ({ readonly tipM: Point; readonly after?: undefined } | { readonly after: string; readonly tipM?: undefined });

export type Side = 'port' | 'starboard';

export interface Turn {
  readonly radiusM: number;
  readonly side: Side;
}

export const SPREAD_LIMITS = {
  lines: { min: 1, max: 40 },
  placeM: { min: -500, max: 2000 },
  clearM: { min: 0, max: 100 },
  speedMps: { min: 0, max: 40, exclusiveMin: true },
  radiusM: { min: 0, max: 1e5, exclusiveMin: true },
  depthSdM: { min: 0, max: 50 },
} as const satisfies Record<string, Limits>;

/** Horizontal reach of a profile [m]: how far its end lies aft of its start. */
export const laybackM = (profile: Profile): number => profile.at(-1)![0];

/** Extra room for uncertain depths, in standard deviations of their difference: lines stay clear nine times in ten. */
const DEVIATIONS = 1.3;

/** What "nearer than clearM" means of two lines [m]. */
export const clearanceM = (clearM: number, a: SpreadLine, b: SpreadLine): number =>
  clearM + DEVIATIONS * Math.hypot(a.depthSdM ?? 0, b.depthSdM ?? 0);

/** Which line each one goes on from, by index; null: from a tip. */
export const parentsOf = (lines: readonly SpreadLine[]): readonly (number | null)[] => {
  const at = new Map(lines.map(({ name }, i) => [name, i]));
  return lines.map(({ after }) => (after === undefined ? null : at.get(after)!));
};

/** Whether two lines share a point by their build: one goes on from the other, or both from the same one. */
export function areRelated(a: number, b: number, parents: readonly (number | null)[]): boolean {
  const above = (from: number, wanted: number): boolean => {
    for (let at = parents[from]!; at !== null; at = parents[at]!) if (at === wanted) return true;
    return false;
  };
  return above(a, b) || above(b, a) || (parents[a] !== null && parents[a] === parents[b]);
}
