import type { Measure } from '../../base/measure';
import { spreadOf, type Provenance, type Quantity } from '../../base/quantity';

/** Where a term of a working came from: a part's reading, the presentation, a class default, or another term. */
export type Origin = Provenance | 'chosen' | 'computed';

/** Every name a term can have; each stands in the catalogues. */
export type TermName =
  | 'working-length'
  | 'rigidity'
  | 'tip-ratio'
  | 'mass'
  | 'cast-mass'
  | 'tip-acceleration'
  | 'rating-low'
  | 'rating-high'
  | 'line-strength'
  | 'leader-strength'
  | 'weakest-of-line'
  | 'drop-share'
  | 'rating-place'
  | 'snap-off-margin'
  | 'sound-from'
  | 'sound-to'
  | 'bait-density'
  | 'metal-density'
  | 'bait-length'
  | 'water-density'
  | 'line-diameter'
  | 'depth'
  | 'net-weight'
  | 'terminal-speed'
  | 'time-free'
  | 'time-tight'
  | 'mean-speed'
  | 'sweep-start'
  | 'sweep-end'
  | 'sweep-time'
  | 'distance'
  | 'slack'
  | 'crush'
  | 'line-ea'
  | 'leader-ea'
  | 'peak-moment'
  | 'clutch'
  | 'fish-mass'
  | 'wire'
  | 'gap'
  | 'points'
  | 'barb'
  | 'sharpness'
  | 'tissue'
  | 'guard'
  | 'through'
  | 'take-up'
  | 'tension'
  | 'at-hook'
  | 'needed'
  | 'opening'
  | 'margin'
  | 'opening-margin'
  | 'tear-margin'
  | 'time-to-set'
  | 'lever'
  | 'knot-share'
  | 'joint-strength'
  | 'weakest'
  | 'clutch-margin'
  | 'strike-speed'
  | 'boat-speed'
  | 'elastic-peak'
  | 'peak'
  | 'window-low'
  | 'window-high'
  | 'bait-pull'
  | 'light-setting'
  | 'pull-angle'
  | 'tear'
  | 'radius-full'
  | 'radius-now'
  | 'held-angle'
  | 'given-angle'
  | 'yields'
  | 'tight-time'
  | 'bury-time'
  | 'clutch-time'
  | 'stroke-from'
  | 'stroke-to'
  | 'pull'
  | 'moment'
  | 'gain'
  | 'gear'
  | 'handle'
  | 'hand-push'
  | 'efficiency'
  | 'line-a-turn'
  | 'wound-pull'
  | 'hull-drag'
  | 'tip-height'
  | 'fish-speed'
  | 'run-time'
  | 'towed-speed'
  | 'line-needed'
  | 'heeling'
  | 'line-angle'
  | 'weed'
  | 'fouled-pull'
  | 'tip-moves'
  | 'tip-moves-fouled'
  | 'release-depth'
  | 'line-out'
  | 'layback'
  | 'entry-angle'
  | 'lure-speed'
  | 'on-bottom'
  | 'down-area'
  | 'place-x'
  | 'place-z'
  | 'volume'
  | 'drag-area'
  | 'speed'
  | 'pitch-rest'
  | 'pitch-pulled'
  | 'roll-arm'
  | 'clear-gap'
  | 'asked-gap'
  | 'point-station';

/** Every source a working can cite. */
export type SourceName =
  | 'elastica'
  | 'rod-classes'
  | 'cast-styles'
  | 'sink'
  | 'sphere-drag'
  | 'water'
  | 'hookset'
  | 'line-materials'
  | 'chain'
  | 'knots'
  | 'hook-opening'
  | 'trim'
  | 'strike'
  | 'clutch'
  | 'load-up'
  | 'fight'
  | 'winding'
  | 'small-craft'
  | 'tow'
  | 'towed-ends';

export interface Term {
  /** TeX, as in the equation */
  readonly symbol: string;
  /** code of its name in the catalogues */
  readonly name: TermName;
  readonly value: number | null;
  readonly measure: Measure;
  readonly origin: Origin;
  /** relative, one standard deviation; absent where nothing is known of it */
  readonly spread?: number;
  readonly partId?: string;
  /** where the evaluation has it, for its range */
  readonly path?: string;
}

/** How a figure was worked out. */
export interface Working {
  /** TeX */
  readonly equations: readonly string[];
  readonly inputs: readonly Term[];
  readonly results: readonly Term[];
  /** codes of the sources in the catalogues */
  readonly sources: readonly SourceName[];
  /** the model that gives it, with this input: what the shell takes */
  readonly command: { readonly model: string; readonly input: object } | null;
}

export const chosen = (symbol: string, name: TermName, value: number, measure: Measure): Term => ({
  symbol,
  name,
  value,
  measure,
  origin: 'chosen',
});
export const computed = (
  symbol: string,
  name: TermName,
  value: number | null,
  measure: Measure,
  path?: string,
): Term => ({ symbol, name, value, measure, origin: 'computed', ...(path === undefined ? {} : { path }) });
export const classTerm = (symbol: string, name: TermName, value: number, measure: Measure, spread = 0.25): Term => ({
  symbol,
  name,
  value,
  measure,
  origin: 'class',
  spread,
});
export const reading = (
  symbol: string,
  name: TermName,
  quantity: Quantity,
  measure: Measure,
  partId: string,
): Term => ({
  symbol,
  name,
  value: quantity.value,
  measure,
  origin: quantity.provenance,
  spread: spreadOf(quantity),
  partId,
});
