import { z } from 'zod';
import { tow, TOW_LIMITS as L } from '@/core/water';
import { numberIn } from '../number';
import { broken } from '../problems';
import { model } from './model';
import { waterSchema } from './shared';

/** Current by depth, from the surface down. */
export const layersSchema = z
  .array(z.strictObject({ depthM: numberIn(L.layerDepthM), alongMps: numberIn(L.alongMps) }))
  .max(100)
  .superRefine((layers, context) => {
    layers.forEach(({ depthM }, i) => {
      if (i > 0 && !(depthM > layers[i - 1]!.depthM))
        broken(context, [i, 'depthM'], `more than the depth before it, ${layers[i - 1]!.depthM}`);
    });
  })
  .readonly();

const bodyShape = {
  netWeightN: numberIn(L.netWeightN),
  dragAreaM2: numberIn(L.areaM2),
  downAreaM2: numberIn(L.downAreaM2).optional(),
  downExponent: numberIn(L.downExponent).optional(),
  downAtMps: numberIn(L.downAtMps).optional(),
};

export const segmentsSchema = z
  .array(
    z.strictObject({
      lengthM: numberIn(L.lengthM),
      diameterM: numberIn(L.diameterM),
      massPerLengthKgPm: numberIn(L.massPerLengthKgPm),
      tangentialCt: numberIn(L.tangentialCt).optional(),
      normalDragFactor: numberIn(L.normalDragFactor).optional(),
    }),
  )
  .min(1)
  .max(50)
  .readonly();

const solveSchema = z.discriminatedUnion('for', [
  z.strictObject({ for: z.literal('depth') }),
  z.strictObject({ for: z.literal('line-out'), depthM: numberIn(L.depthM) }),
  z.strictObject({
    for: z.literal('weight'),
    depthM: numberIn(L.depthM),
    surfaceAngleRad: numberIn(L.surfaceAngleRad),
  }),
]);

const rest = z.strictObject({ share: numberIn(L.share), mu: numberIn(L.mu) });

/** A towed rig: its water, its pieces of line, the weights on them and the end. */
export const towedFields = {
  water: waterSchema,
  segments: segmentsSchema,
  weights: z
    .array(z.strictObject({ afterSegment: z.number().int().min(0), ...bodyShape }))
    .max(100)
    .readonly()
    .optional(),
};
export const towedEnd = z.strictObject({ ...bodyShape, rest: rest.optional() });

export function checkWeights(
  {
    segments,
    weights = [],
  }: {
    readonly segments: readonly unknown[];
    readonly weights?: readonly { readonly afterSegment: number }[] | undefined;
  },
  context: z.RefinementCtx,
): void {
  weights.forEach(({ afterSegment }, i) => {
    if (afterSegment >= segments.length)
      broken(context, ['weights', i, 'afterSegment'], `at most the last segment, ${segments.length - 1}`);
  });
}

export const towInput = z
  .strictObject({
    ...towedFields,
    speedMps: numberIn(L.speedMps),
    current: layersSchema.optional(),
    end: towedEnd.extend({ netWeightN: bodyShape.netWeightN.optional() }),
    solve: solveSchema,
  })
  .superRefine((input, context) => {
    const { end, solve } = input;
    checkWeights(input, context);
    if (end.netWeightN === undefined && solve.for !== 'weight')
      broken(context, ['end', 'netWeightN'], 'a weight in water [N]: only solving for the weight does without');
  });

const figure = z.number().nullable();
export const towOutput = z.strictObject({
  outcome: z.enum(['ok', 'at-surface', 'never-that-deep', 'no-weight-does', 'too-shallow-for-the-rig']),
  depthM: figure,
  lineOutM: figure,
  laybackM: figure,
  surfaceAngleRad: figure,
  surfaceTensionN: figure,
  endAngleRad: figure,
  netWeightN: figure,
  shape: z.array(z.tuple([z.number(), z.number()]).readonly()).readonly(),
});

export const towModel = model({
  name: 'tow',
  input: towInput,
  output: towOutput,
  // Solving for the weight, what is given of it is not read.
  compute: (input) => tow({ ...input, end: { ...input.end, netWeightN: input.end.netWeightN ?? 0 } }),
});
