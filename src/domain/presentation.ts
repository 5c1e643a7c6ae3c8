import { z } from 'zod';
import { ATTITUDES, type Attitude } from '@/core/tackle/defaults/rig-classes';
import { FALL_WINDOWS, type FallWindow } from '@/core/tackle/defaults/fall-windows';
import { COVERS, SET_WAYS, type Cover, type SetWay } from '@/core/tackle/defaults/hookset-classes';
import type { Limits } from '@/core/base/guard';
import { HOOKSET_LIMITS } from '@/core/strike';
import { ROD_LIMITS } from '@/core/tackle';
import { SINK_LIMITS, WATER_LIMITS } from '@/core/water';
import { castStyleSchema } from './contract/cast-fit';
import { mouthSchema } from './contract/hookset';
import { keysOf, waterSchema } from './contract/shared';
import { layersSchema } from './contract/tow';
import { numberIn } from './number';
import { broken } from './problems';

/** Where a presentation makes sense; the form and the file share them. */
export const PRESENTATION_LIMITS = {
  distanceM: { min: 1, max: 150 },
  depthM: { min: 0.1, max: 100 },
  bandM: { min: 0, max: 100 },
  handHeightM: { min: 0, max: 6 },
  sweepRad: ROD_LIMITS.angleRad,
  timeS: { min: 0.05, max: 5 },
  gainM: { min: 0, max: 10 },
  slackM: { min: 0, max: 10 },
  fishKg: HOOKSET_LIMITS.fishKg,
  clutchN: { min: 0.5, max: 1000 },
  currentMps: SINK_LIMITS.currentMps,
  fallMps: { min: 0.01, max: 10 },
  speedMps: { min: 0, max: 12 },
  lineOutM: { min: 0.5, max: 400 },
  pitchRad: { min: -1.6, max: 1.6 },
  holderRad: { min: 0, max: 1.6 },
  bottomM: { min: 0.3, max: 300 },
  leadM: { min: 0.5, max: 150 },
  cableM: { min: 0.5, max: 150 },
  cableDiameterM: { min: 2e-4, max: 4e-3 },
  ballKg: { min: 0.2, max: 15 },
  boardM: { min: 1, max: 100 },
} as const;
const L = PRESENTATION_LIMITS;

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
  clutchN: numberIn(L.clutchN).nullable(),
  wear: z
    .array(z.enum(['teeth', 'gill-plates', 'rock']))
    .max(3)
    .default([]),
  stance: z.enum(['standing', 'seated', 'wading']).default('standing'),
  rodWorked: z.enum(['up', 'level', 'down']).default('level'),
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
    lineOutM: numberIn(L.lineOutM),
    gear: gearSchema.optional(),
    bottomM: numberIn(L.bottomM).optional(),
    layers: layersSchema.optional(),
    held: z.enum(['holder', 'hand']),
    holderRad: numberIn(L.holderRad).optional(),
    wanted: z.strictObject({
      ...wantedBase,
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
