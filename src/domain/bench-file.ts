import { z } from 'zod';
import { anglerSchema } from './angler';
import { deckSchema } from './deck';
import { GUIDES } from './guides';
import { emptyHouseDocument, houseDocumentSchema } from './house';
import { benchIdSchema, partIdSchema, revisionIdSchema, setupIdSchema } from './ids';
import { leaderSchema } from './leader';
import { partSchema } from './parts';
import { presentationSchema } from './presentation';
import { broken } from './problems';
import { chainSchema } from './setup';

const when = z.iso.datetime({ precision: 3 });
const name = z.string().trim().min(1).max(120);
const fields = z.record(z.string().max(80), z.unknown());

/** A whole bench as a file: every part, what was measured of it, how its stock moved, every setup with every revision. */
export const benchFileSchema = z
  .strictObject({
    version: z.literal(1),
    kind: z.literal('bench'),
    id: benchIdSchema,
    name,
    angler: anglerSchema,
    house: houseDocumentSchema.default(emptyHouseDocument),
    parts: z.array(z.strictObject({ part: partSchema, updatedAt: when, archivedAt: when.nullable() })).max(50_000),
    readings: z
      .array(
        z.strictObject({
          id: z.string().min(1).max(64),
          partId: partIdSchema,
          guide: z.enum(GUIDES),
          before: fields,
          after: fields,
          takenAt: when,
        }),
      )
      .max(100_000),
    movements: z
      .array(
        z.strictObject({
          id: z.string().min(1).max(64),
          partId: partIdSchema,
          amount: z.number(),
          reason: z.string().min(1).max(200),
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
          revisions: z
            .array(
              z.strictObject({
                id: revisionIdSchema,
                number: z.number().int().min(1),
                reason: z.string().trim().min(1).max(400),
                savedAt: when,
                chain: chainSchema,
                presentation: presentationSchema,
                partsThen: z.array(partSchema).max(40),
              }),
            )
            .min(1),
        }),
      )
      .max(5000),
    decks: z
      .array(z.strictObject({ deck: deckSchema, createdAt: when }))
      .max(500)
      .default([]),
    leaders: z.array(leaderSchema).max(50_000).default([]),
  })
  .superRefine(({ parts, readings, movements, setups }, context) => {
    const ids = new Set<string>();
    parts.forEach(({ part }, i) => {
      if (ids.has(part.id)) broken(context, ['parts', i, 'part', 'id'], 'an id that no other part has');
      ids.add(part.id);
    });
    const known = (path: readonly (string | number)[], partId: string) => {
      if (!ids.has(partId)) broken(context, path, 'the id of one of the parts');
    };
    readings.forEach(({ partId }, i) => known(['readings', i, 'partId'], partId));
    movements.forEach(({ partId }, i) => known(['movements', i, 'partId'], partId));
    setups.forEach(({ revisions }, i) =>
      revisions.forEach(({ number, chain }, j) => {
        if (number !== j + 1) broken(context, ['setups', i, 'revisions', j, 'number'], `${j + 1}, in order`);
        chain.forEach(({ partId }, k) => known(['setups', i, 'revisions', j, 'chain', k, 'partId'], partId));
      }),
    );
  });

export type BenchFile = z.infer<typeof benchFileSchema>;
