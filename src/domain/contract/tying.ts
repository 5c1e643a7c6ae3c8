import { z } from 'zod';
import { finish } from '@/core/decide';
import { HEADS, type HeadShape } from '@/core/tackle/defaults/jig-classes';
import { MATERIALS } from '@/core/tackle/defaults/sink-classes';
import { TYING, type EndKind } from '@/core/tackle/defaults/tying-classes';
import {
  bestCut,
  HEAD_LIMITS as H,
  jigStand,
  JIG_STAND_LIMITS as J,
  cuttingStock,
  CUTTING_LIMITS as C,
  sizing,
  SIZING_LIMITS as S,
  tyingSteps,
  TYING_LIMITS as T,
} from '@/core/make';
import { loadMixedInteger } from '@/core/base/numeric';
import { numberIn } from '../number';
import { partSchema } from '../parts';
import { setupFileSchema } from '../setup';
import { planBatch } from '../tying/plan';
import { model, type Model } from './model';
import { keysOf } from './shared';

const xy = z.tuple([numberIn(J.coordinateM), numberIn(J.coordinateM)]);
const point = z.tuple([z.number(), z.number()]).readonly();
const cut = z.strictObject({ atM: xy, normalRad: numberIn(J.normalRad) });

const standOutput = z.strictObject({
  outcome: z.enum(['ok', 'floats']),
  poses: z
    .array(
      z.strictObject({
        edge: z.tuple([point, point]).readonly(),
        downRad: z.number(),
        share: z.number(),
        tipMomentsNm: z.tuple([z.number(), z.number()]).readonly(),
        pointUp: z.boolean(),
        fallsTo: z.enum(['line', 'away', 'neither']),
      }),
    )
    .readonly(),
  pointUpShare: z.number(),
});

const jigStandModel = model({
  name: 'jig-stand',
  input: z.strictObject({
    profile: z.array(xy).min(J.profile.min).max(J.profile.max),
    cuts: z.array(cut).max(20).optional(),
    masses: z
      .array(
        z.strictObject({
          xM: numberIn(J.coordinateM),
          yM: numberIn(J.coordinateM),
          submergedN: numberIn(J.submergedN),
        }),
      )
      .min(J.masses.min)
      .max(J.masses.max),
    pointM: xy,
    eyeM: xy,
  }),
  output: standOutput,
  compute: (input) => jigStand(input),
});

/** A jig head by its parts. */
export const headSchema = z.strictObject({
  shape: keysOf<HeadShape>(HEADS),
  material: keysOf(MATERIALS),
  headKg: numberIn(H.headKg),
  hook: z.strictObject({ shankM: numberIn(H.shankM), gapM: numberIn(H.gapM), wireM: numberIn(H.wireM) }),
  eyeRad: numberIn(H.eyeRad),
  collarM: numberIn(H.collarM),
  bait: z
    .strictObject({
      massKg: numberIn(H.baitKg),
      lengthM: numberIn(H.baitLengthM),
      densityKgPm3: numberIn(H.baitDensityKgPm3),
    })
    .nullable(),
  cuts: z.array(cut).max(6),
});

const landed = z.strictObject({ filedKg: z.number(), goodShare: z.number(), stand: standOutput });

const filing = z.strictObject({
  cuts: z.array(z.strictObject({ atM: point, normalRad: z.number() })).readonly(),
  after: landed,
  tooSmall: z.enum(['mass', 'depth']).nullable(),
});

const jigCutModel = model({
  name: 'jig-cut',
  input: z.strictObject({ head: headSchema }),
  output: z.strictObject({
    outcome: z.enum(['ok', 'none-better']),
    before: landed,
    one: filing.nullable(),
    two: filing.nullable(),
    tried: z.number(),
  }),
  compute: ({ head }) => {
    const { before, one, two, tried } = finish(bestCut(head));
    const told = ({ standing, goodShare, stand }: typeof before) => ({ filedKg: standing.filedKg, goodShare, stand });
    const filed = (found: typeof one) => found && { ...found, after: told(found.after) };
    return {
      outcome: one ? ('ok' as const) : ('none-better' as const),
      before: told(before),
      one: filed(one),
      two: filed(two),
      tried,
    };
  },
});

