import { z } from 'zod';
import {
  confounders,
  JUDGE_LIMITS as J,
  judgeStrikes,
  rates,
  RATES_LIMITS as R,
  STRATA_LIMITS as S,
  TRIAL_LIVE_LIMITS as T,
  trial,
  trialLive,
  trialLiveShare,
  TRIAL_LIVE_SHARE_LIMITS as H,
  trialPlan,
  TRIAL_PLAN_LIMITS as P,
  trialSize,
  TRIAL_SIZE_LIMITS as Z,
  trialStrata,
} from '@/core/afloat';
import { numberIn } from '../number';
import { broken } from '../problems';
import { model } from './model';

const version = z.enum(['a', 'b']);
const interval = z.tuple([z.number(), z.number()]).readonly();
const count = z.number().int().min(S.count.min).max(S.count.max);

const trialLiveModel = model({
  name: 'trial-live',
  input: z.strictObject({
    events: z
      .array(z.strictObject({ version, aLines: numberIn(T.lines), bLines: numberIn(T.lines) }))
      .max(T.events.max),
  }),
  output: z.strictObject({
    outcome: z.enum(['b-better', 'a-better', 'not-yet']),
    evidence: z.number(),
    alwaysValidP: z.number(),
    ratio: z.number(),
    interval,
  }),
  compute: ({ events }) => trialLive(events),
});

const trialLiveShareModel = model({
  name: 'trial-live-share',
  input: z.strictObject({ tries: z.array(z.strictObject({ version, hit: z.boolean() })).max(H.tries.max) }),
  output: z.strictObject({
    outcome: z.enum(['b-better', 'a-better', 'not-yet']),
    evidence: z.number(),
    alwaysValidP: z.number(),
    pairs: z.number().int(),
  }),
  compute: ({ tries }) => trialLiveShare(tries),
});

const chance = numberIn(Z.chance).optional();

const trialSizeModel = model({
  name: 'trial-size',
  input: z.discriminatedUnion('kind', [
    z.strictObject({ kind: z.literal('rate'), ratio: numberIn(Z.ratio), chance }),
    z
      .strictObject({ kind: z.literal('share'), a: numberIn(Z.share), b: numberIn(Z.share), chance })
      .superRefine(({ a, b }, context) => {
        if (a === b) broken(context, ['b'], `another share than a = ${a}`);
      }),
  ]),
  output: z.strictObject({
    outcome: z.enum(['ok', 'beyond']),
    needed: z.number().int().nullable(),
    half: z.number().int().nullable(),
    wrong: z.number(),
    lookedTo: z.number().int(),
  }),
  compute: trialSize,
});

const rateArm = z.strictObject({ events: count, exposureH: numberIn(S.exposureH) });
const hoursArm = rateArm.extend({ exposureH: numberIn({ ...S.exposureH, exclusiveMin: true }) });
const shareArm = z.strictObject({ hits: count, of: count }).superRefine(({ hits, of }, context) => {
  if (hits > of) broken(context, ['hits'], `at most of = ${of}`);
});
const strataOf = <A extends z.ZodType>(arm: A) =>
  z
    .array(z.strictObject({ name: z.string().max(120), a: arm, b: arm }))
    .min(S.strata.min)
    .max(S.strata.max);

const trialModel = model({
  name: 'trial',
  input: z.discriminatedUnion('kind', [
    z.strictObject({ kind: z.literal('rate'), a: hoursArm, b: hoursArm }),
    z.strictObject({ kind: z.literal('share'), a: shareArm, b: shareArm }),
  ]),
  output: z.strictObject({
    outcome: z.literal('ok'),
    ratio: z.number(),
    interval,
    probabilityBBetter: z.number(),
    p: z.number(),
    moreHoursForRatio2: z.number().nullable(),
  }),
  compute: trial,
});

const name = z.string().min(1).max(120);

