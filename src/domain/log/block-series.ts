import { wayTo } from '../helm/current-here';
import type { Helm } from '../helm/helm';
import type { Track, Tracks } from '../helm/tracks';
import { calibrationOf, corrected } from '../helm/usual-helm';
import { CHANNEL_NAMES, type ChannelName } from '../instruments/channels';
import type { BlockValues } from '../instruments/blocks';
import type { Trip, TrackPoint } from './trip';

export type Series = Pick<Tracks, 'of'>;

const NOTHING: Track = { tS: [], values: [], readS: null };

/** What was read on a trip: instruments second by second, and where they were silent what phones, files and hands say. */
export function seriesOf(
  blocks: readonly { readonly startS: number; readonly values: BlockValues }[],
  { track = [], readings = [] }: Partial<Pick<Trip, 'track' | 'readings'>> = {},
): Series {
  const tracks = new Map<ChannelName, { tS: number[]; values: number[] }>();
  const own = (channel: ChannelName) => {
    const found = tracks.get(channel) ?? { tS: [], values: [] };
    tracks.set(channel, found);
    return found;
  };
  for (const { startS, values } of blocks)
    for (const channel of CHANNEL_NAMES)
      values[channel]?.forEach((value, i) => {
        if (value === null) return;
        const { tS, values: kept } = own(channel);
        tS.push(startS + i);
        kept.push(value);
      });
  if (!tracks.has('latDeg')) for (const [channel, added] of movedBy(track)) tracks.set(channel, added);
  for (const { atS, readings: said } of readings)
    for (const { channel, value } of said) {
      const { tS, values } = own(channel);
      const at = tS.findIndex((t) => t >= atS);
      if (at >= 0 && tS[at] === atS) continue;
      tS.splice(at < 0 ? tS.length : at, 0, atS);
      values.splice(at < 0 ? values.length : at, 0, value);
    }
  const read = new Map([...tracks].map(([channel, track]) => [channel, { ...track, readS: track.tS.at(-1) ?? null }]));
  return { of: (channel) => read.get(channel) ?? NOTHING };
}

/** Between two points further apart in time the boat was somewhere else meanwhile [s]. */
const GAP_S = 120;

/** Place, speed and course from points alone. */
function movedBy(
  track: readonly TrackPoint[],
): readonly (readonly [ChannelName, { tS: number[]; values: number[] }])[] {
  if (track.length === 0) return [];
  const lat = { tS: [] as number[], values: [] as number[] };
  const lon = { tS: [] as number[], values: [] as number[] };
  const sog = { tS: [] as number[], values: [] as number[] };
  const cog = { tS: [] as number[], values: [] as number[] };
  let last: TrackPoint | null = null;
  for (const point of track) {
    const [tS, latDeg, lonDeg] = point;
    if (last && tS <= last[0]) continue;
    lat.tS.push(tS);
    lat.values.push(latDeg);
    lon.tS.push(tS);
    lon.values.push(lonDeg);
    if (last && tS - last[0] <= GAP_S) {
      const { distanceM, bearingRad } = wayTo({ latDeg: last[1], lonDeg: last[2] }, { latDeg, lonDeg });
      sog.tS.push(tS);
      sog.values.push(distanceM / (tS - last[0]));
      cog.tS.push(tS);
      cog.values.push(bearingRad);
    }
    last = point;
  }
  return [
    ['latDeg', lat],
    ['lonDeg', lon],
    ['sogMps', sog],
    ['cogRad', cog],
  ];
}

/** A channel in means of `stepS` seconds, with their middles as times. */
export function stepped(
  { tS, values }: Pick<Track, 'tS' | 'values'>,
  stepS: number,
): { readonly tS: number[]; readonly values: number[] } {
  const out = { tS: [] as number[], values: [] as number[] };
  let [at, sum, n] = [-1, 0, 0];
  const end = () => {
    if (n === 0) return;
    out.tS.push(at * stepS);
    out.values.push(sum / n);
  };
  tS.forEach((t, i) => {
    const step = Math.floor(t / stepS);
    if (step !== at) {
      end();
      [at, sum, n] = [step, 0, 0];
    }
    sum += values[i]!;
    n += 1;
  });
  end();
  return out;
}

/** What was read, as the sensors' runs say that it is meant. */
export function correctedSeries(series: Series, helm: Pick<Helm, 'calibrations'> | null): Series {
  const meant = new Map<ChannelName, Track>();
  return {
    of: (channel) => {
      if (!helm || !calibrationOf(helm, channel)) return series.of(channel);
      const before = meant.get(channel);
      if (before) return before;
      const { values, ...track } = series.of(channel);
      const now = { ...track, values: values.map((value) => corrected(helm, channel, value)) };
      meant.set(channel, now);
      return now;
    },
  };
}
