import { z } from 'zod';
import { READ_CHANNELS, type ChannelName } from '../instruments/channels';

const eventId = z.uuid();
const second = z.number().min(0).max(1e11);
const place = z.strictObject({ latDeg: z.number().min(-90).max(90), lonDeg: z.number().min(-180).max(180) }).nullable();
const channelValue = z.strictObject({ mean: z.number(), sd: z.number().min(0) }).nullable();
const watch = z.strictObject({
  n: z.number().int().min(2),
  boatMps: channelValue,
  sensorMps: channelValue,
  sensorC: channelValue,
  sensorDepthM: channelValue,
  courseRad: z.number().nullable(),
  expectedDepthM: z.number().nullable(),
});
const reading = z.strictObject({
  channel: z.enum(READ_CHANNELS as [ChannelName, ...ChannelName[]]),
  value: z.number(),
});
const run = z.strictObject({
  fromS: second,
  toS: second,
  sogMps: z.number().min(0).max(30),
  cogRad: z.number().min(0).max(7),
  headingRad: z.number().min(0).max(7),
  waterMps: z.number().min(0).max(30).nullable(),
  probeMps: z.number().min(0).max(30).nullable(),
  probeM: z.number().min(0).max(2000).nullable(),
});

/** What was told, typed or answered at the helm; kept for ever, never changed. */
export const helmEventSchema = z.discriminatedUnion('kind', [
  /** the probe's figures jumped, and why */
  z.strictObject({
    kind: z.literal('moved'),
    id: eventId,
    atS: second,
    outcome: z.enum(['course', 'sensor', 'boat', 'water', 'cant-tell']),
    before: watch,
    after: watch,
    unexplainedMps: z.number().nullable(),
    place,
  }),
  /** "Did someone move the probe?" */
  z.strictObject({ kind: z.literal('answer'), id: eventId, atS: second, of: eventId, moved: z.boolean() }),
  /** readings that were typed; a depth of the probe is one of them, its new depth when it was moved */
  z.strictObject({ kind: z.literal('typed'), id: eventId, atS: second, readings: z.array(reading).min(1).max(12) }),
  z.strictObject({
    kind: z.literal('drop'),
    id: eventId,
    atS: second,
    fromS: second,
    layers: z
      .array(
        z.strictObject({
          depthM: z.number().min(0).max(2000),
          temperatureC: z.number().nullable(),
          speedMps: z.number().nullable(),
        }),
      )
      .max(200),
    breakM: z.number().nullable(),
    breakKPm: z.number().nullable(),
    place,
  }),
  /** a straight run at a steady speed, for the current and the scales */
  z.strictObject({ kind: z.literal('run'), id: eventId, atS: second, ...run.shape }),
  /** the alarms that sounded were silenced */
  z.strictObject({
    kind: z.literal('silenced'),
    id: eventId,
    atS: second,
    keys: z.array(z.string().max(60)).min(1).max(20),
  }),
]);

export type HelmEvent = z.infer<typeof helmEventSchema>;
export type HelmEventOf<K extends HelmEvent['kind']> = Extract<HelmEvent, { readonly kind: K }>;
