import { z } from 'zod';
import { cast, CAST_LIMITS, FLIGHT_LIMITS as F } from '@/core/strike';
import { finish, quiver, QUIVER_LIMITS as Q, scoreRods } from '@/core/decide';
import { handLoad, HAND_LOAD_LIMITS as H } from '@/core/rig';
import { loadMixedInteger } from '@/core/base/numeric';
import { numberIn } from '../number';
import { reel } from '../parts/reel';
import { rod } from '../parts/rod';
import { broken } from '../problems';
import { setupFileSchema } from '../setup';
import { castStyleSchema } from './cast-fit';
import { model, type Model } from './model';
import { rodSchema } from './shared';

const castModel = model({
  name: 'cast',
  input: z.strictObject({
    rod: rodSchema,
    massKg: numberIn(CAST_LIMITS.massKg),
    style: castStyleSchema,
    dragAreaM2: numberIn(F.dragAreaM2),
    line: z.strictObject({
      diameterM: numberIn(F.diameterM),
      massPerLengthKgPm: numberIn(F.massPerLengthKgPm),
      tangentialCt: numberIn(F.tangentialCt),
    }),
    heightM: numberIn(F.heightM),
    launchRad: numberIn(F.launchRad).optional(),
    windMps: numberIn(F.windMps).optional(),
    blankKg: numberIn(F.blankKg).optional(),
  }),
  output: z.strictObject({
    outcome: z.literal('ok'),
    tipMps: z.number(),
    springMps: z.number(),
    releaseMps: z.number(),
    energyJ: z.number(),
    distanceM: z.number(),
    rangeM: z.tuple([z.number(), z.number()]).readonly(),
    flightS: z.number(),
    peakM: z.number(),
  }),
  compute: (input) => cast(input),
});

const handLoadModel = model({
  name: 'hand-load',
  input: z.strictObject({
    rodKg: numberIn(H.rodKg),
    reelKg: numberIn(H.reelKg).optional(),
    lengthM: numberIn(H.lengthM),
    lureKg: numberIn(H.lureKg),
    pullN: numberIn(H.pullN),
    reachM: numberIn(H.reachM).optional(),
    peakMomentNm: numberIn(H.peakMomentNm),
    castMps2: numberIn(H.castMps2).optional(),
    castsPerHour: numberIn(H.castsPerHour).optional(),
    hours: numberIn(H.hours).optional(),
  }),
  output: z.strictObject({
    outcome: z.literal('ok'),
    momentNm: z.number(),
    limitNm: z.number(),
    shoulderNm: z.number(),
    lastsMin: z.number().nullable(),
    hourShare: z.number(),
    hourNms: z.number(),
    dayNms: z.number(),
  }),
  compute: (input) => handLoad(input),
});

const index = z.number().int().min(0);
const asked = {
  scores: z
    .array(z.array(numberIn(Q.score)).min(Q.presentations.min).max(Q.presentations.max))
    .min(Q.rods.min)
    .max(Q.rods.max),
  pinned: z.array(index).optional(),
  excluded: z.array(index).optional(),
};

const quiverInput = z
  .discriminatedUnion('mode', [
    z.strictObject({ ...asked, mode: z.literal('cover'), floor: numberIn({ min: 0, max: 1, exclusiveMin: true }) }),
    z.strictObject({ ...asked, mode: z.literal('best-k'), k: index }),
    z.strictObject({
      ...asked,
      mode: z.literal('budget'),
      budget: numberIn(Q.price),
      prices: z.array(numberIn(Q.price)),
      owned: z.array(z.union([z.literal(0), z.literal(1)])),
    }),
  ])
  .superRefine((input, context) => {
    const { scores, pinned = [], excluded = [] } = input;
    const rods = scores.length;
    scores.forEach(
      (row, r) =>
        row.length === scores[0]!.length ||
        broken(context, ['scores', r], `${scores[0]!.length} scores, as many as scores[0]`),
    );
    for (const [field, list] of [
      ['pinned', pinned],
      ['excluded', excluded],
    ] as const)
      list.forEach((r, i) => r < rods || broken(context, [field, i], `below ${rods}, the number of rods`));
    excluded.forEach((r, i) => pinned.includes(r) && broken(context, ['excluded', i], 'a rod that is not pinned'));
    const held = new Set(pinned.filter((r) => r < rods));
    if (input.mode === 'best-k' && held.size > input.k)
      broken(context, ['k'], `at least ${held.size}, the pinned rods`);
    if (input.mode !== 'budget') return;
    for (const field of ['prices', 'owned'] as const)
      if (input[field].length !== rods) broken(context, [field], `${rods} of them, one a rod`);
    const least = [...held].reduce((sum, r) => sum + (input.owned[r] ? 0 : (input.prices[r] ?? 0)), 0);
    if (least > input.budget) broken(context, ['budget'], `at least ${least}, what the pinned rods cost`);
  });

const quiverModel = model({
  name: 'quiver',
  input: quiverInput,
  output: z.strictObject({
    outcome: z.enum(['optimal', 'within-gap', 'not-coverable']),
    rods: z.array(z.number()).readonly(),
    count: z.number(),
    totalScore: z.number(),
    uncovered: z.array(z.number()).readonly().optional(),
    spent: z.number().optional(),
    bound: z.number(),
    gap: z.number(),
  }),
  prepare: loadMixedInteger,
  compute: (input) => finish(quiver(input)),
});

const share = z.number();
const some = z.number().nullable();

const rodScoresModel = model({
  name: 'rod-scores',
  input: z.strictObject({
    setup: setupFileSchema,
    rods: z.array(rod.schema).min(1).max(Q.rods.max),
    reels: z.array(reel.schema).max(400).default([]),
  }),
  output: z.strictObject({
    outcome: z.literal('ok'),
    scores: z
      .array(
        z.strictObject({
          score: share,
          parts: z.strictObject({ throw: share, set: share, opening: share, strength: share, handling: share }),
          lowest: z.enum(['throw', 'set', 'opening', 'strength', 'handling']).nullable(),
          reelId: z.string().nullable(),
          figures: z.strictObject({
            castStep: some,
            dropShare: share,
            atHookN: some,
            setMargin: some,
            openingMargin: some,
            clearM: some,
            clearAskedM: share,
            momentNm: share,
            limitNm: share,
          }),
        }),
      )
      .readonly(),
  }),
  compute: ({ setup, rods, reels }) => ({ outcome: 'ok' as const, scores: scoreRods(setup, rods, reels) }),
});

/** Which rod, and which few. */
export const QUIVER_MODELS: readonly Model[] = [castModel, handLoadModel, rodScoresModel, quiverModel];
