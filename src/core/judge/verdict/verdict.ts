import type { BendFit, LabelFit, SetDanger, SetLimit } from '../../strike';

export type Mark = 'sound' | 'edge' | 'fails' | 'cant-tell';
export type VerdictName = 'throw' | 'fall' | 'set' | 'hold' | 'balance';
export const VERDICT_NAMES = ['throw', 'fall', 'set', 'hold', 'balance'] as const satisfies readonly VerdictName[];

/** Every reason a verdict can give; each has its sentence in the catalogues. */
export type ReasonCode =
  | `throw-${BendFit | 'disagreement' | 'window' | 'no-window' | 'snap-off' | 'short'}`
  | `throw-label-${Exclude<LabelFit, 'in'>}`
  | `fall-${'floats-as-wanted' | 'suspends-as-wanted' | 'does-not-float' | 'does-not-suspend'}`
  | `fall-${'floats' | 'suspends' | 'never-that-deep' | 'too-slow' | 'too-fast' | 'countdown' | 'countdown-free'}`
  | `set-ruled-by-${SetLimit}`
  | `set-danger-${SetDanger}`
  | `set-${'slack' | 'time' | 'in-time' | 'too-late' | 'line-too-short'}`
  | `set-strike-${'elastic' | 'clutch' | 'buries' | 'does-not-bury' | 'no-fish'}`
  | `hold-${'window' | 'no-window' | 'run'}`
  | `hold-${'breaks-first' | 'breaks-as-wanted' | 'breaks-elsewhere' | 'clutch' | 'clutch-locked'}`
  | `balance-${'pitch' | 'pitch-any' | 'nothing-swims' | 'gap'}`
  | `carry-${'steady' | 'fouled' | 'fouled-hidden' | 'in-line' | 'loaded' | 'not-loaded'}`
  | `depth-${'runs' | 'on-bottom' | 'at-surface' | 'in-the-air' | 'too-shallow' | 'too-deep' | 'release' | 'speed'}`
  | `depth-${'behind' | 'angle' | 'contact' | 'right-weight' | 'no-right-weight'}`
  | 'counts-check';

/** A reason as a code with its facts, SI by the suffix of their names; the sentence stands in the catalogues. */
export interface Reason {
  readonly code: ReasonCode;
  readonly facts: Readonly<Record<string, number | string | null>>;
}

/** Where the mark changes along the value's axis; null where it does not. */
export interface VerdictLimits {
  readonly failsBelow: number | null;
  readonly soundFrom: number | null;
  readonly soundTo: number | null;
  readonly failsAbove: number | null;
}

export type VerdictUnit = 'kg' | 'm' | 'm/s' | '1' | 'rad';

export interface Verdict {
  readonly mark: Mark;
  /** null where there is no figure to give */
  readonly value: number | null;
  readonly unit: VerdictUnit;
  readonly limits: VerdictLimits | null;
  readonly reasons: readonly Reason[];
}

const BADNESS = { sound: 0, edge: 1, fails: 2 } as const;
type Graded = keyof typeof BADNESS;

/** A reason with the mark that it alone would give. */
export interface Weighed {
  readonly mark: Graded;
  readonly reason: Reason;
}

/** Reasons with the ruling cause first: the worst mark stands before the others, which keep their order. */
export const rulingFirst = (weighed: readonly Weighed[]): readonly Reason[] =>
  [...weighed].sort((a, b) => BADNESS[b.mark] - BADNESS[a.mark]).map(({ reason }) => reason);

/** The worst of several marks. */
export const worst = (...marks: readonly Graded[]): Graded =>
  marks.reduce((a, b) => (BADNESS[b] > BADNESS[a] ? b : a), 'sound');

/** The mark of a value that is wanted within a scale: sound, on the edge outside of it, failing outside of that. */
export const markWithin = (value: number, { failsBelow, soundFrom, soundTo, failsAbove }: FullScale): Graded =>
  value >= soundFrom && value <= soundTo ? 'sound' : value >= failsBelow && value <= failsAbove ? 'edge' : 'fails';

/** Limits of which none is open. */
type FullScale = { readonly [K in keyof VerdictLimits]: number };

/** The mark of a value that is wanted high: sound from one limit, on the edge from a lower one. */
export const markAtLeast = (value: number, soundFrom: number, edgeFrom: number): Graded =>
  value >= soundFrom ? 'sound' : value >= edgeFrom ? 'edge' : 'fails';
