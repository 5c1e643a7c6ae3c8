import { z } from 'zod';
import {
  clutchTest,
  CLUTCH_TEST_LIMITS,
  diveTest,
  DIVE_TEST_LIMITS,
  floatTest,
  FLOAT_TEST_LIMITS,
  lineTest,
  LINE_TEST_LIMITS,
  meanOf,
  pullTest,
  PULL_TEST_LIMITS,
  READINGS_COUNT,
  accuracyTest,
  ACCURACY_TEST_LIMITS,
  setTest,
  SET_TEST_LIMITS,
  sinkTest,
  SINK_TEST_LIMITS,
  weighed,
  WEIGH_LIMITS,
  windowTest,
  WINDOW_TEST_LIMITS,
} from '@/core/make';
import { ROD_LIMITS } from '@/core/tackle';
import { BODY_LIMITS, TOW_LIMITS } from '@/core/water';
import { numberIn } from '../number';
import { PART_BODY_LIMITS } from '../parts/body-limits';
import { model } from './model';
import { rodSchema, waterSchema } from './shared';
import { bodyMaterialSchema } from './sink';
import { segmentsSchema } from './tow';

const ok = z.literal('ok');
const some = <T extends z.ZodType>(item: T) => z.array(item).min(READINGS_COUNT.min).max(READINGS_COUNT.max);
const measured = z.strictObject({ value: z.number(), sd: z.number(), spread: z.number() });
const measuredOk = z.strictObject({ outcome: ok, value: z.number(), sd: z.number(), spread: z.number() });

/** A length under the calliper, from a hook's wire to the body of a lure [m]. */
export const CALLIPER_LIMITS = { readingM: { min: 2e-5, max: 2 }, stepM: { min: 1e-6, max: 0.01 } } as const;

const fitWeigh = model({
  name: 'fit-weigh',
  input: z.strictObject({
    pilesKg: some(numberIn(WEIGH_LIMITS.pileKg)),
    count: z.number().int().min(WEIGH_LIMITS.count.min).max(WEIGH_LIMITS.count.max),
    stepKg: numberIn(WEIGH_LIMITS.stepKg),
  }),
  output: measuredOk,
  compute: (input) => ({ outcome: 'ok' as const, ...weighed(input) }),
});

const fitCalliper = model({
  name: 'fit-calliper',
  input: z.strictObject({
    readingsM: some(numberIn(CALLIPER_LIMITS.readingM)),
    stepM: numberIn(CALLIPER_LIMITS.stepM),
  }),
  output: measuredOk,
  compute: ({ readingsM, stepM }) => ({ outcome: 'ok' as const, ...meanOf(readingsM, { step: stepM, loneSd: stepM }) }),
});

const fitFloat = model({
  name: 'fit-float',
  input: z.strictObject({
    water: waterSchema,
    massKg: numberIn(FLOAT_TEST_LIMITS.massKg),
    addedKg: some(numberIn(FLOAT_TEST_LIMITS.addedKg)),
    addedMaterial: bodyMaterialSchema,
  }),
  output: z.strictObject({
    outcome: ok,
    volumeM3: z.number(),
    volumeSdM3: z.number(),
    densityKgPm3: z.number(),
    spread: z.number(),
  }),
  compute: floatTest,
});

const fitSink = model({
  name: 'fit-sink',
  input: z.strictObject({
    water: waterSchema,
    massKg: numberIn(BODY_LIMITS.massKg),
    volumeM3: numberIn(BODY_LIMITS.volumeM3),
    falls: some(z.strictObject({ depthM: numberIn(SINK_TEST_LIMITS.depthM), timeS: numberIn(SINK_TEST_LIMITS.timeS) })),
  }),
  output: z.discriminatedUnion('outcome', [
    z.strictObject({
      outcome: ok,
      dragAreaM2: z.number(),
      dragAreaSdM2: z.number(),
      spread: z.number(),
      terminalMps: z.number(),
      rmsTimeS: z.number(),
      depthForTenthM: z.number(),
    }),
    z.strictObject({ outcome: z.literal('floats') }),
  ]),
  compute: sinkTest,
});

const fitPull = model({
  name: 'fit-pull',
  input: z.strictObject({
    pullsN: some(numberIn(PULL_TEST_LIMITS.pullN)),
    stepN: numberIn(PULL_TEST_LIMITS.stepN),
    onLineN: numberIn(PULL_TEST_LIMITS.pullN).optional(),
  }),
  output: z.strictObject({
    outcome: ok,
    meanN: z.number(),
    spread: z.number(),
    share: z.number().nullable(),
    leastN: z.number(),
  }),
  compute: pullTest,
});

