import { z } from 'zod';
import {
  finish,
  RANGES_LIMITS as R,
  ranges,
  REMEDY_LIMITS,
  remedies,
  setupRanges,
  sweep,
  SWEEP_LIMITS as S,
  valueAt,
} from '@/core/decide';
import { InputRangeError } from '@/core/base/guard';
import { SOBOL_MOST_DIMENSIONS } from '@/core/base/numeric';
import { numberIn } from '../number';
import { partSchema } from '../parts';
import { broken } from '../problems';
import { changesFor } from '../remedy/changes';
import { setupFileSchema } from '../setup';
import { toldApart } from '../told-apart';
import { model, type Model } from './model';

const path = z.string().min(1).max(200);
const whole = (limits: { readonly min: number; readonly max: number }) =>
  z.number().int().min(limits.min).max(limits.max);
const leaf = z.union([z.number(), z.string(), z.boolean(), z.null()]);
const draws = { seed: whole(R.seed).optional(), draws: whole(R.draws).optional() };
const axis = z.strictObject({ path, from: z.number(), to: z.number(), steps: whole(S.steps) });
const axes = { vary: z.array(axis).min(S.axes.min).max(S.axes.max), of: z.array(path).min(1).max(40) };

const rangesOutput = z.strictObject({
  outcome: z.literal('ok'),
  seed: z.number(),
  draws: z.number(),
  refused: z.number(),
  figures: z
    .array(
      z.strictObject({
        path: z.string(),
        central: z.number().nullable(),
        p5: z.number(),
        p50: z.number(),
        p95: z.number(),
        given: z.number(),
        from: z.array(z.strictObject({ path: z.string(), share: z.number() })).readonly(),
      }),
    )
    .readonly(),
  words: z
    .array(
      z.strictObject({
        path: z.string(),
        word: z.string().nullable(),
        sure: z.number(),
        from: z.array(z.strictObject({ path: z.string(), share: z.number() })).readonly(),
      }),
    )
    .readonly(),
});

const sweepOutput = z.strictObject({
  outcome: z.literal('ok'),
  axes: z.array(z.strictObject({ path: z.string(), values: z.array(z.number()).readonly() })).readonly(),
  results: z.array(z.strictObject({ path: z.string(), values: z.array(leaf).readonly() })).readonly(),
});

const word = z.string();
const remedyOutput = z.strictObject({
  outcome: z.enum(['ok', 'nothing-to-mend', 'none']),
  tried: z.number(),
  remedies: z
    .array(
      z.strictObject({
        changes: z
          .array(
            z.discriminatedUnion('kind', [
              z.strictObject({
                kind: z.literal('part'),
                jointIds: z.array(word).readonly(),
                part: z.looseObject({ id: word, kind: word }),
                from: z.enum(['box', 'class']),
              }),
              z.strictObject({
                kind: z.literal('joint'),
                jointId: word,
                field: word,
                value: z.union([z.number(), z.string()]),
                technique: word,
              }),
              z.strictObject({
                kind: z.literal('present'),
                path: word,
                value: z.union([z.number(), z.string()]),
                technique: word,
              }),
            ]),
          )
          .readonly(),
        shifts: z
          .array(
            z.strictObject({
              verdict: word,
              was: word,
              is: word,
              wasValue: z.number().nullable(),
              isValue: z.number().nullable(),
              roomGained: z.number().nullable(),
            }),
          )
          .readonly(),
        spoils: z.array(word).readonly(),
        gain: z.number(),
        makesSound: z.boolean(),
      }),
    )
    .readonly(),
});

