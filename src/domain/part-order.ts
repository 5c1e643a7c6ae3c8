import { DEFAULT_CLASSES } from '@/core/tackle/defaults/classes';
import { rodOf } from '@/core/rig';
import { hookStep, resolveRod } from '@/core/tackle';
import type { Part } from './parts';

/** Orders parts of one kind as they would lie in a box: by sort, then by size. */
export function comparePart(a: Part, b: Part): number {
  const [sortA, sizeA] = place(a);
  const [sortB, sizeB] = place(b);
  return sortA.localeCompare(sortB) || sizeA - sizeB || a.id.localeCompare(b.id);
}

function place(part: Part): readonly [sort: string, size: number] {
  switch (part.kind) {
    case 'rod':
      return ['', resolveRod(rodOf(part, DEFAULT_CLASSES)).buttEiNm2];
    case 'reel':
      return [part.build, part.fullRadiusM.value];
    case 'line':
      return [part.material, part.strengthN?.value ?? part.diameterM?.value ?? 0];
    case 'knot':
      return [part.pattern, 0];
    case 'weight':
      return [part.material, part.massKg.value];
    case 'hook':
      return [part.style, hookStep(part.size) ?? 0];
    case 'jig-head':
      return ['', part.massKg.value];
    case 'soft-bait':
      return [part.tail, part.lengthM.value];
    case 'hardware':
      return [part.form, part.widthM.value];
    case 'bottom-bouncer':
    case 'skirted-jig':
      return ['', part.massKg.value];
    case 'hard-lure':
    case 'spoon':
    case 'topwater':
    case 'trolled-fly':
    case 'trailer':
    case 'skirt':
    case 'attractor':
    case 'diving-plane':
    case 'snell':
    case 'natural-bait':
      return ['', part.lengthM.value];
    default:
      return part satisfies never;
  }
}
