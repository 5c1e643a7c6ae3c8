import { z } from 'zod';
import { lineCounted, LINE_COUNT_LIMITS as C, SPOOL_LIMITS, LINE_LIMITS } from '@/core/tackle';
import {
  readRig,
  bottomWeight,
  cableShock,
  countdowns,
  depthCard,
  driftWeight,
  RELEASE_LIMITS as R,
  SHOCK_LIMITS as S,
  tripped,
  weightTable,
} from '@/core/rig';
import { TOW_LIMITS } from '@/core/water';
import { numberIn } from '../number';
import type { TowedPresentation } from '../presentation';
import { PRESENTATION_LIMITS as P } from '../presentation-limits';
import { broken } from '../problems';
import { setupFileSchema, type SetupFile } from '../setup';
import { lineMaterialSchema } from './line';
import { model } from './model';
import { bodyMaterialSchema } from './sink';
import { towInput } from './tow';

const halfOf = ({ min, max }: { readonly min: number; readonly max: number }) => ({ min: min / 2, max: max / 2 });
const figure = z.number().nullable();
const ok = z.literal('ok');

const spool = z
  .strictObject({
    arborRadiusM: numberIn(SPOOL_LIMITS.radiusM),
    fullRadiusM: numberIn(SPOOL_LIMITS.radiusM),
    widthM: numberIn(SPOOL_LIMITS.widthM),
  })
  .superRefine(({ arborRadiusM, fullRadiusM }, context) => {
    if (fullRadiusM <= arborRadiusM) broken(context, ['fullRadiusM'], `more than arborRadiusM = ${arborRadiusM}`);
  });
const onSpool = {
  count: numberIn(C.count),
  spool,
  line: z.strictObject({ material: lineMaterialSchema, diameterM: numberIn(LINE_LIMITS.diameterM) }),
  factor: numberIn({ min: 0.2, max: 5 }).optional(),
};

const lineCountModel = model({
  name: 'line-count',
  input: z.discriminatedUnion('by', [
    z.strictObject({ by: z.enum(['metres', 'colours']), count: numberIn(C.count) }),
    z.strictObject({ by: z.literal('pulls'), count: numberIn(C.count), pullM: numberIn(C.perM) }),
    z.strictObject({ by: z.literal('seconds'), count: numberIn(C.count), fallMps: numberIn(C.fallMps) }),
    z.strictObject({ by: z.literal('turns'), gearRatio: numberIn(C.perM), ...onSpool }),
    z.strictObject({ by: z.literal('passes'), turnsAPass: numberIn({ min: 0.5, max: 100 }), ...onSpool }),
    z.strictObject({ by: z.literal('counter'), ...onSpool }),
  ]),
  output: z.strictObject({ outcome: ok, lengthM: z.number(), nextM: z.number() }),
  compute: (input) => lineCounted(input),
});

const trippedModel = model({
  name: 'tripped',
  input: z.strictObject({
    depthM: numberIn(R.depthM),
    leadM: numberIn(R.leadM),
    speedMps: numberIn(R.speedMps),
    rodSpringM: numberIn(R.springM),
  }),
  output: z.strictObject({
    outcome: ok,
    slackM: z.number(),
    rodM: z.number(),
    boatM: z.number(),
    tightS: z.number(),
    halfLead: z.strictObject({ slackM: z.number(), tightS: z.number() }),
  }),
  compute: (input) => tripped(input),
});

const cableShockModel = model({
  name: 'cable-shock',
  input: z.strictObject({
    speedMps: numberIn(S.speedMps),
    ballKg: numberIn(S.massKg),
    eaN: numberIn(S.eaN),
    strengthN: numberIn(S.strengthN),
    cableM: numberIn(S.lengthM),
    snubberNpM: numberIn(S.softNpM).optional(),
  }),
  output: z.strictObject({
    outcome: ok,
    peakN: z.number(),
    margin: z.number(),
    kinkedMargin: z.number(),
    nearRail: z.strictObject({ cableM: z.number(), peakN: z.number(), margin: z.number() }),
  }),
  compute: (input) => cableShock(input),
});

/** A setup that is towed, drifted or dropped. */
const towedSetup = setupFileSchema.superRefine(({ presentation }, context) => {
  if (presentation.kind !== 'towed') broken(context, ['presentation', 'kind'], 'towed: a cast rig has no steady line');
});
const castSetup = setupFileSchema.superRefine(({ presentation }, context) => {
  if (presentation.kind !== 'cast') broken(context, ['presentation', 'kind'], 'cast: a towed rig is not counted down');
});
const towed = (setup: SetupFile) => [readRig(setup), setup.presentation as TowedPresentation] as const;

const weightOutcome = z.enum(['ok', 'at-surface', 'never-that-deep', 'no-weight-does', 'too-shallow-for-the-rig']);

