import { ROD_PRICES } from '@/core/tackle/defaults/part-classes';
import type { ClassRod } from './class-rods';

/** Which part of the fishing the rods are looked at for. */
export type Work = 'cast' | 'towed';

/** What such rods are mounted for. */
export const MOUNTS_OF_WORK = {
  cast: ['cast', 'spin'],
  towed: ['trolling', 'boat'],
} as const satisfies Record<Work, readonly (keyof typeof ROD_PRICES.mount)[]>;

/** What a class of rod costs in the middle, where one of medium power costs `ofMount` [whole coins]. */
export const priceOfClass = ({ mount, stiffness }: ClassRod, ofMount: Readonly<Record<string, number>>): number =>
  Math.round((ofMount[mount] ?? 0) * (stiffness.kind === 'class' ? ROD_PRICES.power[stiffness.power] : 1));
