import { z } from 'zod';
import { TRIAL_PLAN_LIMITS as P, TRIAL_SIZE_LIMITS as S } from '@/core/afloat';
import { SCHOOLS, type SchoolId } from '@/core/tackle/defaults/schools';
import { setupIdSchema, trialIdSchema } from '../ids';
import type { HELD_BY } from '../log/event-choices';
import { numberIn } from '../number';
import { broken } from '../problems';

const text = (max: number) => z.string().trim().max(max);
const second = z.number().min(0).max(1e11);

/** What a version may be told by besides its gear, as instruments read it. */
export const MEASURED = ['speed', 'ground-speed', 'depth', 'lead'] as const;
export const MEASURED_LIMITS = {
  speed: { min: 0, max: 6 },
  'ground-speed': { min: 0, max: 6 },
  depth: { min: 0, max: 200 },
  lead: { min: 0, max: 500 },
} as const satisfies Record<(typeof MEASURED)[number], { readonly min: number; readonly max: number }>;
export const HOOKS = ['front', 'middle', 'tail'] as const satisfies readonly (typeof HELD_BY)[number][];
/** Either version may be told by so many touches by hand. */
const MOST_TOUCHES = 5000;
/** Hours, or casts, of a count by hand. */
export const EXPOSURE_LIMITS = { min: 0, max: 100_000 } as const;
export const LINES_LIMITS = { min: 1, max: 40 } as const;

const pickSchema = z.discriminatedUnion('by', [
  z.strictObject({
    by: z.literal('gear'),
    setupId: setupIdSchema,
    /** which revision; absent: any of them */
    revision: z.number().int().min(1).max(10_000).optional(),
    /** what the log says was put on in place of the setup's own, empty for its own; absent: whatever it was */
    lure: text(80).optional(),
    colour: text(80).optional(),
    leader: text(80).optional(),
  }),
  z
    .strictObject({ by: z.literal('measure'), what: z.enum(MEASURED), from: z.number(), to: z.number() })
    .superRefine(({ what, from, to }, context) => {
      const { min, max } = MEASURED_LIMITS[what];
      if (from < min || from > max) broken(context, ['from'], `from ${min} to ${max}`);
      if (to <= from || to > max) broken(context, ['to'], `more than from = ${from}, at most ${max}`);
    }),
  /** held within 0.06 m/s over a minute, or not */
  z.strictObject({ by: z.literal('pace'), is: z.enum(['steady', 'broken']) }),
  /** which of its hooks held the fish */
  z.strictObject({ by: z.literal('hook'), hook: z.enum(HOOKS), setupId: setupIdSchema.optional() }),
  /** only what is touched by hand */
  z.strictObject({ by: z.literal('hand') }),
]);

const versionSchema = z.strictObject({ name: text(80).min(1), pick: pickSchema });

/** What is counted: strikes an hour, or an outcome; the last two are shares, of strikes and of hooked fish. */
export const COUNTED = ['strikes', 'hooked', 'landed', 'hooked-of-strikes', 'landed-of-hooked'] as const;
export const isShare = (counted: (typeof COUNTED)[number]): boolean =>
  counted.endsWith('-of-strikes') || counted.endsWith('-of-hooked');

const planSchema = z.strictObject({
  /** its lines with what else may make the difference */
  lines: z
    .array(z.strictObject({ line: text(40).min(1), levels: z.record(text(40), text(120)) }))
    .min(P.lines.min)
    .max(P.lines.max),
  spells: z
    .array(
      z.strictObject({
        fromS: second,
        toS: second,
        lines: z.array(z.strictObject({ line: text(40), version: z.enum(['a', 'b']) })).max(P.lines.max),
      }),
    )
    .min(2)
    .max(16),
});

const touchSchema = z.strictObject({
  id: z.uuid(),
  atS: second,
  version: z.enum(['a', 'b']),
  /** how many lines, or rods, fished each version then */
  aLines: numberIn(LINES_LIMITS),
  bLines: numberIn(LINES_LIMITS),
  /** whether it came to what is counted; of shares alone */
  hit: z.boolean().optional(),
});

