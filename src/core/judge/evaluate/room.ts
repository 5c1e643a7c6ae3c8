import type { Verdict } from '../verdict';

/** A verdict counts as no better than this however far inside its limits it stands: one width of the edge. */
const MOST = 1;
/** Where the mark is worse than the figure, because of a check or a second limit: in the middle of the band of that mark. */
const AT_MOST = { sound: MOST, edge: -0.5, fails: -1.5 } as const;

/**
 * How much room a verdict has, in widths of its edge: 1 and more well inside, 0 at the limit of sound, −1 where it fails.
 * It orders verdicts of different units, so that gains and losses can be set against each other; null while it can't tell.
 */
export function roomOf({ mark, value, limits }: Pick<Verdict, 'mark' | 'value' | 'limits'>): number | null {
  if (mark === 'cant-tell') return null;
  return Math.min(AT_MOST[mark], placeOf({ value, limits }) ?? MOST);
}

/** The figure's own place among its limits, by the same measure and without an end; null where it has none. */
export function placeOf({ value, limits }: Pick<Verdict, 'value' | 'limits'>): number | null {
  if (value === null || limits === null) return null;
  const { failsBelow, soundFrom, soundTo, failsAbove } = limits;
  const above = soundFrom === null ? Infinity : (value - soundFrom) / widthOf(soundFrom, failsBelow);
  const below = soundTo === null ? Infinity : (soundTo - value) / widthOf(soundTo, failsAbove);
  const place = Math.min(above, below);
  return Number.isFinite(place) ? place : null;
}

/** Width of an edge; where sound turns into fails at once, a fifth of the limit itself. */
function widthOf(sound: number, fails: number | null): number {
  const width = fails === null ? 0 : Math.abs(sound - fails);
  return width > 1e-12 ? width : Math.max(0.2 * Math.abs(sound), 1e-9);
}
