import { STATIONS } from '@/core/tackle';
import { z } from 'zod';
import { evaluate } from '@/core/judge';
import { ROD_FAMILY_NAMES } from '@/core/tackle/defaults/rod-classes';
import { setupFileSchema } from '../setup';
import { setupFileFrom1 } from '../upgrades';
import { chainOutput } from './chain';
import { castFitModel } from './cast-fit';
import { dragWindowInput, dragWindowModel } from './drag-window';
import { hooksetOutput } from './hookset';
import { model } from './model';
import { rodBendModel } from './rod-bend';
import { findingOutput } from './checks';
import { runningOutput } from './running';
import { sinkOutput } from './sink';
import { trimOutput } from './trim';

const nullable = z.number().nullable();
const limits = z.strictObject({ failsBelow: nullable, soundFrom: nullable, soundTo: nullable, failsAbove: nullable });

const verdict = z.strictObject({
  mark: z.enum(['sound', 'edge', 'fails', 'cant-tell']),
  value: nullable,
  unit: z.enum(['kg', 'm', 'm/s', '1', 'rad']),
  limits: limits.nullable(),
  reasons: z
    .array(
      z.strictObject({
        code: z.string(),
        facts: z.record(z.string(), z.union([z.number(), z.string(), z.null()])).readonly(),
      }),
    )
    .readonly(),
});

const carriedPull = z.strictObject({ pullN: z.number(), tipMovedM: z.number() });
const towFigures = z.strictObject({
  running: runningOutput,
  pullAngleRad: z.number(),
  clean: carriedPull,
  fouled: carriedPull,
  rodBend: rodBendModel.output,
  dropShare: z.number(),
  stance: z.enum(['worked', 'holder', 'plane', 'downrigger']),
  bottomRig: z
    .strictObject({
      angle: z.strictObject({ wantedRad: z.number(), isRad: z.number() }).nullable(),
      contact: z.strictObject({ wanted: z.number(), is: z.number() }).nullable(),
      right: z.strictObject({ massKg: nullable, lineOutM: nullable }).nullable(),
    })
    .nullable(),
});

export const setupModel = model({
  name: 'setup',
  input: setupFileSchema,
  asNow: setupFileFrom1,
  output: z.strictObject({
    outcome: z.literal('ok'),
    verdicts: z.strictObject({ throw: verdict, fall: verdict, set: verdict, hold: verdict, balance: verdict }),
    castMassKg: z.number(),
    figures: z.strictObject({
      water: z.strictObject({ densityKgPm3: z.number(), viscosityPaS: z.number() }),
      throw: z
        .strictObject({
          castFit: castFitModel.output,
          castWindow: z.strictObject({
            failsBelow: z.number(),
            soundFrom: z.number(),
            soundTo: z.number(),
            failsAbove: z.number(),
          }),
        })
        .optional(),
      fall: z.strictObject({ free: sinkOutput, tightLine: sinkOutput, meanMps: nullable }).optional(),
      tow: towFigures.optional(),
      set: z
        .strictObject({
          hookset: z.strictObject(hooksetOutput),
          rodBend: rodBendModel.output,
          mainLineM: z.number(),
          stretchM: z.number(),
          clutchNowN: nullable,
          holdsS: nullable,
        })
        .optional(),
      strike: z
        .strictObject({
          window: dragWindowModel.output,
          asked: dragWindowInput,
          scales: z
            .array(
              z.strictObject({
                fill: z.enum(['full', 'third']),
                rod: z.enum(['pointed', 'lifted']),
                settingN: z.tuple([z.number(), z.number()]).readonly(),
              }),
            )
            .readonly(),
          rodBend: rodBendModel.output,
          mainLineM: z.number(),
          leftM: z.number(),
        })
        .optional(),
      hold: z.strictObject({ chain: chainOutput, clutchMargin: nullable }),
      balance: z.strictObject({
        ends: z
          .array(
            z.strictObject({
              jointId: z.string(),
              bodyLengthM: nullable,
              trim: trimOutput,
              read: z.enum(['rest', 'pulled']),
              pitchRad: z.number(),
              hooks: z
                .array(
                  z.strictObject({
                    jointId: z.string(),
                    gapM: z.number(),
                    clearGapM: nullable,
                    askedGapM: z.number(),
                    station: nullable,
                    pointsInReach: z.number(),
                    hangsAt: z.enum(STATIONS).nullable(),
                    opensN: z.number(),
                  }),
                )
                .readonly(),
              pastHookM: nullable,
              spin: z.strictObject({ exposedM: z.number(), turnsPerM: z.number() }).nullable(),
            }),
          )
          .readonly(),
        pointsInReach: z.number(),
      }),
      hook: z.strictObject({ jointId: z.string(), neededN: z.number(), openingN: z.number() }),
      powerN: z.number(),
      rod: z.strictObject({
        from: z.enum(['measured', 'window', 'word-and-window', 'line-class', 'word']),
        family: z.enum(ROD_FAMILY_NAMES),
        familyBy: z.enum(['said', 'mount', 'length', 'window', 'line', 'nothing']),
        holdsN: z.number(),
      }),
    }),
    checks: z.array(findingOutput).readonly(),
  }),
  compute: (setup) => evaluate(setup),
});