/** A comparison of two versions of one thing. */
export const trialSchema = z
  .strictObject({
    id: trialIdSchema,
    name: text(120),
    a: versionSchema,
    b: versionSchema,
    counted: z.enum(COUNTED),
    /** what rates are counted by */
    exposure: z.enum(['hours', 'casts']),
    /** together: both fish at once; in turn: now one, now the other */
    way: z.enum(['together', 'in-turn']),
    /** only what was logged from then on [s since 1970] */
    startedS: second,
    /** what it should be able to find: a rate so many times the other, or two shares */
    wanted: z.strictObject({
      ratio: numberIn(S.ratio),
      a: numberIn(S.share),
      b: numberIn(S.share),
    }),
    plan: planSchema.nullable(),
    touches: z.array(touchSchema).max(MOST_TOUCHES),
    /** hours or casts of what was counted by hand */
    byHand: z.strictObject({ a: numberIn(EXPOSURE_LIMITS), b: numberIn(EXPOSURE_LIMITS) }),
    note: text(1000),
    closed: z
      .strictObject({
        atS: second,
        as: z.enum(['settled', 'undecided', 'dropped']),
        better: z.enum(['a', 'b']).nullable(),
        reason: text(500),
        /** what the house holds to from now on, in the user's words; empty: nothing */
        rule: text(300),
        /** the house rule of two schools that it settled, and how */
        school: z
          .strictObject({ school: z.enum(Object.keys(SCHOOLS) as [SchoolId, ...SchoolId[]]), side: text(40) })
          .superRefine(({ school, side }, context) => {
            const { sides }: { readonly sides: readonly string[] } = SCHOOLS[school];
            if (!sides.includes(side)) broken(context, ['side'], `one of ${sides.join(', ')}`);
          })
          .nullable(),
      })
      .superRefine(({ as, better, rule, school }, context) => {
        if ((as === 'settled') !== (better !== null))
          broken(context, ['better'], 'a or b where it is settled, null otherwise');
        if (as !== 'settled' && (rule !== '' || school))
          broken(context, [school ? 'school' : 'rule'], 'nothing, since only a settled trial makes a rule');
      })
      .nullable(),
  })
  .superRefine(({ a, b, counted, plan }, context) => {
    if (a.pick.by !== b.pick.by) broken(context, ['b', 'pick'], `told by ${a.pick.by}, as version A`);
    else if (JSON.stringify(a.pick) === JSON.stringify(b.pick) && a.pick.by !== 'hand')
      broken(context, ['b', 'pick'], 'another than that of version A');
    if (a.pick.by === 'measure' && b.pick.by === 'measure') {
      if (a.pick.what !== b.pick.what) broken(context, ['b', 'pick', 'what'], a.pick.what);
      else if (a.pick.from < b.pick.to && b.pick.from < a.pick.to)
        broken(context, ['b', 'pick', 'from'], `outside ${a.pick.from} to ${a.pick.to}, which is version A`);
    }
    if (a.pick.by === 'hook' && isShare(counted)) broken(context, ['counted'], 'strikes, hooked or landed');
    const at = plan?.spells.findIndex(({ fromS, toS }) => toS <= fromS) ?? -1;
    if (at >= 0) broken(context, ['plan', 'spells', at, 'toS'], 'more than fromS');
  });

export type TrialDocument = z.infer<typeof trialSchema>;
export type VersionPick = z.infer<typeof pickSchema>;
export type TrialVersion = TrialDocument['a'];
export type TrialTouch = TrialDocument['touches'][number];
export type TrialPlanned = NonNullable<TrialDocument['plan']>;
export type Side = 'a' | 'b';

/** What a settled trial made a rule, with the link to it. */
export type TrialRule = Pick<TrialDocument, 'id' | 'name'> &
  Pick<NonNullable<TrialDocument['closed']>, 'atS' | 'rule' | 'school'>;