const fitLine = model({
  name: 'fit-line',
  input: z.strictObject({
    lengthM: numberIn(LINE_TEST_LIMITS.lengthM),
    pulls: z
      .array(
        z.strictObject({ forceN: numberIn(LINE_TEST_LIMITS.forceN), stretchM: numberIn(LINE_TEST_LIMITS.stretchM) }),
      )
      .min(LINE_TEST_LIMITS.pulls.min)
      .max(LINE_TEST_LIMITS.pulls.max),
  }),
  output: z.strictObject({
    outcome: ok,
    eaN: z.number(),
    eaSdN: z.number(),
    spread: z.number(),
    rmsStretchM: z.number(),
  }),
  compute: lineTest,
});

const fitClutch = model({
  name: 'fit-clutch',
  input: z.strictObject({
    readings: some(
      z.strictObject({
        mark: numberIn(CLUTCH_TEST_LIMITS.mark),
        pullN: numberIn(CLUTCH_TEST_LIMITS.pullN),
        fill: numberIn(CLUTCH_TEST_LIMITS.fill),
      }),
    ),
  }),
  output: z.discriminatedUnion('outcome', [
    z.strictObject({
      outcome: ok,
      atZeroN: z.number(),
      perMarkN: z.number(),
      spread: z.number(),
      rmsN: z.number(),
      strongestN: z.number(),
    }),
    z.strictObject({ outcome: z.literal('one-mark'), pullAtFullN: z.number(), spread: z.number() }),
  ]),
  compute: ({ readings }) => clutchTest(readings),
});

const fitSet = model({
  name: 'fit-set',
  input: z.strictObject({
    rod: rodSchema,
    sweep: z.strictObject({
      startRad: numberIn(ROD_LIMITS.angleRad),
      endRad: numberIn(ROD_LIMITS.angleRad),
      stepBackM: numberIn(SET_TEST_LIMITS.stepBackM),
    }),
    line: z.strictObject({ lengthM: numberIn(SET_TEST_LIMITS.lineLengthM), eaN: numberIn(SET_TEST_LIMITS.eaN) }),
    peaksN: some(numberIn(SET_TEST_LIMITS.peakN)),
  }),
  output: z.strictObject({ outcome: ok, peakMoment: measured, slack: measured, takeUpM: z.number() }),
  compute: setTest,
});

const fitWindow = model({
  name: 'fit-window',
  input: z.strictObject({
    startsMps: some(numberIn(WINDOW_TEST_LIMITS.speedMps)),
    failsMps: z.array(numberIn(WINDOW_TEST_LIMITS.speedMps)).max(READINGS_COUNT.max),
  }),
  output: z.strictObject({ outcome: ok, from: measured, to: measured.nullable() }),
  compute: windowTest,
});

const fitDive = model({
  name: 'fit-dive',
  input: z.strictObject({
    water: waterSchema,
    segments: segmentsSchema,
    netWeightN: numberIn(TOW_LIMITS.netWeightN),
    tipHeightM: numberIn(DIVE_TEST_LIMITS.tipHeightM),
    classDragM2: numberIn(PART_BODY_LIMITS.dragAreaM2),
    classDiveM2: numberIn(PART_BODY_LIMITS.dragAreaM2),
    readings: some(
      z.strictObject({
        speedMps: numberIn(DIVE_TEST_LIMITS.speedMps),
        lineM: numberIn(DIVE_TEST_LIMITS.lineM),
        depthM: numberIn(DIVE_TEST_LIMITS.depthM),
      }),
    ),
  }),
  output: z.strictObject({
    outcome: z.enum(['ok', 'not-reached']),
    dragAreaM2: z.number().nullable(),
    downAreaM2: z.number().nullable(),
    downExponent: z.number().nullable(),
    dragSpread: z.number().nullable(),
    downSpread: z.number().nullable(),
    exponentSd: z.number().nullable(),
    rmsDepthM: z.number().nullable(),
  }),
  compute: diveTest,
});

const fitAccuracy = model({
  name: 'fit-accuracy',
  input: z.strictObject({
    distanceM: numberIn(ACCURACY_TEST_LIMITS.distanceM),
    missesM: some(numberIn(ACCURACY_TEST_LIMITS.missM)),
  }),
  output: z.strictObject({ outcome: ok, share: measured, halfWithinM: z.number() }),
  compute: accuracyTest,
});

/** What a guide makes of its readings; a hang test is a stiffness of `rod-bend`. */
export const MEASURING_MODELS = [
  fitWeigh,
  fitCalliper,
  fitFloat,
  fitSink,
  fitPull,
  fitLine,
  fitClutch,
  fitSet,
  fitWindow,
  fitDive,
  fitAccuracy,
] as const;
