import { z } from 'zod';
import {
  again,
  AGAIN_LIMITS as A,
  changePoint,
  CHANGE_POINT_SAMPLES,
  SERIES_LIMITS as S,
  steadiness,
  translate,
  TRANSLATE_LIMITS as T,
  type TranslateInput,
  WATCH_LIMITS as W,
  whatMovedAfloat,
} from '@/core/afloat';
import { TOW_LIMITS } from '@/core/water';
import { numberIn } from '../number';
import { toldApart } from '../told-apart';
import { model } from './model';
import { checkWeights, towedEnd, towedFields } from './tow';

const figure = z.number().nullable();
const values = z.array(z.number()).max(S.samples.max);

const changePointModel = model({
  name: 'change-point',
  input: z.strictObject({ tS: values.min(CHANGE_POINT_SAMPLES), values, sd: numberIn(S.sd).optional() }),
  output: z.strictObject({
    outcome: z.enum(['changed', 'no-change']),
    atS: figure,
    before: z.number(),
    after: figure,
    stepSd: figure,
  }),
  compute: changePoint,
});

const channel = z.strictObject({ mean: numberIn(W.mean), sd: numberIn(W.sd) }).nullable();
const watch = z.strictObject({
  n: numberIn(W.n),
  boatMps: channel,
  sensorMps: channel,
  sensorC: channel,
  sensorDepthM: channel,
  courseRad: numberIn(W.mean).nullable().optional(),
  expectedDepthM: numberIn(W.mean).nullable().optional(),
});

const whatMovedModel = model({
  name: 'what-moved',
  input: z.strictObject({ before: watch, after: watch }),
  output: z.strictObject({
    outcome: z.enum(['nothing', 'course', 'sensor', 'boat', 'water', 'cant-tell']),
    z: z.strictObject({ boat: figure, sensor: figure, temperature: figure, depth: figure }),
    unexplainedMps: figure,
  }),
  compute: whatMovedAfloat,
});

const steadinessModel = model({
  name: 'steadiness',
  input: z.strictObject({ tS: values, values, windowS: numberIn(S.windowS).optional() }),
  output: z.strictObject({ outcome: z.enum(['ok', 'too-few']), mean: figure, sd: figure, trendPerMin: figure }),
  compute: steadiness,
});

const sensor = { scale: numberIn(T.scale), offsetMps: numberIn(T.offsetMps) };
const byReading = z.strictObject({
  theirs: z.strictObject({ readingMps: numberIn(T.probeMps), ...sensor }),
  mine: z.strictObject(sensor),
});
const byCourse = z.strictObject({
  theirs: z.strictObject({ sogMps: numberIn(T.sogMps), cogRad: numberIn(T.courseRad) }),
  layer: z.strictObject({ speedMps: numberIn(T.probeMps), towardRad: numberIn(T.courseRad) }),
  mine: z.strictObject({ cogRad: numberIn(T.courseRad), ...sensor }),
});

const translateModel = model({
  name: 'translate',
  input: toldApart([byReading, byCourse], (input) =>
    'theirs' in input && typeof input.theirs === 'object' && input.theirs !== null && 'sogMps' in input.theirs
      ? byCourse
      : byReading,
  ),
  output: z.strictObject({
    outcome: z.enum(['ok', 'not-possible']),
    waterMps: z.number(),
    myReadingMps: z.number(),
    mySogMps: figure,
  }),
  compute: (input) => translate(input as TranslateInput),
});

const flowLayers = z
  .array(
    z.strictObject({
      depthM: numberIn(TOW_LIMITS.layerDepthM),
      speedMps: numberIn(A.layerMps),
      towardRad: numberIn(A.courseRad),
    }),
  )
  .min(1)
  .max(100);

const againModel = model({
  name: 'again',
  input: z
    .strictObject({
      ...towedFields,
      end: towedEnd,
      strike: z.strictObject({
        sogMps: numberIn(A.sogMps),
        cogRad: numberIn(A.courseRad),
        lineOutM: numberIn(A.lineOutM),
      }),
      then: flowLayers,
      now: z.strictObject({ cogRad: numberIn(A.courseRad), layers: flowLayers.optional() }),
    })
    .superRefine(checkWeights),
  output: z.strictObject({
    outcome: z.enum(['ok', 'not-possible', 'never-that-deep', 'too-shallow-for-the-rig', 'at-surface']),
    depthM: figure,
    lureWaterMps: figure,
    sogMps: figure,
    surfaceWaterMps: figure,
    lineOutM: figure,
  }),
  compute: again,
});

export const HELM_MODELS = [changePointModel, whatMovedModel, steadinessModel, translateModel, againModel];
