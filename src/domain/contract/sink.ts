import { z } from 'zod';
import {
  FRONTAL_SHAPES,
  MATERIALS,
  PLAN_SHAPES,
  TAIL_SHAPES,
  type BodyMaterial,
  type FrontalShape,
  type PlanShape,
  type TailShape,
} from '@/core/tackle/defaults/sink-classes';
import { BODY_LIMITS, sink, SINK_LIMITS } from '@/core/water';
import { numberIn } from '../number';
import { broken } from '../problems';
import { model } from './model';
import { keysOf, waterSchema } from './shared';

export const bodyMaterialSchema = keysOf<BodyMaterial>(MATERIALS);

const bodyShapeSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('sphere'), diameterM: numberIn(BODY_LIMITS.diameterM).optional() }),
  z.strictObject({
    kind: keysOf<FrontalShape | PlanShape>({ ...FRONTAL_SHAPES, ...PLAN_SHAPES }),
    areaM2: numberIn(BODY_LIMITS.dragAreaM2),
  }),
  z.strictObject({ kind: keysOf<TailShape>(TAIL_SHAPES), lengthM: numberIn(BODY_LIMITS.lengthM) }),
  z.strictObject({ kind: z.literal('skirt') }),
]);

const GROUPS = [
  ['volumeM3', 'densityKgPm3', 'material'],
  ['dragAreaM2', 'shape'],
] as const;

const bodySchema = z
  .strictObject({
    massKg: numberIn(BODY_LIMITS.massKg),
    volumeM3: numberIn(BODY_LIMITS.volumeM3).optional(),
    densityKgPm3: numberIn(BODY_LIMITS.densityKgPm3).optional(),
    material: bodyMaterialSchema.optional(),
    dragAreaM2: numberIn(BODY_LIMITS.dragAreaM2).optional(),
    shape: bodyShapeSchema.optional(),
  })
  .superRefine((body, context) => {
    for (const group of GROUPS) {
      const given = group.filter((key) => body[key] !== undefined);
      if (given.length !== 1) broken(context, [given[1] ?? group[0]], `exactly one of ${group.join(', ')}`);
    }
  });

export const sinkOutput = z.strictObject({
  outcome: z.enum(['sinks', 'suspends', 'floats']),
  netWeightN: z.number(),
  terminalMps: z.number().nullable(),
  table: z
    .array(
      z.strictObject({
        depthM: z.number(),
        timeS: z.number().nullable(),
        speedMps: z.number().nullable(),
        driftM: z.number().nullable(),
        swingM: z.number().nullable(),
      }),
    )
    .readonly(),
});

export const sinkModel = model({
  name: 'sink',
  input: z
    .strictObject({
      water: waterSchema,
      bodies: z.array(bodySchema).min(1).max(100),
      line: z.strictObject({
        diameterM: numberIn(SINK_LIMITS.diameterM),
        densityKgPm3: numberIn(SINK_LIMITS.densityKgPm3),
        tangentialCt: numberIn(SINK_LIMITS.tangentialCt),
      }),
      mode: z.enum(['free', 'tight-line']),
      lineLengthM: numberIn(SINK_LIMITS.lineLengthM).optional(),
      depthsM: z.array(numberIn(SINK_LIMITS.depthM)).max(1000),
      currentMps: numberIn(SINK_LIMITS.currentMps).optional(),
      payoutN: numberIn(SINK_LIMITS.payoutN).optional(),
    })
    .superRefine((input, context) => {
      if (input.mode === 'tight-line' && input.lineLengthM === undefined)
        broken(context, ['lineLengthM'], 'a length [m]: mode tight-line needs it');
    }),
  output: sinkOutput,
  compute: (input) => sink(input),
});
