import { z } from 'zod';
import { CURRENT_LIMITS } from '@/core/water';
import { helmIdSchema, spreadIdSchema } from '../ids';
import { READ_CHANNELS, isPossible, type ChannelName } from '../instruments/channels';
import { BARE_UNITS } from '../instruments/routes';
import { numberIn } from '../number';
import { broken } from '../problems';
import {
  CALIBRATED,
  FIGURES,
  HELM_LIMITS as L,
  LARGE,
  MOST_BESIDE,
  MOST_CALIBRATIONS,
  MOST_CONNECTIONS,
  MOST_ROUTES,
} from './helm-limits';

const text = (max: number) => z.string().trim().max(max);
/** A name or an address of the network, nothing that could be an option or a path. */
const host = z
  .string()
  .trim()
  .max(120)
  .regex(/^[A-Za-z0-9]([A-Za-z0-9.:-]*[A-Za-z0-9])?$/);
const channel = z.enum(READ_CHANNELS as [ChannelName, ...ChannelName[]]);

const connectionSchema = z.strictObject({
  id: z.string().min(1).max(40),
  name: text(60),
  /** `tcp`: connects to it; `udp`: listens for what is sent to that port */
  kind: z.enum(['tcp', 'udp']),
  host,
  port: z.number().int().min(L.port.min).max(L.port.max),
  /** whether a sentence without a checksum is refused */
  needsChecksum: z.boolean(),
  on: z.boolean(),
});

const routeSchema = z.strictObject({
  source: z
    .string()
    .trim()
    .max(60)
    .regex(/^[A-Z0-9]{3,8}\.\S(.*\S)?$/),
  channel,
  unit: z.enum(BARE_UNITS).optional(),
  plus: z.number().min(-1000).max(1000).optional(),
});

const windowSchema = z
  .strictObject({ from: z.number().min(-100).max(3000), to: z.number().min(-100).max(3000) })
  .superRefine(({ from, to }, context) => {
    if (to <= from) broken(context, ['to'], `more than from = ${from}`);
  });

const figureSchema = z
  .strictObject({
    channel: z.enum(FIGURES),
    wanted: windowSchema.nullable(),
    /** sound and show when it leaves what is wanted */
    alarm: z.boolean(),
  })
  .superRefine(({ channel: name, wanted }, context) => {
    for (const end of ['from', 'to'] as const)
      if (wanted && !isPossible(name, wanted[end])) broken(context, ['wanted', end], `what ${name} can be`);
  });

const calibrationSchema = z.strictObject({
  sensor: z.enum(CALIBRATED),
  /** through the water = scale · reading + offset */
  scale: numberIn(L.scale),
  offsetMps: numberIn(L.offsetMps),
  residualMps: numberIn(CURRENT_LIMITS.probeMps),
  runs: z.number().int().min(2).max(60),
  takenAt: z.iso.datetime(),
});

/** A boat's instruments and what its helm shows. */
export const helmSchema = z.strictObject({
  id: helmIdSchema,
  craftId: z.string().max(64).nullable(),
  /** the lines that are in the water */
  spreadId: spreadIdSchema.nullable(),
  connections: z.array(connectionSchema).max(MOST_CONNECTIONS),
  routes: z.array(routeSchema).max(MOST_ROUTES),
  figures: z.array(figureSchema).length(LARGE),
  beside: z.array(z.enum(FIGURES)).max(MOST_BESIDE),
  smoothingS: numberIn(L.smoothingS),
  staleS: numberIn(L.staleS),
  /** a reading that is lost is an alarm */
  lostAlarm: z.boolean(),
  /** the temperature that is a break: to cross it is an alarm; null: none */
  breakC: z.number().min(-5).max(40).nullable(),
  /** bottom so near to what hangs deepest is an alarm; null: none */
  clearM: numberIn(L.clearM).nullable(),
  sound: z.boolean(),
  /** the cable on which the probe hangs, from which its depth by speed follows; null: not known */
  probe: z
    .strictObject({
      cableM: numberIn(L.cableM),
      ballKg: numberIn(L.ballKg),
      cable: z.enum(['steel-cable', 'braid']),
      cableDiameterM: numberIn(L.cableDiameterM),
      water: z.strictObject({ temperatureC: z.number().min(0).max(35), salinity: z.number().min(0).max(42) }),
    })
    .nullable(),
  /** the newest of a sensor is in force */
  calibrations: z.array(calibrationSchema).max(MOST_CALIBRATIONS),
});

export type Helm = z.infer<typeof helmSchema>;
export type Connection = Helm['connections'][number];
export type HelmFigure = Helm['figures'][number];
export type Calibration = Helm['calibrations'][number];
