import type { CastStyle } from '../../tackle/defaults/cast-styles';
import { DEFAULT_CLASSES, type Classes } from '../../tackle/defaults/classes';
import { requireInRange } from '../../base/guard';
import { bendRod, resolveRod, type Rod } from '../../tackle';

export const CAST_LIMITS = {
  massKg: { min: 0, max: 5, exclusiveMin: true },
  ratingKg: { min: 0, max: 5, exclusiveMin: true },
  weakestN: { min: 0, max: 1e5 },
} as const;

export interface CastFitInput {
  readonly rod: Rod;
  /** everything beyond the tip that is thrown [kg] */
  readonly massKg: number;
  /** the window printed on the rod [kg, kg], lower first */
  readonly ratingKg: readonly [number, number] | null;
  readonly style: CastStyle;
  /** weakest line or knot between reel and lure [N] */
  readonly weakestN: number;
}

export type LabelFit = 'under' | 'light-edge' | 'in' | 'heavy-edge' | 'over';
export type BendFit = 'does-not-load' | 'light-edge' | 'loads' | 'heavy-edge' | 'too-heavy' | 'overload';

export interface CastFit {
  readonly outcome: 'ok';
  /** place in the printed window on a logarithmic scale, −1 its lower end, 1 its upper; null without a window */
  readonly r: number | null;
  readonly label: LabelFit | null;
  /** drop of the tip under m·a square to the grip, over the working length */
  readonly dropShare: number;
  readonly bend: BendFit;
  /** label and bend lie two or more steps apart: one of them is wrong, and a measurement decides */
  readonly disagreement: boolean;
  /** weakest / (3·m·a): what is left when the line snatches at the cast; 5 is asked */
  readonly snapOffMargin: number;
}

/** Where on the r axis the label's words change. */
export const LABEL_STEPS = { edge: 0.85, out: 1.15 } as const;
/** Where on the drop share the bend's words change. */
export const BEND_STEPS = { loads: 0.07, edge: 0.055, heavy: 0.18, tooHeavy: 0.22, overload: 0.27 } as const;
export const SNAP_OFF = { snatch: 3, asked: 5, edge: 3 } as const;

/** −2 too light … 2 too heavy, one scale for label and bend. */
export const CAST_STEP = {
  under: -2,
  'does-not-load': -2,
  'light-edge': -1,
  in: 0,
  loads: 0,
  'heavy-edge': 1,
  over: 2,
  'too-heavy': 2,
  overload: 2,
} as const satisfies Record<LabelFit | BendFit, number>;

/**
 * Whether a rod throws a lure: by the window printed on it, and by how far the lure really bends it.
 *
 * Model: r = ln(m/√(lo·hi))/ln√(hi/lo), a single printed weight read as ±20 %; drop/L under m·a square to the grip,
 * a by casting style; snap-off margin weakest/(3·m·a), 3 for the snatch of a checked cast over the steady pull.
 *
 * @throws {InputRangeError} when a value lies outside CAST_LIMITS or the rod's limits, or lo > hi.
 */
export function castFit(input: CastFitInput, classes: Pick<Classes, 'castStyles'> = DEFAULT_CLASSES): CastFit {
  const m = requireInRange('massKg', input.massKg, CAST_LIMITS.massKg);
  const weakest = requireInRange('weakestN', input.weakestN, CAST_LIMITS.weakestN);
  const pull = m * classes.castStyles[input.style].accelerationMps2;

  const r = input.ratingKg ? ratingPlace(m, input.ratingKg) : null;
  const label = r === null ? null : labelOf(r);
  const dropShare = bendRod(resolveRod(input.rod), pull, Math.PI / 2).elastica.tipY;
  const bend = bendOf(dropShare);
  return {
    outcome: 'ok',
    r,
    label,
    dropShare,
    bend,
    disagreement: label !== null && Math.abs(CAST_STEP[label] - CAST_STEP[bend]) >= 2,
    snapOffMargin: weakest / (SNAP_OFF.snatch * pull),
  };
}

/** The printed window as the centre and half-width of ln m. */
export function ratingScale(ratingKg: readonly [number, number]): {
  readonly centreKg: number;
  readonly halfWidth: number;
} {
  const lo = requireInRange('ratingKg[0]', ratingKg[0], CAST_LIMITS.ratingKg);
  const hi = requireInRange('ratingKg[1]', ratingKg[1], { min: lo, max: CAST_LIMITS.ratingKg.max });
  const [from, to] = hi > lo ? [lo, hi] : [0.8 * lo, 1.2 * lo];
  return { centreKg: Math.sqrt(from * to), halfWidth: Math.log(to / from) / 2 };
}

function ratingPlace(m: number, ratingKg: readonly [number, number]): number {
  const { centreKg, halfWidth } = ratingScale(ratingKg);
  return Math.log(m / centreKg) / halfWidth;
}

function labelOf(r: number): LabelFit {
  if (r < -LABEL_STEPS.out) return 'under';
  if (r < -LABEL_STEPS.edge) return 'light-edge';
  if (r <= LABEL_STEPS.edge) return 'in';
  return r <= LABEL_STEPS.out ? 'heavy-edge' : 'over';
}

function bendOf(dropShare: number): BendFit {
  if (dropShare < BEND_STEPS.edge) return 'does-not-load';
  if (dropShare < BEND_STEPS.loads) return 'light-edge';
  if (dropShare <= BEND_STEPS.heavy) return 'loads';
  if (dropShare <= BEND_STEPS.tooHeavy) return 'heavy-edge';
  return dropShare <= BEND_STEPS.overload ? 'too-heavy' : 'overload';
}
