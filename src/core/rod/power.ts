import { findRoot } from '../numeric';
import { bendRod, type Bend } from './bend';
import { resolveRod, type Rod } from './stiffness';

/**
 * Power of a rod [N]: the force, square to the grip, that drops the tip by a third of the working length.
 *
 * It is what the class words stand for, so a hung rod and a printed one compare.
 *
 * @throws {InputRangeError} as `resolveRod`.
 */
export function powerN(rod: Rod): number {
  const resolved = resolveRod(rod);
  const scale = resolved.buttEiNm2 / resolved.lengthM ** 2;
  let near: Bend | undefined;
  const drop = (loadRatio: number) => {
    near = bendRod(resolved, loadRatio * scale, Math.PI / 2, near);
    return near.elastica.tipY - 1 / 3;
  };
  // k of the classes runs from 4.3 (extra-fast) down: the load ratio from a quarter to one.
  const [lo, hi] = [1e-3, 4];
  return findRoot(drop, { lo, hi, fLo: drop(lo), fHi: drop(hi) }, 1e-4) * scale;
}
