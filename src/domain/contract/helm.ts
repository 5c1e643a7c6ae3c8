import { z } from 'zod';
import {
  changePoint,
  CHANGE_POINT_SAMPLES,
  SERIES_LIMITS as S,
  steadiness,
  WATCH_LIMITS as W,
  whatMovedAfloat,
} from '@/core/afloat';
import { numberIn } from '../number';
import { model } from './model';

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

export const HELM_MODELS = [changePointModel, whatMovedModel, steadinessModel];
