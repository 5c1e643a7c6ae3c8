import { z } from 'zod';
import { anglerSchema } from './angler';
import { deckSchema } from './deck';
import { GUIDES, rawReadingSchema } from './guides';
import { emptyHouseDocument, houseDocumentSchema } from './house';
import {
  ADDRESS_RULE,
  anglerIdSchema,
  benchIdSchema,
  idKey,
  makesAddress,
  partIdSchema,
  revisionIdSchema,
  setupIdSchema,
  tripIdSchema,
} from './ids';
import { helmSchema } from './helm/helm';
import { tripEventSchema } from './log/trip-event';
import { leaderSchema } from './leader';
import { partSchema } from './parts';
import { planSchema, waterPlaceSchema } from './plan/plan';
import { presentationSchema } from './presentation';
import { broken } from './problems';
import { chainSchema } from './setup';
import { spreadSchema } from './spread/spread';
import { trialSchema } from './trials/trial-document';

export const BENCH_FILE_VERSION = 2;

const when = z.iso.datetime({ precision: 3 });
const name = z.string().trim().min(1).max(120);
const fields = z.record(z.string().max(80), z.unknown());
const rowId = z.string().min(1).max(64);
const authorId = anglerIdSchema.nullable();

const revisionSchema = z.strictObject({
  id: revisionIdSchema,
  number: z.number().int().min(1),
  reason: z.string().trim().min(1).max(400),
  savedAt: when,
  authorId,
  chain: chainSchema,
  presentation: presentationSchema,
  partsThen: z.array(partSchema).max(40),
});

