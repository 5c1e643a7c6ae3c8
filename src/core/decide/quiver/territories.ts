import { ratingOf, rodOf } from '../../rig';
import { castWindow, type CastWindow } from '../../strike';
import type { RodPart } from '../../tackle';
import type { CastStyle } from '../../tackle/defaults/cast-styles';
import type { Classes } from '../../tackle/defaults/classes';
import type { RodScore, Wants } from './score';

/** Masses that a rod throws soundly and not at all [kg], the pull at the hook it gives [N]: its place among the lures. */
export interface Territory {
  readonly window: CastWindow;
  /** least and most pull at the hook over the presentations it throws; null: it throws none of them */
  readonly pullN: readonly [number, number] | null;
}

/** Where each rod reaches, from the scores of all presentations; only what is cast counts. */
export function territories(
  rods: readonly RodPart[],
  style: CastStyle,
  table: readonly { readonly wants: Wants; readonly scores: readonly RodScore[] }[],
  classes: Classes,
): readonly Territory[] {
  return rods.map((rod, r) => {
    const pulls = table.flatMap(({ wants, scores }) => {
      const score = scores[r]!;
      return wants.castMassKg !== null && score.parts.throw > 0 && score.figures.atHookN !== null
        ? [score.figures.atHookN]
        : [];
    });
    const window = castWindow(
      { rod: rodOf(rod, classes), ratingKg: ratingOf(rod), style, weakestN: ANY_LINE_N },
      classes,
    );
    return { window, pullN: pulls.length > 0 ? [Math.min(...pulls), Math.max(...pulls)] : null };
  });
}

/** A line that no cast snaps: the territory is the rod's own [N]. */
const ANY_LINE_N = 1e4;
