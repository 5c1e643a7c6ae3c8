'use client';

import type { Helm } from '@/domain/helm/helm';
import type { Track, Tracks } from '@/domain/helm/tracks';
import { NO_TRACKS } from '@/domain/helm/tracks';
import { corrected } from '@/domain/helm/usual-helm';
import { depthAtSpeed, thenAt } from '@/domain/log/then-at';
import type { Then, TripEventOf } from '@/domain/log/trip-event';
import { READ_CHANNELS, type ChannelName } from '@/domain/instruments/channels';
import type { SolvedLine } from '@/domain/spread/solve';
import type { useLive } from '@/features/fields/use-live';
import type { SpeedPoint } from './strike/strike-time';

/** What an instrument said longer ago than this is not what is so now [s]. */
const FRESH_S = 120;

type ThenOf = ((line: string, atS: number) => Then | null) & {
  /** what is read now, to be kept alone */
  readonly readings: (atS: number) => TripEventOf<'reading'>['readings'];
};

/** What was true at a time of this phone's clock, from instruments; where they have no position, from the phone. */
export function useThen({
  live,
  here,
  solved,
  helm,
}: {
  readonly live: ReturnType<typeof useLive>;
  readonly here: Tracks;
  readonly solved: ReadonlyMap<string, SolvedLine>;
  /** what is known of its sensors; null: nothing */
  readonly helm: Helm | null;
}): {
  readonly then: ThenOf;
  readonly speeds: readonly SpeedPoint[];
  readonly boatTrack: Pick<Track, 'tS' | 'values'>;
  readonly throughMps: number | null;
} {
  const tracks = live.heard?.tracks ?? NO_TRACKS;
  const aheadS = live.heard?.aheadS ?? 0;
  const hasPlace = fresh(tracks.of('latDeg'), live.nowS);
  const PHONE: ReadonlySet<ChannelName> = new Set(['latDeg', 'lonDeg', 'sogMps', 'cogRad']);
  const of = (channel: ChannelName): Track => {
    if (hasPlace || !PHONE.has(channel) || fresh(tracks.of(channel), live.nowS)) return tracks.of(channel);
    const own = here.of(channel);
    return { ...own, tS: own.tS.map((t) => t + aheadS) };
  };
  const boat = of('waterMps').tS.length > 0 ? of('waterMps') : of('sogMps');
  /** Readings are kept as they were read; a depth is worked out of what they mean. */
  const through = ({ waterMps, sogMps }: Pick<Then, 'waterMps' | 'sogMps'>): number | null =>
    waterMps === null ? sogMps : helm ? corrected(helm, 'waterMps', waterMps) : waterMps;
  const then = (line: string, atS: number): Then | null => {
    const read = thenAt({ of }, atS + aheadS);
    if (!read) return null;
    const throughMps = through(read);
    const own = solved.get(line);
    const lureM = own && throughMps !== null ? depthAtSpeed(own.depthsAt, throughMps) : null;
    return { ...read, lureM };
  };
  const readings = (atS: number) => {
    const read = thenAt({ of }, atS + aheadS);
    return READ_CHANNELS.flatMap((channel) => {
      const value = read && channel in read ? read[channel as keyof typeof read] : null;
      return value === null || value === undefined ? [] : [{ channel, value }];
    });
  };
  const now = thenAt({ of }, live.nowS);
  return {
    then: Object.assign(then, { readings }),
    speeds: boat.tS.flatMap((tS, i) => (i % 5 === 0 ? [{ tS: tS - aheadS, mps: boat.values[i]! }] : [])),
    boatTrack: { tS: boat.tS.map((tS) => tS - aheadS), values: boat.values },
    throughMps: now && through(now),
  };
}

const fresh = ({ readS }: Track, nowS: number): boolean => readS !== null && nowS - readS < FRESH_S;