/** A whole bench as a file: every part, what was measured of it, how its stock moved, every setup with every revision. */
export const benchFileSchema = z
  .strictObject({
    version: z.literal(BENCH_FILE_VERSION),
    kind: z.literal('bench'),
    id: benchIdSchema,
    name,
    anglers: z
      .array(
        z.strictObject({ id: anglerIdSchema, name: z.string().max(60), usual: z.boolean(), figures: anglerSchema }),
      )
      .max(100)
      .default([]),
    house: houseDocumentSchema.default(emptyHouseDocument),
    parts: z.array(z.strictObject({ part: partSchema, updatedAt: when, archivedAt: when.nullable() })).max(50_000),
    readings: z
      .array(
        z.strictObject({
          id: rowId,
          partId: partIdSchema,
          guide: z.enum(GUIDES),
          raw: rawReadingSchema.nullable().default(null),
          before: fields,
          after: fields,
          authorId: authorId.default(null),
          takenAt: when,
        }),
      )
      .max(100_000),
    movements: z
      .array(
        z.strictObject({
          id: rowId,
          partId: partIdSchema,
          amount: z.number().refine((amount) => amount !== 0, 'an amount other than 0'),
          reason: z.string().min(1).max(200),
          authorId: authorId.default(null),
          at: when,
        }),
      )
      .max(100_000),
    setups: z
      .array(
        z.strictObject({
          id: setupIdSchema,
          name,
          createdAt: when,
          archivedAt: when.nullable(),
          revisions: z.array(revisionSchema.extend({ authorId: authorId.default(null) })).min(1),
        }),
      )
      .max(5000),
    decks: z
      .array(z.strictObject({ deck: deckSchema, createdAt: when }))
      .max(500)
      .default([]),
    plans: z
      .array(z.strictObject({ plan: planSchema, createdAt: when }))
      .max(5000)
      .default([]),
    waters: z
      .array(z.strictObject({ water: waterPlaceSchema, createdAt: when }))
      .max(500)
      .default([]),
    spreads: z
      .array(z.strictObject({ spread: spreadSchema, createdAt: when }))
      .max(500)
      .default([]),
    trials: z
      .array(z.strictObject({ trial: trialSchema, createdAt: when }))
      .max(5000)
      .default([]),
    helms: z
      .array(z.strictObject({ helm: helmSchema, createdAt: when }))
      .max(50)
      .default([]),
    trips: z
      .array(z.strictObject({ id: tripIdSchema, events: z.array(tripEventSchema).max(50_000) }))
      .max(5000)
      .default([]),
    leaders: z.array(leaderSchema).max(50_000).default([]),
    /** rows that Ferula itself could not read when the file was written, as they stood; nothing is made of them */
    unreadable: z
      .array(z.strictObject({ record: z.string().max(40), id: z.string().max(64), stored: z.unknown() }))
      .max(50_000)
      .default([]),
  })
  .superRefine((file, context) => {
    const { anglers, parts, readings, movements, setups, decks, plans, waters, spreads, trials, helms, leaders } = file;
    checkIds(
      context,
      'parts',
      parts.map(({ part }) => part.id),
      ['part', 'id'],
    );
    checkIds(
      context,
      'setups',
      setups.map(({ id }) => id),
      ['id'],
    );
    checkIds(
      context,
      'decks',
      decks.map(({ deck }) => deck.id),
      ['deck', 'id'],
    );
    checkIds(
      context,
      'plans',
      plans.map(({ plan }) => plan.id),
      ['plan', 'id'],
    );
    checkIds(
      context,
      'waters',
      waters.map(({ water }) => water.id),
      ['water', 'id'],
    );
    checkIds(
      context,
      'spreads',
      spreads.map(({ spread }) => spread.id),
      ['spread', 'id'],
    );
    checkIds(
      context,
      'trials',
      trials.map(({ trial }) => trial.id),
      ['trial', 'id'],
    );
    checkIds(
      context,
      'helms',
      helms.map(({ helm }) => helm.id),
      ['helm', 'id'],
    );
    checkIds(
      context,
      'leaders',
      leaders.map(({ id }) => id),
      ['id'],
    );
    checkIds(
      context,
      'anglers',
      anglers.map(({ id }) => id),
      ['id'],
    );
    checkTwice(
      context,
      readings.map(({ id }) => id),
      (i) => ['readings', i, 'id'],
    );
    checkTwice(
      context,
      movements.map(({ id }) => id),
      (i) => ['movements', i, 'id'],
    );
    const revisions = setups.flatMap(({ revisions: own }, i) =>
      own.map(({ id }, j) => ({ id, path: ['setups', i, 'revisions', j, 'id'] })),
    );
    checkTwice(
      context,
      revisions.map(({ id }) => id),
      (i) => revisions[i]!.path,
    );
    if (anglers.filter(({ usual }) => usual).length > 1) broken(context, ['anglers'], 'one usual angler at most');

    const partIds = new Set<string>(parts.map(({ part }) => part.id));
    const known = (path: readonly (string | number)[], id: string) => {
      if (!partIds.has(id)) broken(context, path, 'the id of one of the parts');
    };
    const anglerIds = new Set<string>(anglers.map(({ id }) => id));
    const knownAuthor = (path: readonly (string | number)[], id: string | null) => {
      if (id !== null && !anglerIds.has(id))
        broken(context, [...path, 'authorId'], 'the id of one of the anglers, or null');
    };
    readings.forEach(({ partId, authorId: by }, i) => {
      known(['readings', i, 'partId'], partId);
      knownAuthor(['readings', i], by);
    });
    movements.forEach(({ partId, authorId: by }, i) => {
      known(['movements', i, 'partId'], partId);
      knownAuthor(['movements', i], by);
    });
    setups.forEach(({ revisions: own }, i) =>
      own.forEach(({ number, chain, partsThen, authorId: by }, j) => {
        const at = ['setups', i, 'revisions', j];
        if (number !== j + 1) broken(context, [...at, 'number'], `${j + 1}, in order`);
        knownAuthor(at, by);
        const then = new Set<string>();
        partsThen.forEach(({ id }, k) => {
          if (then.has(id)) broken(context, [...at, 'partsThen', k, 'id'], 'an id that no other part has');
          then.add(id);
          known([...at, 'partsThen', k, 'id'], id);
        });
        chain.forEach(({ partId }, k) => {
          known([...at, 'chain', k, 'partId'], partId);
          if (!then.has(partId))
            broken(context, [...at, 'chain', k, 'partId'], "the id of one of the revision's partsThen");
        });
      }),
    );
  });

export type BenchFile = z.infer<typeof benchFileSchema>;

type Path = readonly (string | number)[];

/** Every id makes an address, and no two are one to a person. */
function checkIds(context: z.RefinementCtx, list: string, ids: readonly string[], field: readonly string[]): void {
  ids.forEach((id, i) => {
    if (!makesAddress(id)) broken(context, [list, i, ...field], ADDRESS_RULE);
  });
  checkTwice(context, ids, (i) => [list, i, ...field]);
}

function checkTwice(context: z.RefinementCtx, ids: readonly string[], path: (at: number) => Path): void {
  const seen = new Map<string, number>();
  ids.forEach((id, i) => {
    const before = seen.get(idKey(id));
    if (before === undefined) seen.set(idKey(id), i);
    else broken(context, path(i), `an id that no other has: entry ${before + 1} is ${JSON.stringify(ids[before])}`);
  });
}
