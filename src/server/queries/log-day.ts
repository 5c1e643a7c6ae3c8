import 'server-only';
import { blocksIn, listAnglers, listTripEvents, tripAuthors } from '@/db/repo';
import type { Db } from '@/db/client';
import { tripIdSchema, type BenchId, type TripId } from '@/domain/ids';
import { seriesOf, stepped } from '@/domain/log/block-series';
import { overLimits, type OverLimit } from '@/domain/log/kept-limits';
import { sharesOf, type Shares } from '@/domain/log/shares';
import { depthAtSpeed, thenAt } from '@/domain/log/then-at';
import { roundedTo } from '@/domain/log/trip-file';
import { tallyOf, type Tally } from '@/domain/log/told';
import { castsOf, tripOf, type Spell, type Strike } from '@/domain/log/trip';
import type { Then } from '@/domain/log/trip-event';
import type { ChannelName } from '@/domain/instruments/channels';
import { corrected } from '@/domain/helm/usual-helm';
import { firstFrom } from '@/domain/helm/tracks';
import { packed, type Packed } from '@/domain/packed';
import { pageQuery } from '../page-query';
import { gearKnown, helmOfTrip, tripContext } from '../trips/gear-known';
import { spanOf } from '../trips/kept-cells';

/** So many points of the track are drawn at most: one for each step that the drawing of the day is wide. */
const MOST_POINTS = 700;

/** The boat at one instant of the day; null where nothing was read. */
export interface DayPoint {
  readonly tS: number;
  readonly latDeg: number | null;
  readonly lonDeg: number | null;
  readonly sogMps: number | null;
  readonly waterMps: number | null;
  readonly probeMps: number | null;
  readonly probeC: number | null;
  readonly probeM: number | null;
  readonly surfaceC: number | null;
  readonly bottomM: number | null;
}

export interface DayLine {
  readonly line: string;
  readonly number: number;
  readonly name: string;
  /** by speed through the water; of what was on it last */
  readonly depthsAt: readonly { readonly speedMps: number; readonly depthM: number }[];
  readonly laybackM: number | null;
}

export interface DayStrike extends Omit<Strike, 'gear'> {
  readonly lure: string;
  readonly lineM: number | null;
  readonly cableM: number | null;
  /** who noted it; null: nobody was signed in */
  readonly by: string | null;
}

export interface LogDay {
  readonly tripId: TripId;
  readonly name: string;
  readonly waterName: string;
  readonly craft: string | null;
  readonly way: 'trolling' | 'casting';
  readonly fromS: number;
  readonly toS: number;
  readonly isClosed: boolean;
  readonly points: Packed<readonly DayPoint[]>;
  readonly lines: readonly DayLine[];
  readonly spells: readonly Spell[];
  readonly strikes: readonly DayStrike[];
  readonly shares: Shares;
  readonly tallies: readonly Tally[];
  /** where more was kept than the rules sheet lets be kept */
  readonly over: readonly OverLimit[];
  readonly casts: number;
  readonly passesS: readonly number[];
  /** entries that could not be read, and those that do not fit what was before them */
  readonly broken: number;
  readonly unfitting: number;
}

const CHANNELS = [
  'latDeg',
  'lonDeg',
  'sogMps',
  'waterMps',
  'probeMps',
  'probeC',
  'probeM',
  'surfaceC',
  'bottomM',
] as const satisfies readonly ChannelName[];

/** One trip as it went; null where there is none of that id. */
export async function getLogDay(id: string): Promise<LogDay | null> {
  return pageQuery('log', async (db, benchId) => {
    const tripId = tripIdSchema.safeParse(id);
    return tripId.success ? logDay(db, benchId, tripId.data) : null;
  });
}

export async function logDay(db: Db, benchId: BenchId, tripId: TripId): Promise<LogDay | null> {
  const { rows, broken } = await listTripEvents(db, benchId, tripId);
  if (rows.length === 0) return null;
  const trip = tripOf(rows);
  const span = spanOf(trip, rows);
  const { blocks } = await blocksIn(db, benchId, span);
  const series = seriesOf(blocks, trip);
  const context = await tripContext(db, benchId);
  const authors = await tripAuthors(db, benchId, tripId);
  const anglers = authors.size > 0 ? await listAnglers(db, benchId) : [];
  const known = await gearKnown(db, benchId, trip, context);
  const craft = context.house.crafts.find((each) => each.id === trip.opened?.craftId) ?? null;
  const helm = helmOfTrip(context, trip);
  /** Speed through the water as its sensor's runs say that it is meant; readings are shown as they were read. */
  const meant = ({ waterMps, sogMps }: Pick<Then, 'waterMps' | 'sogMps'>) =>
    waterMps === null ? sogMps : helm ? corrected(helm, 'waterMps', waterMps) : waterMps;
  const then = (strike: Strike): Then | null => {
    const read = strike.then ?? withLure(thenAt(series, strike.atS));
    const mps = read && meant(read);
    if (!read || read.lureM !== null || !strike.gear || mps === null) return read;
    return { ...read, lureM: depthAtSpeed(known(strike.gear).depthsAt, mps) };
  };
  const stepS = Math.max(1, Math.ceil((span.toS - span.fromS) / MOST_POINTS));
  const channels = CHANNELS.map((channel) => [channel, stepped(series.of(channel), stepS)] as const);
  const ticks = Array.from(
    { length: Math.floor((span.toS - span.fromS) / stepS) + 1 },
    (_, i) => Math.floor(span.fromS / stepS) * stepS + i * stepS,
  );
  const points = ticks.map((tS): DayPoint => {
    const at = channels.map(([channel, { tS: times, values }]) => {
      const i = firstFrom(times, tS);
      return [channel, times[i] === tS ? roundedTo(channel, values[i]!) : null] as const;
    });
    return { tS, ...(Object.fromEntries(at) as Record<(typeof CHANNELS)[number], number | null>) };
  });
  const lines = trip.lines.map(({ line, gear }, i): DayLine => {
    const { words, depthsAt } = known(gear);
    const laybackM =
      gear.lineM === null ? null : Math.sqrt(Math.max(0, gear.lineM ** 2 - (depthsAt[3]?.depthM ?? 0) ** 2));
    return { line, number: i + 1, name: words.lure, depthsAt, laybackM };
  });
  return {
    tripId,
    name: trip.opened?.name ?? '',
    waterName: trip.opened?.waterName ?? '',
    craft: craft?.name ?? null,
    way: trip.opened?.way ?? 'trolling',
    ...span,
    isClosed: trip.closedS !== null,
    points: packed(points),
    lines,
    spells: trip.spells,
    strikes: trip.strikes.map((strike): DayStrike => {
      const { gear, ...rest } = strike;
      return {
        ...rest,
        then: then(strike),
        lure: gear ? [known(gear).words.lure, known(gear).words.colour].filter(Boolean).join(', ') : '–',
        by: anglers.find((each) => each.id === authors.get(strike.id))?.name || null,
        lineM: gear?.lineM ?? null,
        cableM: gear?.cableM ?? null,
      };
    }),
    shares: sharesOf(trip, span),
    tallies: tallyOf(trip.strikes),
    over: overLimits(trip.strikes, context.house.sheet),
    casts: castsOf(trip),
    passesS: trip.passesS,
    broken: broken.length,
    unfitting: trip.unfitting.length,
  };
}

const withLure = (read: Omit<Then, 'lureM'> | null): Then | null => read && { ...read, lureM: null };
