import { z } from 'zod';
import { ATTITUDES, type Attitude } from '@/core/tackle/defaults/rig-classes';
import { FALL_WINDOWS, type FallWindow } from '@/core/tackle/defaults/fall-windows';
import { COVERS, SET_WAYS, type Cover, type SetWay } from '@/core/tackle/defaults/hookset-classes';
import { FOULING, type Fouling } from '@/core/tackle/defaults/tow-classes';
import type { Limits } from '@/core/base/guard';
import { HOOKSET_LIMITS } from '@/core/strike';
import { WATER_LIMITS } from '@/core/water';
import { castStyleSchema } from './contract/cast-fit';
import { mouthSchema } from './contract/hookset';
import { keysOf, waterSchema } from './contract/shared';
import { layersSchema } from './contract/tow';
import { numberIn } from './number';
import { PRESENTATION_LIMITS as L } from './presentation-limits';
import { broken } from './problems';

const ownFall = z
  .strictObject({ kind: z.literal('own'), fromMps: numberIn(L.fallMps), toMps: numberIn(L.fallMps) })
  .superRefine((fall, context) => {
    if (fall.fromMps > fall.toMps) broken(context, ['toMps'], `at least fromMps = ${fall.fromMps}`);
  });

const range = (limits: Limits) =>
  z.strictObject({ from: numberIn(limits), to: numberIn(limits) }).superRefine(({ from, to }, context) => {
    if (from > to) broken(context, ['to'], `at least from = ${from}`);
  });

/** When the setup is the right one; what is not said holds for all. */
const conditionsSchema = z.strictObject({
  temperatureC: range(WATER_LIMITS.temperatureC).optional(),
  depthM: range(L.depthM).optional(),
  clarity: z.enum(['clear', 'stained', 'murky']).optional(),
  light: z.enum(['bright', 'overcast', 'dusk', 'dark']).optional(),
  mood: z.enum(['active', 'neutral', 'wary']).optional(),
  bottom: z.enum(['rock', 'sand', 'mud', 'weed']).optional(),
  speedMps: range(L.speedMps).optional(),
});

const attitudeSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: keysOf<Attitude>(ATTITUDES) }),
  z.strictObject({ kind: z.literal('own'), pitchRad: numberIn(L.pitchRad) }),
]);

const wantedBase = { attitude: attitudeSchema.default({ kind: 'any' }), breakAt: z.string().max(64).nullable() };

const base = {
  depthM: numberIn(L.depthM),
  handHeightM: numberIn(L.handHeightM),
  water: waterSchema,
  currentMps: numberIn(L.currentMps),
  speedMps: numberIn(L.speedMps).default(0.8),
  sweep: z
    .strictObject({
      way: keysOf<SetWay>(SET_WAYS),
      startRad: numberIn(L.sweepRad),
      endRad: numberIn(L.sweepRad),
      timeS: numberIn(L.timeS),
      stepBackM: numberIn(L.gainM),
      woundM: numberIn(L.gainM),
      peakMomentNm: numberIn(HOOKSET_LIMITS.peakMomentNm).optional(),
    })
    .superRefine((sweep, context) => {
      if (sweep.endRad <= sweep.startRad) broken(context, ['endRad'], `more than startRad = ${sweep.startRad}`);
    }),
  slackM: numberIn(L.slackM),
  cover: keysOf<Cover>(COVERS),
  mouth: mouthSchema,
  fishKg: numberIn(L.fishKg).nullable(),
  fishHoldsS: numberIn(L.fishHoldsS).nullable().optional(),
  clutchN: numberIn(L.clutchN).nullable(),
  wear: z
    .array(z.enum(['teeth', 'gill-plates', 'rock']))
    .max(3)
    .default([]),
  stance: z.enum(['standing', 'seated', 'wading']).default('standing'),
  rodWorked: z.enum(['up', 'level', 'down']).default('level'),
  fouling: keysOf<Fouling>(FOULING).optional(),
  boatsideTurn: z.boolean().default(false),
  craftId: z.string().max(64).nullable().default(null),
  conditions: conditionsSchema.default({}),
};

export const TOWED_WAYS = ['trolled', 'paddled', 'drifted', 'dropped'] as const;

const gearSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('downrigger'),
    leadM: numberIn(L.leadM),
    cableM: numberIn(L.cableM),
    cable: z.enum(['steel-cable', 'braid']),
    cableDiameterM: numberIn(L.cableDiameterM),
    ballKg: numberIn(L.ballKg),
  }),
  z.strictObject({ kind: z.literal('side-planer'), leadM: numberIn(L.leadM), boardM: numberIn(L.boardM) }),
]);

export const presentationSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('cast'),
    ...base,
    castStyle: castStyleSchema,
    distanceM: numberIn(L.distanceM),
    wanted: z.strictObject({
      ...wantedBase,
      fall: z.discriminatedUnion('kind', [
        z.strictObject({ kind: keysOf<FallWindow>(FALL_WINDOWS) }),
        z.strictObject({ kind: z.enum(['floats', 'suspends']) }),
        ownFall,
      ]),
    }),
  }),
  z.strictObject({
    kind: z.literal('towed'),
    ...base,
    way: z.enum(TOWED_WAYS),
    workedMps: numberIn(L.workedMps).optional(),
    lineOutM: numberIn(L.lineOutM),
    gear: gearSchema.optional(),
    bottomM: numberIn(L.bottomM).optional(),
    layers: layersSchema.optional(),
    held: z.enum(['holder', 'hand']),
    holderRad: numberIn(L.holderRad).optional(),
    wanted: z.strictObject({
      ...wantedBase,
      lineAngleRad: numberIn(L.lineAngleRad).nullable().optional(),
      contactShare: numberIn(L.contactShare).nullable().optional(),
      depth: z
        .strictObject({ fromM: numberIn(L.bandM), toM: numberIn(L.bandM) })
        .superRefine(({ fromM, toM }, context) => {
          if (fromM > toM) broken(context, ['toM'], `at least fromM = ${fromM}`);
        }),
    }),
  }),
]);

export type Presentation = z.infer<typeof presentationSchema>;
export type CastPresentation = Extract<Presentation, { kind: 'cast' }>;
export type TowedPresentation = Extract<Presentation, { kind: 'towed' }>;
