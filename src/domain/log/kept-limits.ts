import type { RulesSheet } from '../house';
import type { Strike } from './trip';

/** Where what was kept is more, or shorter, than the rules sheet lets be kept. */
export type OverLimit =
  | {
      readonly code: 'too-many';
      readonly species: string;
      readonly angler: string;
      readonly kept: number;
      readonly most: number;
    }
  | {
      readonly code: 'too-short';
      readonly species: string;
      readonly angler: string;
      readonly lengthM: number;
      readonly leastM: number;
    };

const named = (text: string): string => text.trim().toLowerCase();

/** Kept fish by species and angler against the rules sheet, as the user wrote it; what it does not name is not judged. */
export function overLimits(
  strikes: readonly Pick<Strike, 'told' | 'angler'>[],
  { mayKeep = [] }: Pick<RulesSheet, 'mayKeep'>,
): readonly OverLimit[] {
  const kept = strikes.flatMap(({ told, angler }) =>
    told?.outcome === 'landed' && told.isKept === true && told.species
      ? [{ species: told.species, angler: angler ?? '', lengthM: told.lengthM }]
      : [],
  );
  return mayKeep.flatMap(({ species, perPerson, leastM }): OverLimit[] => {
    const own = kept.filter((fish) => named(fish.species) === named(species));
    const anglers = [...new Set(own.map(({ angler }) => angler))];
    return [
      ...anglers.flatMap((angler): OverLimit[] => {
        const count = own.filter((fish) => fish.angler === angler).length;
        return perPerson !== undefined && count > perPerson
          ? [{ code: 'too-many', species, angler, kept: count, most: perPerson }]
          : [];
      }),
      ...own.flatMap(({ angler, lengthM }): OverLimit[] =>
        leastM !== undefined && lengthM !== null && lengthM < leastM - 1e-9
          ? [{ code: 'too-short', species, angler, lengthM, leastM }]
          : [],
      ),
    ];
  });
}
