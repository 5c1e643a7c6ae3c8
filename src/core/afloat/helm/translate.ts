import { requireInRange, type Limits } from '../../base/guard';
import { CURRENT_LIMITS } from '../../water';
import { flowOf, lengthOf, minus, overGround } from './course';

export const TRANSLATE_LIMITS = {
  ...CURRENT_LIMITS,
  scale: { min: 0, max: 10, exclusiveMin: true },
  offsetMps: { min: -10, max: 10 },
} as const satisfies Record<string, Limits>;

/** water = scale · reading + offset, as `current` fits it. */
interface Sensor {
  readonly scale: number;
  readonly offsetMps: number;
}

export type TranslateInput =
  | { readonly theirs: Sensor & { readonly readingMps: number }; readonly mine: Sensor }
  | {
      readonly theirs: { readonly sogMps: number; readonly cogRad: number };
      readonly layer: { readonly speedMps: number; readonly towardRad: number };
      readonly mine: Sensor & { readonly cogRad: number };
    };

export interface Translate {
  readonly outcome: 'ok' | 'not-possible';
  readonly waterMps: number;
  readonly myReadingMps: number;
  readonly mySogMps: number | null;
}

/**
 * Another boat's figure as mine: what my sensor reads, and what I make over ground, when my lures have the speed through the water
 * that theirs have.
 *
 * Model: water speed from their sensor, or |V − C| of their run over ground in the layer; my reading by my own sensor's scale and
 * offset; over ground the larger root of |u·ê − C| = water. A boat that drifts slower than a following current gets the faster
 * speed. Not possible: the water sets across my course faster than that.
 *
 * @throws {InputRangeError} when a value lies outside TRANSLATE_LIMITS.
 */
export function translate(input: TranslateInput): Translate {
  const { mine } = input;
  const L = TRANSLATE_LIMITS;
  const scale = requireInRange('mine.scale', mine.scale, L.scale);
  const offset = requireInRange('mine.offsetMps', mine.offsetMps, L.offsetMps);
  const mineOf = (waterMps: number) => (waterMps - offset) / scale;
  if (!('layer' in input)) {
    const { theirs } = input;
    const waterMps =
      requireInRange('theirs.scale', theirs.scale, L.scale) *
        requireInRange('theirs.readingMps', theirs.readingMps, L.probeMps) +
      requireInRange('theirs.offsetMps', theirs.offsetMps, L.offsetMps);
    return { outcome: 'ok', waterMps, myReadingMps: mineOf(waterMps), mySogMps: null };
  }
  const { theirs, layer } = input;
  const V = flowOf(
    requireInRange('theirs.sogMps', theirs.sogMps, L.sogMps),
    requireInRange('theirs.cogRad', theirs.cogRad, L.courseRad),
  );
  const C = flowOf(
    requireInRange('layer.speedMps', layer.speedMps, L.probeMps),
    requireInRange('layer.towardRad', layer.towardRad, L.courseRad),
  );
  const waterMps = lengthOf(minus(V, C));
  const mySogMps = overGround(requireInRange('mine.cogRad', input.mine.cogRad, L.courseRad), C, waterMps);
  return {
    outcome: mySogMps === null ? 'not-possible' : 'ok',
    waterMps,
    myReadingMps: mineOf(waterMps),
    mySogMps,
  };
}