const trialPlanModel = model({
  name: 'trial-plan',
  input: z.strictObject({
    lines: z
      .array(z.strictObject({ name, levels: z.record(name, z.string().max(120)) }))
      .min(P.lines.min)
      .max(P.lines.max),
    fromS: numberIn(P.timeS),
    toS: numberIn(P.timeS),
    spells: z.number().int().optional(),
  }),
  output: z.strictObject({
    outcome: z.literal('ok'),
    spells: z
      .array(
        z.strictObject({
          fromS: z.number(),
          toS: z.number(),
          lines: z.array(z.strictObject({ name: z.string(), version })).readonly(),
        }),
      )
      .readonly(),
    overlaps: z.array(z.strictObject({ name: z.string(), overlap: z.number(), confounded: z.boolean() })).readonly(),
  }),
  compute: trialPlan,
});

const trialStrataModel = model({
  name: 'trial-strata',
  input: z.discriminatedUnion('kind', [
    z.strictObject({ kind: z.literal('rate'), strata: strataOf(rateArm) }),
    z.strictObject({ kind: z.literal('share'), strata: strataOf(shareArm) }),
  ]),
  output: z.strictObject({
    outcome: z.enum(['ok', 'not-determined']),
    ratio: z.number().nullable(),
    interval: interval.nullable(),
    p: z.number().nullable(),
    crudeRatio: z.number().nullable(),
    shifted: z.boolean().nullable(),
  }),
  compute: trialStrata,
});

const confoundersModel = model({
  name: 'confounders',
  input: z.strictObject({
    cells: z
      .array(
        z.strictObject({
          version,
          levels: z.record(z.string().max(120), z.string().max(120)),
          hours: numberIn({ ...S.exposureH, exclusiveMin: true }),
        }),
      )
      .max(100_000),
  }),
  output: z.strictObject({
    outcome: z.enum(['ok', 'one-version']),
    factors: z.array(z.strictObject({ name: z.string(), overlap: z.number(), confounded: z.boolean() })).readonly(),
  }),
  compute: ({ cells }) => confounders(cells),
});

const ratesModel = model({
  name: 'rates',
  input: z.strictObject({
    cells: z
      .array(
        z.strictObject({
          name: z.string().max(120),
          events: z.number().int().min(R.events.min).max(R.events.max),
          exposureH: numberIn(R.exposureH),
        }),
      )
      .min(R.cells.min)
      .max(R.cells.max),
  }),
  output: z.strictObject({
    outcome: z.enum(['ok', 'nothing-yet']),
    overallPerH: z.number(),
    priorShape: z.number().nullable(),
    cells: z
      .array(
        z.strictObject({
          name: z.string(),
          ratePerH: z.number(),
          interval,
          fullInterval: interval,
          rawPerH: z.number(),
          probabilityBest: z.number().nullable(),
        }),
      )
      .readonly(),
  }),
  compute: ({ cells }) => rates(cells),
});

const judgeModel = model({
  name: 'judge',
  input: z.strictObject({
    strikes: z.array(z.strictObject({ margin: numberIn(J.margin), hooked: z.boolean() })).max(J.strikes.max),
  }),
  output: z.strictObject({
    outcome: z.enum(['judged', 'too-few']),
    a: z.number(),
    b: z.number(),
    aSd: z.number(),
    bSd: z.number(),
    marginFor80: z.number().nullable(),
    shift: z.number().nullable(),
    brier: z.number().nullable(),
    bins: z
      .array(
        z.strictObject({
          from: z.number(),
          to: z.number().nullable(),
          of: z.number().int(),
          hooked: z.number().int(),
          expected: z.number(),
        }),
      )
      .readonly(),
  }),
  compute: ({ strikes }) => judgeStrikes(strikes),
});

export const TRIAL_MODELS = [
  trialModel,
  trialPlanModel,
  trialSizeModel,
  trialLiveModel,
  trialLiveShareModel,
  trialStrataModel,
  confoundersModel,
  ratesModel,
  judgeModel,
];
