import { ROD_PRICES } from '@/core/tackle/defaults/part-classes';
import { ROD_POWERS, type RodPower } from '@/core/tackle/defaults/rod-classes';
import type { Part } from '../parts';
import { completePart } from '../parts/class-part';

/** A class of rod to look for, and what such a rod costs in the middle, in whole coins. */
export interface ClassRod {
  readonly rod: Extract<Part, { kind: 'rod' }>;
  readonly price: number;
}

const ACTIONS = ['fast', 'moderate-fast', 'moderate'] as const;

/** Rods that could be bought for a kind of work: each power in three actions, with the window that such rods usually have. */
export function classRods(
  mounts: readonly ('cast' | 'spin' | 'trolling' | 'boat')[],
  priceOf: Readonly<Record<string, number>>,
): readonly ClassRod[] {
  return mounts.flatMap((mount) =>
    (Object.keys(ROD_POWERS) as RodPower[]).flatMap((power) =>
      ACTIONS.flatMap((action): ClassRod[] => {
        const made = completePart({
          id: `class-${mount}-${power}-${action}`,
          kind: 'rod',
          mount,
          stiffness: { power, action },
        });
        if (!made.ok || made.data.kind !== 'rod') return [];
        const { rating, ...rod } = made.data;
        return [
          {
            rod: { ...rod, rating: mount === 'cast' || mount === 'spin' ? rating : null },
            price: Math.round((priceOf[mount] ?? 0) * ROD_PRICES.power[power]),
          },
        ];
      }),
    ),
  );
}
