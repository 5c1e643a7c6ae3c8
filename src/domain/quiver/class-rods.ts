import { ROD_POWERS, type RodPower } from '@/core/tackle/defaults/rod-classes';
import type { Part } from '../parts';
import { completePart } from '../parts/class-part';

/** A class of rod to look for. */
export type ClassRod = Extract<Part, { kind: 'rod' }>;

const ACTIONS = ['fast', 'moderate-fast', 'moderate'] as const;

/** Rods that could be bought: each power in three actions, with the window that such rods usually have. */
export function classRods(mounts: readonly ClassRod['mount'][]): readonly ClassRod[] {
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
        return [{ ...rod, rating: mount === 'cast' || mount === 'spin' ? rating : null }];
      }),
    ),
  );
}
