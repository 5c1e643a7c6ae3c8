import { rodMassKg } from '@/core/rig';
import { statedPower } from '@/core/tackle';
import { DEFAULT_CLASSES } from '@/core/tackle/defaults/classes';
import type { Craft } from '../house';
import type { Part } from '../parts';

/** A reel that nobody weighed [kg]: between a light spinning reel and a trolling reel. */
const REEL_KG = 0.35;

/** Power of a rod of which only its bend was measured [N]: its mass goes with the root of it, a medium one tells enough. */
const MEASURED_ROD_N = 3.2;

/** What is carried aboard, and how much there is of it. */
interface Carried {
  readonly part: Part;
  readonly pieces: number;
}

export interface Load {
  readonly rods: number;
  /** rods, reels, lures and weights; what was not weighed by its class [kg] */
  readonly massKg: number;
  /** the longest piece that a rod comes apart into [m] */
  readonly longestM: number;
}

/** What a pack list weighs and how long its longest piece is. */
export function loadOf(packed: readonly Carried[]): Load {
  const rods = packed.flatMap(({ part }) => (part.kind === 'rod' ? [part] : []));
  return {
    rods: rods.length,
    massKg: packed.reduce((sum, { part, pieces }) => sum + pieces * massOf(part), 0),
    longestM: Math.max(0, ...rods.map(({ lengthM, sections = 1 }) => lengthM.value / sections)),
  };
}

function massOf(part: Part): number {
  if (part.kind === 'rod')
    return rodMassKg(part, statedPower(part, DEFAULT_CLASSES)?.forceN ?? MEASURED_ROD_N, DEFAULT_CLASSES);
  if (part.kind === 'reel') return part.massKg?.value ?? REEL_KG;
  return 'massKg' in part && part.massKg ? part.massKg.value : 0;
}

/** Half of a small craft's length lies free between its seats: what is longer stands out over a side or an end. */
const STOWED_SHARE = 0.5;

export type TooMuch = 'rods' | 'mass' | 'bulk';

/** Where a load goes beyond what its craft carries; a limit that nobody said holds nothing. */
export function beyondCraft({ rods, massKg, longestM }: Load, craft: Craft): readonly TooMuch[] {
  return [
    ...(craft.carriesRods !== undefined && rods > craft.carriesRods ? (['rods'] as const) : []),
    ...(craft.carriesKg !== undefined && massKg > craft.carriesKg ? (['mass'] as const) : []),
    // Only a craft whose load is limited has no room to lay a rod down.
    ...(craft.carriesRods !== undefined && longestM > STOWED_SHARE * craft.lengthM ? (['bulk'] as const) : []),
  ];
}