const cuttingOutput = z.strictObject({
  outcome: z.enum(['optimal', 'within-gap', 'short']),
  cuts: z.array(z.array(z.number()).readonly()).readonly(),
  leftM: z.array(z.number()).readonly(),
  wasteM: z.number(),
  missing: z.array(z.number()).readonly(),
});

const cuttingModel = model({
  name: 'cutting-stock',
  input: z.strictObject({
    pieces: z
      .array(z.strictObject({ lengthM: numberIn(C.lengthM), count: z.number().int().min(0).max(C.count.max) }))
      .max(C.pieces.max),
    stock: z
      .array(z.strictObject({ lengthM: numberIn({ ...C.lengthM, exclusiveMin: false }) }))
      .min(C.stock.min)
      .max(C.stock.max),
    usefulM: numberIn(C.usefulM).optional(),
  }),
  output: cuttingOutput,
  prepare: loadMixedInteger,
  compute: (input) => cuttingStock(input),
});

const ends = Object.keys(TYING) as (EndKind | 'trim')[];
export const allowancesSchema = z.strictObject(
  Object.fromEntries(ends.map((kind) => [kind, numberIn(T.endM).optional()])) as Record<
    EndKind | 'trim',
    z.ZodOptional<z.ZodNumber>
  >,
);
const id = z.string().nullable();

const tyingModel = model({
  name: 'tying',
  input: z.strictObject({
    batch: z
      .array(
        z.strictObject({
          setup: setupFileSchema,
          count: z.number().int().min(T.count.min).max(T.count.max),
          sharesLink: z.boolean().optional(),
        }),
      )
      .min(1)
      .max(40),
    allowances: allowancesSchema.optional(),
    box: z.array(partSchema).max(5000).default([]),
  }),
  output: z.strictObject({
    outcome: z.enum(['ok', 'short']),
    pieces: z
      .array(
        z.strictObject({
          item: z.number(),
          jointId: z.string(),
          partId: z.string(),
          count: z.number(),
          lengthM: z.number(),
          nearM: z.number(),
          farM: z.number(),
          trimM: z.number(),
          cutM: z.number(),
        }),
      )
      .readonly(),
    lines: z
      .array(
        z.strictObject({
          spools: z.array(z.string()).readonly(),
          pieces: z.array(z.number()).readonly(),
          neededM: z.number(),
          cutting: cuttingOutput,
        }),
      )
      .readonly(),
    take: z
      .array(
        z.strictObject({ partId: z.string(), pieces: z.number(), left: z.number().nullable(), short: z.boolean() }),
      )
      .readonly(),
    steps: z
      .array(
        z
          .array(
            z.strictObject({
              kind: z.string(),
              leaderId: z.string(),
              jointId: id,
              toId: id,
              end: id,
              lengthM: z.number().nullable(),
              tool: z.string(),
              onLine: z.array(z.string()).readonly(),
            }),
          )
          .readonly(),
      )
      .readonly(),
  }),
  prepare: loadMixedInteger,
  compute: ({ batch, allowances, box }) => {
    const { outcome, pieces, lines, take } = planBatch(
      batch,
      box.length > 0 ? box : batch.flatMap(({ setup }) => setup.parts),
      allowances,
    );
    return {
      outcome,
      pieces: pieces.map(({ leader: _, ...piece }) => piece),
      lines: lines.map(({ spools, ...line }) => ({ ...line, spools: spools.map((spool) => spool.id as string) })),
      take: take.map(({ part: _, ...taken }) => taken),
      steps: batch.map(({ setup, sharesLink }) => tyingSteps(setup, allowances, sharesLink)),
    };
  },
});

const range = z.tuple([z.number(), z.number()]).readonly();
const sizingModel = model({
  name: 'sizing',
  input: z.strictObject({ diameterM: numberIn(S.diameterM), strengthN: numberIn(S.strengthN) }),
  output: z.strictObject({ outcome: z.literal('ok'), crimpBoreM: range, loopM: range, ringN: range }),
  compute: (input) => sizing(input),
});

/** What is made at the bench. */
export const TYING_MODELS: readonly Model[] = [jigStandModel, jigCutModel, tyingModel, cuttingModel, sizingModel];
