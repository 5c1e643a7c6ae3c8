import { judgeStrikes, type Judged } from '@/core/afloat';
import { classFigure, CLASS_EDIT_SPAN } from '@/core/tackle/defaults/classes';
import { studentTQuantile } from '@/core/base/stats';
import type { Mouth } from '@/core/tackle/defaults/hookset-classes';
import type { Strike } from '../log/trip';

/** What the bench predicts of a setup as it was fished; null where it cannot tell. */
export interface Predicted {
  /** peak of the strike over what the hook needs */
  readonly setMargin: number | null;
  /** what the weakest of hook and mouth holds over the clutch */
  readonly holdMargin: number | null;
  readonly mouth: Mouth;
}

/** A strike with what was predicted for it. */
export interface PredictedStrike {
  readonly strike: Pick<Strike, 'told'>;
  readonly predicted: Predicted;
}

/** A class figure that would explain what fish did, with the way back. */
export interface Offer {
  readonly path: string;
  readonly was: number;
  /** what the house says of it now; null: the class value */
  readonly edited: number | null;
  readonly to: number;
  /** how often it was off: what the house would take it times */
  readonly times: number;
  readonly strikes: number;
}

export interface JudgedMargin {
  readonly judged: Judged;
  readonly strikes: number;
  readonly succeeded: number;
  readonly offers: readonly Offer[];
}

export interface BenchJudged {
  /** hooked of all strikes */
  readonly set: JudgedMargin;
  /** landed of hooked */
  readonly hold: JudgedMargin;
  /** how hooked fish came off, by what was told */
  readonly lostBy: readonly { readonly by: string; readonly count: number }[];
}

/** A shift smaller than this many of its own deviations moves nothing. */
const SURE_SD = 1.64;

/**
 * Predicted margins held against what fish did. Of Set the tissue strength of the mouth would explain a shift, since the force that
 * a hook needs goes with it: less where fish ask for less. Of Hold the pull at which the mouth tears would, the other way round.
 */
export function judgeBench(all: readonly PredictedStrike[], classes: Readonly<Record<string, number>>): BenchJudged {
  const sets = all.flatMap(({ strike, predicted }) => {
    const outcome = strike.told?.outcome;
    const isTried = outcome !== undefined && outcome !== 'followed' && outcome !== 'nipped' && outcome !== 'short';
    const neverSet = outcome === 'lost' && strike.told?.lost === 'before-set';
    return isTried && !neverSet && isMargin(predicted.setMargin)
      ? [{ margin: predicted.setMargin, hooked: outcome !== 'missed', mouth: predicted.mouth }]
      : [];
  });
  const holds = all.flatMap(({ strike, predicted }) => {
    const outcome = strike.told?.outcome;
    // Only what tore out or opened the hook says how it holds; where nobody told, it may have.
    const by = strike.told?.lostBy ?? null;
    const isOther = strike.told?.lost === 'before-set' || !(by === null || by === 'tore' || by === 'opened');
    return (outcome === 'landed' || (outcome === 'lost' && !isOther)) && isMargin(predicted.holdMargin)
      ? [{ margin: predicted.holdMargin, hooked: outcome === 'landed', mouth: predicted.mouth }]
      : [];
  });
  const lost = all.flatMap(({ strike }) => (strike.told?.outcome === 'lost' ? [strike.told.lostBy ?? 'unknown'] : []));
  return {
    set: judgedOf(sets, classes, (mouth) => `mouths.${mouth}.strengthMpa`, -1),
    hold: judgedOf(holds, classes, (mouth) => `mouths.${mouth}.tearNPerMm`, 1),
    lostBy: [...new Set(lost)]
      .map((by) => ({ by, count: lost.filter((each) => each === by).length }))
      .sort((a, b) => b.count - a.count),
  };
}

const isMargin = (margin: number | null): margin is number => margin !== null && margin > 0 && margin < 1e6;

interface Tried {
  readonly margin: number;
  readonly hooked: boolean;
  readonly mouth: Mouth;
}

function judgedOf(
  tried: readonly Tried[],
  classes: Readonly<Record<string, number>>,
  pathOf: (mouth: Mouth) => string,
  /** whether the figure rises with the shift or falls */
  way: 1 | -1,
): JudgedMargin {
  const judge = (some: readonly Tried[]) => judgeStrikes(some.map(({ margin, hooked }) => ({ margin, hooked })));
  const mouths = [...new Set(tried.map(({ mouth }) => mouth))];
  return {
    judged: judge(tried),
    strikes: tried.length,
    succeeded: tried.filter(({ hooked }) => hooked).length,
    offers: mouths.flatMap((mouth): Offer[] => {
      const own = tried.filter((each) => each.mouth === mouth);
      const { outcome, shift, a, b, aSd, bSd } = judge(own);
      const path = pathOf(mouth);
      const figure = classFigure(path);
      if (outcome !== 'judged' || shift === null || !figure) return [];
      const was = classes[path] ?? figure.value;
      // Scatter of a/b, the two taken as independent.
      if (Math.abs(shift) < (SURE_SD * Math.hypot(aSd, (a / b) * bSd)) / b) return [];
      const [least, most] = [figure.value / CLASS_EDIT_SPAN, figure.value * CLASS_EDIT_SPAN];
      const to = Math.min(most, Math.max(least, was * Math.exp(way * shift)));
      return [{ path, was, edited: classes[path] ?? null, to, times: to / was, strikes: own.length }];
    }),
  };
}

/** A depth that was worked out, and what the bottom or a hand said of it. */
export interface DepthSeen {
  readonly setup: string;
  readonly atS: number;
  readonly predictedM: number;
  readonly seenM: number;
}

export interface DepthJudged {
  readonly seen: readonly DepthSeen[];
  /** how many times as deep as predicted, with its 5 % to 95 %; null of fewer than three */
  readonly times: number | null;
  readonly interval: readonly [number, number] | null;
}

const FEWEST_DEPTHS = 3;

/** How depths that were seen compare with those that were worked out: the mean of their ratios in ln, by Student's t. */
export function judgeDepths(seen: readonly DepthSeen[]): DepthJudged {
  const ratios = seen
    .filter(({ predictedM, seenM }) => predictedM > 0.1 && seenM > 0.1)
    .map(({ predictedM, seenM }) => Math.log(seenM / predictedM));
  if (ratios.length < FEWEST_DEPTHS) return { seen, times: null, interval: null };
  const mean = ratios.reduce((sum, each) => sum + each, 0) / ratios.length;
  const sd = Math.sqrt(ratios.reduce((sum, each) => sum + (each - mean) ** 2, 0) / (ratios.length - 1));
  const half = (studentTQuantile(0.95, ratios.length - 1) * sd) / Math.sqrt(ratios.length);
  return { seen, times: Math.exp(mean), interval: [Math.exp(mean - half), Math.exp(mean + half)] };
}
