import type { BlockValues } from '../instruments/blocks';
import { CHANNEL_NAMES, kindOf, type ChannelName } from '../instruments/channels';
import { directionOf } from '../instruments/direction';

/** One channel over the last minutes: the mean of each second in which it was read, the newest last. */
export interface Track {
  /** whole seconds, ascending */
  readonly tS: readonly number[];
  readonly values: readonly number[];
  /** when the newest reading came; null: never */
  readonly readS: number | null;
}

/** How much is remembered for the screen [s]; what is older stands in the blocks. */
export const REMEMBERED_S = 900;
/** A clock that went back by more than this starts the tracks anew [s]. */
const CLOCK_BACK_S = 5;

const EMPTY: Track = { tS: [], values: [], readS: null };

interface Kept {
  readonly tS: number[];
  readonly values: number[];
  readS: number | null;
  /** of the newest second: how many readings, and their sum; of a direction its two components */
  n: number;
  sum: number;
  sumAcross: number;
}

/** The newest minutes of every channel, at a reading a second. */
export class Tracks {
  readonly #kept = new Map<ChannelName, Kept>();

  /** `tS` is when the reading came [s since 1970]. */
  record(channel: ChannelName, tS: number, value: number): void {
    const second = Math.floor(tS);
    let kept = this.#kept.get(channel);
    if (!kept || (kept.readS !== null && kept.readS - tS > CLOCK_BACK_S)) {
      kept = { tS: [], values: [], readS: null, n: 0, sum: 0, sumAcross: 0 };
      this.#kept.set(channel, kept);
    }
    const last = kept.tS.at(-1);
    const { turns } = kindOf(channel);
    if (last === undefined || second > last) {
      kept.tS.push(second);
      kept.values.push(value);
      [kept.n, kept.sum, kept.sumAcross] = turns ? [1, Math.cos(value), Math.sin(value)] : [1, value, 0];
      if (kept.tS.length > REMEMBERED_S + 60) {
        const old = kept.tS.findIndex((t) => t > second - REMEMBERED_S);
        kept.tS.splice(0, old);
        kept.values.splice(0, old);
      }
    } else {
      kept.n += 1;
      kept.sum += turns ? Math.cos(value) : value;
      kept.sumAcross += turns ? Math.sin(value) : 0;
      kept.values[kept.values.length - 1] = turns ? directionOf(kept.sum, kept.sumAcross) : kept.sum / kept.n;
    }
    kept.readS = Math.max(kept.readS ?? -Infinity, tS);
  }

  /** A reading that was typed counts alone: what was read in the same second says no more. */
  put(channel: ChannelName, tS: number, value: number): void {
    const kept = this.#kept.get(channel);
    if (kept?.tS.at(-1) === Math.floor(tS)) {
      kept.tS.pop();
      kept.values.pop();
    }
    this.record(channel, tS, value);
  }

  /** Takes over what was kept of the last minutes, for channels of which nothing has been read since. */
  begin(blocks: readonly { readonly startS: number; readonly values: BlockValues }[], fromS: number): void {
    for (const channel of CHANNEL_NAMES) {
      if (this.#kept.has(channel)) continue;
      for (const { startS, values } of blocks)
        values[channel]?.forEach((value, i) => {
          if (value !== null && startS + i >= fromS) this.record(channel, startS + i, value);
        });
    }
  }

  of(channel: ChannelName): Track {
    return this.#kept.get(channel) ?? EMPTY;
  }

  /** What was read last of a channel; null: never. */
  newest(channel: ChannelName): { readonly value: number; readonly readS: number } | null {
    const { values, readS } = this.of(channel);
    return readS === null ? null : { value: values.at(-1)!, readS };
  }

  clear(): void {
    this.#kept.clear();
  }

  /** Everything that is remembered, to begin another's memory with. */
  whole(): TracksWhole {
    return Object.fromEntries(
      CHANNEL_NAMES.flatMap((channel) => {
        const { tS, values, readS } = this.of(channel);
        return readS === null ? [] : [[channel, { tS: [...tS], values: [...values], readS }]];
      }),
    );
  }

  static from(whole: TracksWhole): Tracks {
    const tracks = new Tracks();
    for (const channel of CHANNEL_NAMES) {
      const track = whole[channel];
      track?.tS.forEach((t, i) => tracks.record(channel, t, track.values[i]!));
      const kept = tracks.#kept.get(channel);
      if (kept && track) kept.readS = track.readS;
    }
    return tracks;
  }
}

/** Nothing was heard yet. */
export const NO_TRACKS = new Tracks();

export type TracksWhole = Partial<Record<ChannelName, Track>>;

/** A track from a time on. */
export function since({ tS, values }: Track, fromS: number): Pick<Track, 'tS' | 'values'> {
  const first = firstFrom(tS, fromS);
  return { tS: tS.slice(first), values: values.slice(first) };
}

/** The place of the first of ascending times that is not before `fromS`; behind the last where there is none. */
export function firstFrom(tS: readonly number[], fromS: number): number {
  let [from, to] = [0, tS.length];
  while (from < to) {
    const middle = (from + to) >> 1;
    if (tS[middle]! < fromS) from = middle + 1;
    else to = middle;
  }
  return from;
}

/** The mean of some values of a channel; directions as vectors. Null of none. */
export function meanOf(channel: ChannelName, values: readonly number[]): number | null {
  if (values.length === 0) return null;
  if (!kindOf(channel).turns) return values.reduce((sum, value) => sum + value, 0) / values.length;
  const north = values.reduce((sum, value) => sum + Math.cos(value), 0);
  const east = values.reduce((sum, value) => sum + Math.sin(value), 0);
  return directionOf(north, east);
}