/** The models that ask other models again and again: they know the others by name. */
export function choosingModels(others: readonly Model[]): readonly Model[] {
  const byName = new Map(others.map((each) => [each.name, each]));
  const named = {
    model: z.enum(others.map(({ name }) => name) as [string, ...string[]]),
    input: z.record(z.string(), z.unknown()),
  };

  /** What the named model refuses of its input is said at that input's own fields. */
  const refuse = (given: { readonly model: string; readonly input: unknown }, context: z.RefinementCtx): boolean => {
    const parsed = byName.get(given.model)!.input.safeParse(given.input);
    if (!parsed.success)
      for (const issue of parsed.error.issues)
        context.addIssue({ ...issue, path: ['input', ...issue.path] } as z.core.$ZodRawIssue as Parameters<
          typeof context.addIssue
        >[0]);
    return !parsed.success;
  };
  const prepare = async () => {
    for (const each of others) await each.prepare?.();
  };
  const computeOf = (name: string) => (input: unknown) => {
    const result = byName.get(name)!.run(input);
    if (result.ok) return result.data;
    throw new InputRangeError(`input.${result.problems[0]!.path}`, NaN, -Infinity, Infinity);
  };
  const isNumberAt = (data: unknown, at: string) => typeof valueAt(data, at) === 'number';

  const rangesOfModel = z
    .strictObject({ ...named, spreads: z.record(path, numberIn(R.relativeSd)), ...draws })
    .superRefine((given, context) => {
      if (refuse(given, context)) return;
      if (Object.keys(given.spreads).length > SOBOL_MOST_DIMENSIONS)
        broken(context, ['spreads'], `at most ${SOBOL_MOST_DIMENSIONS} paths`);
      for (const at of Object.keys(given.spreads))
        if (!isNumberAt(given.input, at)) broken(context, ['spreads', at], 'the path of a number in input');
    });
  const rangesOfSetup = z.strictObject({ setup: setupFileSchema, ...draws });

  const sweepOfModel = z.strictObject({ ...named, ...axes }).superRefine((given, context) => {
    if (!refuse(given, context))
      given.vary.forEach(
        ({ path: at }, k) =>
          isNumberAt(given.input, at) || broken(context, ['vary', k, 'path'], 'the path of a number in input'),
      );
    tooMany(given.vary, context);
  });
  const sweepOfSetup = z.strictObject({ setup: setupFileSchema, ...axes }).superRefine((given, context) => {
    given.vary.forEach(
      ({ path: at }, k) =>
        isNumberAt(given.setup, at) || broken(context, ['vary', k, 'path'], 'the path of a number in setup'),
    );
    tooMany(given.vary, context);
  });

  return [
    model({
      name: 'ranges',
      input: toldApart([rangesOfSetup, rangesOfModel], (input) => ('setup' in input ? rangesOfSetup : rangesOfModel)),
      output: rangesOutput,
      prepare,
      compute: (given) =>
        'setup' in given
          ? finish(setupRanges(given.setup, { draws: given.draws, seed: given.seed }))
          : finish(
              ranges({
                base: given.input as unknown,
                uncertain: Object.entries(given.spreads).map(([at, relativeSd]) => ({ path: at, relativeSd })),
                compute: computeOf(given.model),
                draws: given.draws,
                seed: given.seed,
              }),
            ),
    }),
    model({
      name: 'sweep',
      input: toldApart([sweepOfSetup, sweepOfModel], (input) => ('setup' in input ? sweepOfSetup : sweepOfModel)),
      output: sweepOutput,
      prepare,
      compute: (given) =>
        finish(
          sweep({
            base: ('setup' in given ? given.setup : given.input) as unknown,
            axes: given.vary,
            of: given.of,
            compute: computeOf('setup' in given ? 'setup' : given.model),
          }),
        ),
    }),
    model({
      name: 'remedy',
      input: z.strictObject({
        setup: setupFileSchema,
        box: z.array(partSchema).max(5000).default([]),
        most: whole(REMEDY_LIMITS.most).optional(),
      }),
      output: remedyOutput,
      compute: ({ setup, box, most }) =>
        finish(remedies({ setup, ...changesFor(setup, box), most })) as z.infer<typeof remedyOutput>,
    }),
  ];
}

function tooMany(vary: readonly { readonly steps: number }[], context: z.RefinementCtx): void {
  const cells = vary.reduce((product, { steps }) => product * steps, 1);
  if (cells > S.cells.max)
    broken(context, ['vary', vary.length - 1, 'steps'], `at most ${S.cells.max} cells together, not ${cells}`);
}
