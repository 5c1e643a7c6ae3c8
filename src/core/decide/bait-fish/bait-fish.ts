import { STANDARD_GRAVITY_MPS2 } from '../../base/constants';
import { requireInRange, type Limits } from '../../base/guard';
import { rodHoldsN } from '../../rig';
import { DRAG_MARGINS, neededForceN, openingForceN, tearForceN } from '../../strike';
import { hookOfClass, hookSizeAt, type RodPart } from '../../tackle';
import { DEFAULT_CLASSES, type Classes } from '../../tackle/defaults/classes';
import type { WireClass } from '../../tackle/defaults/hook-classes';
import type { Cover, Mouth } from '../../tackle/defaults/hookset-classes';

export const BAIT_FISH_LIMITS = {
  baitM: { min: 0.02, max: 0.6 },
  fishKg: { min: 0.05, max: 300 },
} as const satisfies Record<string, Limits>;

/** Gap of the hook over the length of a fish used as bait: half its depth, so that the point stands clear of lips or back. */
const GAP_SHARE = 0.1;
/** Share of a leader's strength that the knots at its ends leave, and that teeth and gill plates leave after a fish. */
const LEADER_KEEPS = { knots: 0.8, worn: 0.7 } as const;
/** Smallest and largest bait hooks that are made, on the axis of hook sizes: 10 to 10/0. */
const STEPS = { least: -5, most: 10 } as const;
const WIRES = ['regular', '2x', '3x', '4x'] as const satisfies readonly WireClass[];
/** A drag cannot be set to a hair: its window is half as wide again as its lower end, by the leader. */
const WINDOW = 1.5;

export interface BaitFishInput {
  /** lengths of the baits [m] */
  readonly baitsM: readonly number[];
  /** masses of the fish [kg] */
  readonly fishKg: readonly number[];
  readonly cover: Cover;
  readonly mouth: Mouth;
  readonly rods: readonly RodPart[];
}

/** What one bait asks for where fish of one size take it. */
export interface BaitFish {
  readonly baitM: number;
  readonly fishKg: number;
  /** a plain bait hook; null: none so small or so large is made */
  readonly hook: { readonly size: string; readonly wire: WireClass; readonly gapM: number } | null;
  /** printed strength that the leader has at least [N] */
  readonly leaderN: number;
  /** drag, from what buries the hook to what leader, hook and mouth bear [N]; crossed where no wire is stout enough */
  readonly dragN: readonly [number, number];
  /** the softest rod that bears that drag, else the strongest that still buries the hook; null: none does */
  readonly rodId: string | null;
}

/**
 * Hook, leader, drag and rod for each bait and each size of fish, row by row of baits.
 *
 * Model: the hook's gap is a tenth of the bait's length, its wire the thinnest whose drag window is open; the leader holds
 * the share of the fish's weight that its cover asks (as the check on line and fish does) and leaves the drag room to bury the hook, after
 * knots and teeth took their part; the drag's window as in `dragWindow`. Left out: the fish's speed, the spool, the cast.
 *
 * @throws {InputRangeError} when a length or a mass lies outside BAIT_FISH_LIMITS.
 */
export function baitFish(
  { baitsM, fishKg, cover, mouth, rods }: BaitFishInput,
  classes: Classes = DEFAULT_CLASSES,
): readonly BaitFish[] {
  const bearing = rods
    .map((rod) => ({ id: rod.id, holdsN: rodHoldsN(rod, classes) }))
    .sort((a, b) => a.holdsN - b.holdsN);
  return baitsM.flatMap((bait, i) =>
    fishKg.map((fish, k): BaitFish => {
      const baitM = requireInRange(`baitsM[${i}]`, bait, BAIT_FISH_LIMITS.baitM);
      const massKg = requireInRange(`fishKg[${k}]`, fish, BAIT_FISH_LIMITS.fishKg);
      const landN = classes.checks.lineForFish[cover] * massKg * STANDARD_GRAVITY_MPS2;
      const sizeStep = hookStepFor(GAP_SHARE * baitM, classes);
      if (sizeStep === null)
        return { baitM, fishKg: massKg, hook: null, leaderN: printed(landN), dragN: [0, 0], rodId: null };
      const tried = WIRES.map((wire) => tackled({ sizeStep, wire, landN, mouth }, classes));
      const chosen = tried.find(({ dragN: [lo, hi] }) => lo <= hi) ?? tried.at(-1)!;
      const rod =
        bearing.find(({ holdsN }) => holdsN >= chosen.dragN[1]) ??
        bearing.findLast(({ holdsN }) => holdsN >= chosen.dragN[0]);
      return { baitM, fishKg: massKg, ...chosen, rodId: rod?.id ?? null };
    }),
  );
}

const printed = (workingN: number): number => workingN / (LEADER_KEEPS.knots * LEADER_KEEPS.worn);

/** The smallest hook whose gap is wide enough; null beyond what is made. */
function hookStepFor(gapM: number, classes: Classes): number | null {
  for (let step: number = STEPS.least; step <= STEPS.most; step++)
    if (hookOfClass({ style: 'bait', sizeStep: step, wire: 'regular' }, classes).gapM >= gapM) return step;
  return null;
}

function tackled(
  { sizeStep, wire, landN, mouth }: { sizeStep: number; wire: WireClass; landN: number; mouth: Mouth },
  classes: Classes,
): Pick<BaitFish, 'hook' | 'leaderN' | 'dragN'> {
  const { gapM, wireM } = hookOfClass({ style: 'bait', sizeStep, wire }, classes);
  const hook = { gapMm: 1e3 * gapM, wireMm: 1e3 * wireM };
  const neededN = neededForceN(
    { ...hook, points: 'single', barb: 'barbed', sharpness: 'needle', guardN: 0 },
    mouth,
    classes,
  );
  const lo = DRAG_MARGINS.needed * neededN;
  const workingN = Math.max(landN, DRAG_MARGINS.upper * WINDOW * lo);
  const givesN = Math.min(workingN, openingForceN(hook), tearForceN(hook.wireMm, mouth, classes));
  return {
    hook: { size: hookSizeAt(sizeStep)!, wire, gapM },
    leaderN: printed(workingN),
    dragN: [lo, givesN / DRAG_MARGINS.upper],
  };
}
