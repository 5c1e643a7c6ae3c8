import type { Running } from '@/core/rig';
import type { InWater } from '../use-water';

/** How far ahead of the tip the hands are: the rod's reach along the water. */
export function gripBackM({ setup }: InWater, { tipHeightM }: Running): number {
  const rod = setup.parts.find((part) => part.kind === 'rod');
  const length = rod?.kind === 'rod' ? rod.lengthM.value : 2;
  const rise = Math.max(-length, Math.min(length, tipHeightM - setup.presentation.handHeightM));
  return Math.sqrt(Math.max(0.1, length ** 2 - rise ** 2));
}
