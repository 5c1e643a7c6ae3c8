import { firstFrom, meanOf, type Tracks } from '../helm/tracks';
import type { ChannelName } from '../instruments/channels';
import { turnBetween } from '../instruments/direction';
import type { Then } from './trip-event';

/** What was read in these seconds before an instant is taken for it [s]. */
const LOOK_S = 8;
/** Where nothing came in them: a reading is believed for so long; one that was typed for half an hour [s]. */
const HOLD_S = 60;
const TYPED_HOLD_S = 1800;
/** The last minute's change of speed is that against these seconds before [s]. */
const MINUTE_S = 60;
/** A turn is the change of heading over these seconds [s]. */
const TURN_S = 20;

const TAKEN = [
  'latDeg',
  'lonDeg',
  'headingRad',
  'cogRad',
  'sogMps',
  'waterMps',
  'probeMps',
  'probeC',
  'probeM',
  'surfaceC',
  'bottomM',
] as const satisfies readonly ChannelName[];

/** What people type, since many instruments send nothing. */
const TYPED: ReadonlySet<ChannelName> = new Set(['probeMps', 'probeC', 'probeM', 'surfaceC', 'bottomM', 'sogMps']);

type Series = Pick<Tracks, 'of'>;

/** What was true at an instant, from readings of a second each; `lureM` is for whoever knows the line. Null where nothing was read. */
export function thenAt(tracks: Series, atS: number): Omit<Then, 'lureM'> | null {
  const read = Object.fromEntries(TAKEN.map((channel) => [channel, valueAt(tracks, channel, atS)])) as Record<
    (typeof TAKEN)[number],
    number | null
  >;
  if (Object.values(read).every((value) => value === null)) return null;
  const boat: ChannelName = read.waterMps === null ? 'sogMps' : 'waterMps';
  const [now, before] = [meanAround(tracks, boat, atS), meanAround(tracks, boat, atS - MINUTE_S)];
  const course: ChannelName = read.headingRad === null ? 'cogRad' : 'headingRad';
  const [to, from] = [meanAround(tracks, course, atS), meanAround(tracks, course, atS - TURN_S)];
  return {
    ...read,
    fasterMps: now === null || before === null ? null : now - before,
    turnRadPerS: to === null || from === null ? null : turnBetween(from, to) / TURN_S,
  };
}

function valueAt(tracks: Series, channel: ChannelName, atS: number): number | null {
  const mean = meanAround(tracks, channel, atS);
  if (mean !== null) return mean;
  const { tS, values } = tracks.of(channel);
  const at = firstFrom(tS, atS + 1e-6) - 1;
  return at >= 0 && atS - tS[at]! <= (TYPED.has(channel) ? TYPED_HOLD_S : HOLD_S) ? values[at]! : null;
}

function meanAround(tracks: Series, channel: ChannelName, atS: number): number | null {
  const { tS, values } = tracks.of(channel);
  return meanOf(channel, values.slice(firstFrom(tS, atS - LOOK_S), firstFrom(tS, atS + 1e-6)));
}

/** A boat that turns slower than this goes straight: a circle of some 100 m at trolling speed [rad/s]. */
const TURNING_RAD_PER_S = 0.01;

export type TurnPlace = 'inside' | 'straight' | 'outside';

/** Where a line was in the boat's turn; on the middle line it is neither. */
export function turnPlace(turnRadPerS: number, xM: number): TurnPlace {
  if (Math.abs(turnRadPerS) < TURNING_RAD_PER_S || Math.abs(xM) < 0.05) return 'straight';
  return Math.sign(turnRadPerS) === Math.sign(xM) ? 'inside' : 'outside';
}

/** A change of speed within a minute below this is none [m/s]. */
const STEADY_MPS = 0.06;
export const speedTrend = (fasterMps: number): 'rising' | 'steady' | 'falling' =>
  Math.abs(fasterMps) < STEADY_MPS ? 'steady' : fasterMps > 0 ? 'rising' : 'falling';

/** Depth by speed through the water, straight between what was worked out and constant beyond; null of none. */
export function depthAtSpeed(
  depthsAt: readonly { readonly speedMps: number; readonly depthM: number }[],
  speedMps: number,
): number | null {
  const next = depthsAt.findIndex((each) => each.speedMps >= speedMps);
  if (next < 0) return depthsAt.at(-1)?.depthM ?? null;
  const [a, b] = [depthsAt[next - 1], depthsAt[next]!];
  if (!a) return b.depthM;
  return a.depthM + ((speedMps - a.speedMps) / (b.speedMps - a.speedMps)) * (b.depthM - a.depthM);
}