const bottomWeightModel = model({
  name: 'bottom-weight',
  input: z.strictObject({
    setup: towedSetup,
    depthM: numberIn(P.depthM),
    surfaceAngleRad: numberIn(TOW_LIMITS.surfaceAngleRad),
    bottom: z.enum(['mud', 'sand', 'rock', 'weed']).nullable(),
    share: numberIn(TOW_LIMITS.share).optional(),
    material: bodyMaterialSchema,
  }),
  output: z.strictObject({
    outcome: weightOutcome,
    massKg: figure,
    lineOutM: figure,
    surfaceAngleRad: figure,
    contactN: figure,
    thumbKg: z.number(),
    overThumb: figure,
    causes: z
      .array(z.strictObject({ of: z.enum(['speed', 'angle', 'line', 'drag', 'bottom']), factor: z.number() }))
      .readonly(),
    asked: towInput,
  }),
  compute: ({ setup, ...ask }) => bottomWeight(...towed(setup), ask),
});

const driftWeightModel = model({
  name: 'drift-weight',
  input: z.strictObject({
    setup: towedSetup,
    windMps: numberIn({ min: 0, max: 30 }),
    windAgainstRad: numberIn({ min: 0, max: Math.PI }),
    // Half the solver's range each, since the solver gets the difference of the two.
    surfaceMps: numberIn(halfOf(TOW_LIMITS.alongMps)),
    bottomMps: numberIn(halfOf(TOW_LIMITS.alongMps)),
    depthM: numberIn(P.depthM),
    offPlumbRad: numberIn({ min: 0.01, max: 1.5 }),
    material: bodyMaterialSchema,
  }),
  output: z.strictObject({
    outcome: weightOutcome,
    throughMps: z.number(),
    overGroundMps: z.number(),
    massKg: figure,
    lineOutM: figure,
    asked: towInput,
  }),
  compute: ({ setup, ...ask }) => driftWeight(...towed(setup), ask),
});

const depthCardModel = model({
  name: 'depth-card',
  input: z.strictObject({
    setup: towedSetup,
    linesM: z.array(numberIn(P.lineOutM)).min(1).max(40),
    speedsMps: z.array(numberIn(P.speedMps)).min(1).max(20),
  }),
  output: z.strictObject({
    outcome: ok,
    linesM: z.array(z.number()).readonly(),
    speedsMps: z.array(z.number()).readonly(),
    depthsM: z.array(z.array(figure).readonly()).readonly(),
  }),
  compute: ({ setup, linesM, speedsMps }) => ({
    outcome: 'ok' as const,
    ...depthCard(...towed(setup), linesM, speedsMps),
  }),
});

const weightTableModel = model({
  name: 'weight-table',
  input: z.strictObject({
    setup: towedSetup,
    depthsM: z.array(numberIn(P.depthM)).min(1).max(40),
    speedsMps: z.array(numberIn(P.speedMps)).min(1).max(20),
    surfaceAngleRad: numberIn(TOW_LIMITS.surfaceAngleRad),
    bottom: z.enum(['mud', 'sand', 'rock', 'weed']).nullable(),
    share: numberIn(TOW_LIMITS.share).optional(),
    material: bodyMaterialSchema,
  }),
  output: z.strictObject({
    outcome: ok,
    depthsM: z.array(z.number()).readonly(),
    speedsMps: z.array(z.number()).readonly(),
    massesKg: z.array(z.array(figure).readonly()).readonly(),
  }),
  compute: ({ setup, ...ask }) => ({ outcome: 'ok' as const, ...weightTable(...towed(setup), ask) }),
});

const countdownModel = model({
  name: 'countdown',
  input: z.strictObject({ setup: castSetup, depthsM: z.array(numberIn(P.depthM)).min(1).max(100) }),
  output: z.strictObject({
    outcome: ok,
    changes: z
      .array(
        z.strictObject({
          change: z.enum([
            'as-is',
            'no-trailer',
            'tungsten',
            'lead',
            'thinner-line',
            'thicker-line',
            'salt-water',
            'fresh-water',
          ]),
          netWeightN: z.number(),
          outcome: z.enum(['sinks', 'suspends', 'floats']),
          table: z
            .array(
              z.strictObject({ depthM: z.number(), timeS: figure, speedMps: figure, driftM: figure, swingM: figure }),
            )
            .readonly(),
        }),
      )
      .readonly(),
  }),
  compute: ({ setup, depthsM }) => ({ outcome: 'ok' as const, changes: countdowns(setup, depthsM) }),
});

/** What is asked of a whole rig in the water, and of what takes it there. */
export const AFLOAT_MODELS = [
  lineCountModel,
  trippedModel,
  cableShockModel,
  bottomWeightModel,
  driftWeightModel,
  depthCardModel,
  weightTableModel,
  countdownModel,
] as const;
