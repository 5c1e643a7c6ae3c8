import { steadiness } from '@/core/afloat';
import { kindOf, type ChannelName } from '../instruments/channels';
import { meanOf, since, type Track } from './tracks';
import { turnBetween } from '../instruments/direction';

export type Trend = 'rising' | 'steady' | 'falling';

/** What one large figure shows of a channel. */
export interface Figure {
  /** smoothed; null: never read */
  readonly value: number | null;
  /** since it was read [s] */
  readonly ageS: number | null;
  readonly isStale: boolean;
  readonly over30S: Trend | null;
  readonly over5Min: Trend | null;
  /** the last minute: mean and scatter */
  readonly minute: { readonly mean: number; readonly sd: number } | null;
}

/** What a channel must change by, over the time that is looked at, to be called rising or falling. */
const TREND: Readonly<Record<ReturnType<typeof kindOf>['measure'], number>> = {
  speed: 0.06,
  angle: 0.12,
  temperature: 0.2,
  depth: 0.8,
  degrees: Infinity,
};

export interface FigureOptions {
  readonly nowS: number;
  /** over how many seconds is averaged; 0: the newest reading */
  readonly smoothingS: number;
  readonly staleS: number;
}

/** A channel as it is shown now: its smoothed value, how old it is, where it goes, how steady it is. */
export function figureOf(channel: ChannelName, track: Track, { nowS, smoothingS, staleS }: FigureOptions): Figure {
  const { readS, values } = track;
  if (readS === null) return { value: null, ageS: null, isStale: true, over30S: null, over5Min: null, minute: null };
  const ageS = Math.max(0, nowS - readS);
  const last = unbroken(since(track, readS - Math.max(0, smoothingS)));
  const isStale = ageS > staleS;
  return {
    value: smoothingS > 0 ? meanOf(channel, last) : values.at(-1)!,
    ageS,
    isStale,
    over30S: isStale ? null : trendOver(channel, track, 30, nowS),
    over5Min: isStale ? null : trendOver(channel, track, 300, nowS),
    minute: isStale || kindOf(channel).turns ? null : minuteOf(track, nowS),
  };
}

/** What was read before a gap belongs to another time [s]. */
const GAP_S = 5;

function unbroken({ tS, values }: Pick<Track, 'tS' | 'values'>): readonly number[] {
  const gap = tS.findLastIndex((t, i) => i > 0 && t - tS[i - 1]! > GAP_S);
  return gap < 0 ? values : values.slice(gap);
}

function minuteOf(track: Track, nowS: number): Figure['minute'] {
  const { outcome, mean, sd } = steadiness({ ...since(track, nowS - 60), windowS: 60 });
  return outcome === 'ok' ? { mean: mean!, sd: sd! } : null;
}

function trendOver(channel: ChannelName, track: Track, windowS: number, nowS: number): Trend | null {
  const { tS, values } = since(track, nowS - windowS);
  // A trend needs at least half of the time that it is of.
  if (tS.length < 3 || tS.at(-1)! - tS[0]! < windowS / 2) return null;
  const { trendPerMin } = steadiness({
    tS,
    values: kindOf(channel).turns ? values.map((value) => turnBetween(values[0]!, value)) : values,
    windowS,
  });
  if (trendPerMin === null) return null;
  const change = (trendPerMin * windowS) / 60;
  const { measure } = kindOf(channel);
  if (Math.abs(change) < TREND[measure]) return 'steady';
  return change > 0 ? 'rising' : 'falling';
}

export interface WantedWindow {
  readonly from: number;
  readonly to: number;
}

/** Where a value stands in what is wanted. */
export const placeIn = (value: number, { from, to }: WantedWindow): 'below' | 'in' | 'above' =>
  value < from ? 'below' : value > to ? 'above' : 'in';

/** How long the seconds of a track have been outside of a window without a break [s]; 0 while the newest is in it. */
export function outsideForS(track: Track, window: WantedWindow, smoothingS: number): number {
  const { tS, values } = track;
  let first: number | null = null;
  for (let i = tS.length - 1; i >= 0; i -= 1) {
    const mean = runningMean(tS, values, i, smoothingS);
    if (placeIn(mean, window) === 'in') break;
    first = tS[i]!;
  }
  return first === null ? 0 : tS.at(-1)! - first;
}

function runningMean(tS: readonly number[], values: readonly number[], i: number, smoothingS: number): number {
  let [sum, n] = [0, 0];
  for (let k = i; k >= 0 && tS[k]! >= tS[i]! - smoothingS; k -= 1) {
    sum += values[k]!;
    n += 1;
  }
  return sum / n;
}
