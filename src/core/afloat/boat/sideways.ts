import { currentAt } from '../../water';
import type { Profile } from '../spread';

/** How the water moves to starboard of the course at a depth; straight between layers, constant beyond. */
export interface SideLayer {
  readonly depthM: number;
  readonly acrossMps: number;
}

/**
 * How far side current carries a line's end to starboard [m].
 *
 * Model: where the water goes by at U along and c across, a line trails at atan(c/U), so the end stands off by ∫ c(z)/U ds over
 * the line's reach in the water. The picture keeps the bow on the course. Valid for c well below U; the line's bow between its
 * ends is left out.
 */
export function sidewaysM(profile: Profile, layers: readonly SideLayer[], speedMps: number): number {
  if (layers.length === 0 || speedMps <= 0) return 0;
  const across = layers.map(({ depthM, acrossMps }) => ({ depthM, alongMps: acrossMps }));
  let offM = 0;
  for (let i = 1; i < profile.length; i += 1) {
    const [[s0, z0], [s1, z1]] = [profile[i - 1]!, profile[i]!];
    const middleM = (z0 + z1) / 2;
    if (middleM > 0) offM += ((s1 - s0) * currentAt(across, middleM)) / speedMps;
  }
  return offM;
}
