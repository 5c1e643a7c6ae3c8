import { z } from 'zod';
import {
  BARBS,
  HOOK_POINTS,
  MOUTHS,
  SHARPNESS,
  type Barb,
  type HookPoints,
  type Mouth,
  type Sharpness,
} from '@/core/tackle/defaults/hookset-classes';
import { hookset, HOOKSET_LIMITS as L } from '@/core/strike';
import { ROD_LIMITS } from '@/core/tackle';
import { numberIn } from '../number';
import { model } from './model';
import { keysOf, rodSchema } from './shared';

export const pointsSchema = keysOf<HookPoints>(HOOK_POINTS);
export const barbSchema = keysOf<Barb>(BARBS);
export const sharpnessSchema = keysOf<Sharpness>(SHARPNESS);
export const mouthSchema = keysOf<Mouth>(MOUTHS);

const word = z.enum(['will-not-bury', 'marginal', 'sets', 'more-than-needed']);

/** Shared with `setup`, which leaves the curve out. */
export const hooksetOutput = {
  outcome: z.enum(['ok', 'slack']),
  tensionN: z.number(),
  ruledBy: z.enum(['sweep', 'leverage', 'drag', 'strength', 'rod']),
  atHookN: z.number(),
  neededN: z.number(),
  margin: z.number(),
  openingN: z.number(),
  openingMargin: z.number().nullable(),
  tearMargin: z.number().nullable(),
  strengthMargin: z.number().nullable(),
  takeUpM: z.number(),
  timeToSetS: z.number().nullable(),
  verdict: z.strictObject({ set: word, dangers: z.array(z.enum(['opening', 'tear', 'strength'])).readonly() }),
};

export const hooksetModel = model({
  name: 'hookset',
  input: z.strictObject({
    rod: rodSchema,
    sweep: z.strictObject({
      startRad: numberIn(ROD_LIMITS.angleRad),
      endRad: numberIn(ROD_LIMITS.angleRad),
      timeS: numberIn(L.timeS),
      stepBackM: numberIn(L.gainM).optional(),
      woundM: numberIn(L.gainM).optional(),
      peakMomentNm: numberIn(L.peakMomentNm).optional(),
    }),
    line: z
      .array(
        z.strictObject({ lengthM: numberIn(L.lineLengthM), eaN: numberIn(L.eaN), strengthN: numberIn(L.strengthN) }),
      )
      .min(1)
      .max(100),
    hook: z.strictObject({
      distanceM: numberIn(L.distanceM),
      dropM: numberIn(L.dropM),
      wireMm: numberIn(L.wireMm),
      gapMm: numberIn(L.gapMm),
      points: pointsSchema,
      barb: barbSchema,
      sharpness: sharpnessSchema,
      guardN: numberIn(L.forceN),
    }),
    slackM: numberIn(L.lossM),
    crushM: numberIn(L.lossM).optional(),
    drag: z.strictObject({ settingN: numberIn(L.forceN), wrapRad: numberIn(L.wrapRad).optional() }).nullable(),
    mouth: mouthSchema,
    fishKg: numberIn(L.fishKg).nullable(),
    through: numberIn(L.through),
    rodHoldsN: numberIn(L.strengthN).optional(),
  }),
  output: z.strictObject({
    ...hooksetOutput,
    curve: z
      .array(z.strictObject({ sweepRad: z.number(), tensionN: z.number() }))
      .length(21)
      .readonly(),
  }),
  compute: (input) => hookset(input),
});
