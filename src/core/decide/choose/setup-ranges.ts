import { evaluate, placeOf, VERDICT_NAMES, type Evaluation } from '../../judge';
import type { Setup } from '../../tackle';
import { ranges, type Ranges } from './ranges';
import type { Steps } from './steps';
import { uncertainOf } from './uncertain';

/**
 * Ranges of every figure of a setup. `places.…` is where each verdict stands among its limits, in widths of the edge: it
 * moves with the figure and with its limits, so what it comes from is what the mark comes from.
 */
export function setupRanges(
  given: Setup,
  options: { readonly draws?: number | undefined; readonly seed?: number | undefined } = {},
): Steps<Ranges> {
  const { setup, uncertain } = uncertainOf(given);
  return ranges({ base: setup, uncertain, compute: (drawn) => withPlaces(evaluate(drawn)), ...options });
}

/** The figures that ranges are asked of: without sentences, and with the place of each verdict. */
function withPlaces({ verdicts, castMassKg, figures }: Evaluation) {
  return {
    verdicts: Object.fromEntries(
      VERDICT_NAMES.map((name) => [
        name,
        { mark: verdicts[name].mark, value: verdicts[name].value, limits: verdicts[name].limits },
      ]),
    ),
    places: Object.fromEntries(VERDICT_NAMES.map((name) => [name, placeOf(verdicts[name])])),
    castMassKg,
    figures,
  };
}
