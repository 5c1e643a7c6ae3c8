import { ROD_POWERS, type RodFamily, type RodPower } from '@/core/tackle/defaults/rod-classes';
import type { Part } from '../parts';
import { completePart } from '../parts/class-part';

/** A class of rod to look for. */
export type ClassRod = Extract<Part, { kind: 'rod' }>;

const ACTIONS = ['fast', 'moderate-fast', 'moderate'] as const;

interface Made {
  readonly mount: ClassRod['mount'];
  readonly family: RodFamily;
  /** the lightest and the heaviest power that such rods are made in */
  readonly powers: readonly [from: RodPower, to: RodPower];
  /** as long as most of them are [m] */
  readonly lengthM: number;
}

/** Sorts of rods that are made: no spinning rod throws a plug of ninety grams, and no boat rod is an ultralight. */
const MADE: readonly Made[] = [
  { mount: 'spin', family: 'light', powers: ['ultralight', 'medium'], lengthM: 1.95 },
  { mount: 'spin', family: 'general', powers: ['light', 'heavy'], lengthM: 2.1 },
  { mount: 'cast', family: 'general', powers: ['medium-light', 'extra-heavy'], lengthM: 2.15 },
  { mount: 'cast', family: 'big-lure', powers: ['medium-heavy', 'double-extra-heavy'], lengthM: 2.45 },
  { mount: 'trolling', family: 'trolling', powers: ['light', 'heavy'], lengthM: 2.6 },
  { mount: 'boat', family: 'boat', powers: ['light', 'extra-heavy'], lengthM: 2.0 },
];

const POWERS = Object.keys(ROD_POWERS) as RodPower[];

/** What such rods say on the blank counts as printed, as it will on the one that is bought. */
const asSold = ({ rating, ...rod }: ClassRod): ClassRod => ({
  ...rod,
  rating: rating && {
    loKg: { ...rating.loKg, provenance: 'label' },
    hiKg: { ...rating.hiKg, provenance: 'label' },
  },
});

/** Rods that could be bought: what is made for each mount, in its powers and three actions, with the window that such rods have. */
export function classRods(mounts: readonly ClassRod['mount'][]): readonly ClassRod[] {
  return MADE.filter(({ mount }) => mounts.includes(mount)).flatMap(({ mount, family, powers: [from, to], lengthM }) =>
    POWERS.slice(POWERS.indexOf(from), POWERS.indexOf(to) + 1).flatMap((power) =>
      ACTIONS.flatMap((action): ClassRod[] => {
        const made = completePart({
          id: `class-${mount}-${family}-${power}-${action}`,
          kind: 'rod',
          mount,
          family,
          lengthM: { value: lengthM, unit: 'm', provenance: 'class' },
          stiffness: { power, action },
        });
        return made.ok && made.data.kind === 'rod' ? [asSold(made.data)] : [];
      }),
    ),
  );
}
