import type { Part } from './parts';

/** Parts that a rod's printed windows are about: masses against its lure window, lines against its line window. */
export function fitsRod(part: Part, rod: Part): boolean {
  if (rod.kind !== 'rod') return true;
  if (part.kind === 'line') return (!rod.lineLoN || (part.strengthN?.value ?? 0) >= rod.lineLoN.value) && (!rod.lineHiN || (part.strengthN?.value ?? 0) <= rod.lineHiN.value);
  if (part.kind === 'rod' || part.kind === 'reel' || part.kind === 'knot' || !('massKg' in part) || !part.massKg || !rod.rating) return part.kind === 'rod' ? part.id === rod.id : true;
  return part.massKg.value <= rod.rating.hiKg.value && (part.kind === 'hook' || part.kind === 'hardware' || part.massKg.value >= rod.rating.loKg.value / 2);
}
