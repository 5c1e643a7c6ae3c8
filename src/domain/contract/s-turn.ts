import { z } from 'zod';
import { sTurn, S_TURN_LIMITS as S } from '@/core/afloat';
import { numberIn } from '../number';
import { model } from './model';

const series = z.array(z.number()).readonly();
const path = z.array(z.tuple([z.number(), z.number()]).readonly()).readonly();

export const sTurnModel = model({
  name: 's-turn',
  input: z.strictObject({
    speedMps: numberIn(S.speedMps),
    amplitudeM: numberIn(S.amplitudeM),
    waveLengthM: numberIn(S.waveLengthM),
    laybackM: numberIn(S.laybackM),
    depthsAt: z.array(z.strictObject({ speedMps: z.number().min(0), depthM: numberIn(S.depthM) })).min(1),
    bottomM: numberIn(S.bottomM).optional(),
    waves: z.number().int().min(S.waves.min).max(S.waves.max).optional(),
  }),
  output: z.strictObject({
    outcome: z.literal('ok'),
    timeS: series,
    boatM: path,
    lureM: path,
    speedMps: series,
    depthM: series,
    settled: z.strictObject({
      slowestMps: z.number(),
      fastestMps: z.number(),
      shallowestM: z.number(),
      deepestM: z.number(),
      slackShare: z.number(),
      bottomShare: z.number(),
    }),
    bottomAtS: z.number().nullable(),
  }),
  compute: sTurn,
});
