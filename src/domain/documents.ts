import { z } from 'zod';
import { deckSchema } from './deck';
import { helmSchema } from './helm/helm';
import { helmEventSchema } from './helm/helm-event';
import { leaderSchema } from './leader';
import { partSchema } from './parts';
import { planSchema, waterPlaceSchema } from './plan/plan';
import { presentationSchema } from './presentation';
import { parse, type Result } from './problems';
import { tripEventSchema } from './log/trip-event';
import { rawReadingSchema } from './guides';
import { chainSchema } from './setup';
import { spreadSchema } from './spread/spread';
import { trialSchema } from './trials/trial-document';
import { chainFrom1, partFrom1, presentationFrom1 } from './upgrades';

/** A kind of stored document: its number, the shape of that number, and the step from each earlier number to the next. */
export interface DocumentKind<T> {
  readonly version: number;
  readonly schema: z.ZodType<T>;
  /** from version n to n + 1, by n; pure */
  readonly upgrades: Readonly<Record<number, (data: unknown) => unknown>>;
}

const kind = <T>(schema: z.ZodType<T>, ...upgrades: readonly ((data: unknown) => unknown)[]): DocumentKind<T> => ({
  version: upgrades.length + 1,
  schema,
  upgrades: Object.fromEntries(upgrades.map((step, i) => [i + 1, step])),
});

/** Fields of a part by path, as they stood. */
const fieldsSchema = z.record(z.string().max(80), z.unknown());

export const DOCUMENTS = {
  part: kind(partSchema, partFrom1),
  chain: kind(chainSchema, chainFrom1),
  presentation: kind(presentationSchema, presentationFrom1),
  /** entries by key, of a house document, a craft or an angler; each is parsed by itself, see `readEntries` */
  house: kind(z.record(z.string(), z.unknown())),
  deck: kind(deckSchema),
  leader: kind(leaderSchema),
  plan: kind(planSchema),
  water: kind(waterPlaceSchema),
  spread: kind(spreadSchema),
  trial: kind(trialSchema),
  helm: kind(helmSchema),
  helmEvent: kind(helmEventSchema),
  tripEvent: kind(tripEventSchema),
  fields: kind(fieldsSchema),
  raw: kind(rawReadingSchema),
} as const;

export interface Envelope {
  readonly version: number;
  readonly data: unknown;
}

export const sealed = <T>({ version }: DocumentKind<T>, data: T): Envelope => ({ version, data });

const envelopeSchema = z.strictObject({ version: z.number().int().min(1), data: z.unknown() });

/** What a column holds, brought to today's shape; what is wrong with it where it is none. Never throws. */
export function opened<T>({ version, schema, upgrades }: DocumentKind<T>, stored: unknown): Result<T> {
  const envelope = parse(envelopeSchema, stored);
  if (!envelope.ok) return envelope;
  if (envelope.data.version > version)
    return {
      ok: false,
      problems: [
        { path: 'version', given: envelope.data.version, allowed: { kind: 'at-most', bound: version, of: 'number' } },
      ],
    };
  let data = envelope.data.data;
  for (let n = envelope.data.version; n < version; n++) data = upgrades[n]!(data);
  return parse(schema, data);
}
