import { z } from 'zod';
import { FALL_WINDOWS, type FallWindow } from '@/core/defaults/fall-windows';
import { COVERS, SET_WAYS, type Cover, type SetWay } from '@/core/defaults/hookset-classes';
import { HOOKSET_LIMITS } from '@/core/hookset';
import { ROD_LIMITS } from '@/core/rod';
import { SINK_LIMITS } from '@/core/sink';
import { castStyleSchema } from './contract/cast-fit';
import { mouthSchema } from './contract/hookset';
import { keysOf, waterSchema } from './contract/shared';
import { numberIn } from './number';
import { broken } from './problems';

/** Where a cast presentation makes sense; the form and the file share them. */
export const PRESENTATION_LIMITS = {
  distanceM: { min: 1, max: 150 },
  depthM: { min: 0.1, max: 100 },
  handHeightM: { min: 0, max: 6 },
  sweepRad: ROD_LIMITS.angleRad,
  timeS: { min: 0.05, max: 5 },
  gainM: { min: 0, max: 10 },
  slackM: { min: 0, max: 10 },
  fishKg: HOOKSET_LIMITS.fishKg,
  clutchN: { min: 0.5, max: 1000 },
  currentMps: SINK_LIMITS.currentMps,
  fallMps: { min: 0.01, max: 10 },
} as const;
const L = PRESENTATION_LIMITS;

const ownFall = z
  .strictObject({ kind: z.literal('own'), fromMps: numberIn(L.fallMps), toMps: numberIn(L.fallMps) })
  .superRefine((fall, context) => {
    if (fall.fromMps > fall.toMps) broken(context, ['toMps'], `at least fromMps = ${fall.fromMps}`);
  });

export const presentationSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('cast'),
    castStyle: castStyleSchema,
    distanceM: numberIn(L.distanceM),
    depthM: numberIn(L.depthM),
    handHeightM: numberIn(L.handHeightM),
    water: waterSchema,
    currentMps: numberIn(L.currentMps),
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
    wanted: z.strictObject({
      fall: z.discriminatedUnion('kind', [z.strictObject({ kind: keysOf<FallWindow>(FALL_WINDOWS) }), ownFall]),
      breakAt: z.string().max(64).nullable(),
    }),
  }),
]);

export type Presentation = z.infer<typeof presentationSchema>;
