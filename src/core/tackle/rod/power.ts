import { loadRatioAtDrop } from './load-at-drop';
import type { Rod } from './rod';
import { resolveRod } from './stiffness';

/**
 * Power of a rod [N]: the force, square to the grip, that drops the tip by a third of the working length.
 *
 * It is what the class words stand for, so a hung rod and a printed one compare.
 *
 * @throws {InputRangeError} as `resolveRod`.
 */
export function powerN(rod: Rod): number {
  const resolved = resolveRod(rod);
  return (loadRatioAtDrop(resolved, 1 / 3).loadRatio * resolved.buttEiNm2) / resolved.lengthM ** 2;
}
