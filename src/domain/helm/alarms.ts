import type { ChannelName } from '../instruments/channels';
import type { BottomAhead } from './bottom-ahead';
import { outsideForS, placeIn } from './figure';
import type { Helm } from './helm';
import type { HelmEvent } from './helm-event';
import type { Standing } from './standing';
import { meanOf, since, type Tracks } from './tracks';
import { asRead } from './usual-helm';

export interface Alarm {
  /** which one it is, for silencing it */
  readonly key: string;
  readonly kind: 'below' | 'above' | 'lost' | 'break' | 'bottom';
  readonly channel: ChannelName;
  /** since when [s since 1970] */
  readonly sinceS: number;
  readonly isSilenced: boolean;
}

/** So long outside of what is wanted before it sounds: a gust is over by then [s]. */
const OUTSIDE_S = 5;
/** A break that was crossed sounds for so long [s]. */
const CROSSED_S = 60;
/** A bottom that stays near sounds again after so long [s]. */
const BOTTOM_AGAIN_S = 120;

/** What sounds now, by what the user set. */
export function alarmsOf({
  helm,
  tracks,
  standing,
  events,
  bottom,
  nowS,
}: {
  readonly helm: Helm;
  readonly tracks: Tracks;
  readonly standing: Readonly<Record<ChannelName, Standing>>;
  readonly events: readonly HelmEvent[];
  readonly bottom: BottomAhead | null;
  readonly nowS: number;
}): readonly Alarm[] {
  const alarms: Omit<Alarm, 'isSilenced'>[] = [];
  for (const { channel, wanted, alarm } of helm.figures) {
    const { value, isStale, ageS, isTyped } = standing[channel];
    if (helm.lostAlarm && isStale && ageS !== null && !isTyped)
      alarms.push({ key: `lost ${channel}`, kind: 'lost', channel, sinceS: nowS - ageS + helm.staleS });
    if (!alarm || !wanted || value === null || isStale) continue;
    const place = placeIn(value, wanted);
    if (place === 'in') continue;
    const forS = isTyped ? Infinity : outsideForS(tracks.of(channel), asRead(helm, channel, wanted), helm.smoothingS);
    if (forS >= OUTSIDE_S)
      alarms.push({
        key: `${place} ${channel}`,
        kind: place,
        channel,
        sinceS: Number.isFinite(forS) ? nowS - forS : nowS - (ageS ?? 0),
      });
  }
  const crossedS = helm.breakC === null ? null : crossedAt(tracks, helm.breakC, nowS);
  if (crossedS !== null) alarms.push({ key: 'break', kind: 'break', channel: 'probeC', sinceS: crossedS });
  if (helm.clearM !== null && bottom && bottom.clearM < helm.clearM)
    alarms.push({ key: 'bottom', kind: 'bottom', channel: 'bottomM', sinceS: nowS - BOTTOM_AGAIN_S });
  return alarms.map((alarm) => ({ ...alarm, isSilenced: isSilenced(alarm, events) }));
}

const isSilenced = ({ key, sinceS }: Pick<Alarm, 'key' | 'sinceS'>, events: readonly HelmEvent[]): boolean =>
  events.some((event) => event.kind === 'silenced' && event.atS >= sinceS && event.keys.includes(key));

/** When the probe's temperature passed a value within the last minute; null: it did not. */
export function crossedAt(tracks: Tracks, breakC: number, nowS: number): number | null {
  const track = since(tracks.of('probeC'), nowS - CROSSED_S - 20);
  const smooth = track.tS.map((t) => {
    const from = track.tS.findIndex((each) => each > t - 8);
    const to = track.tS.findLastIndex((each) => each <= t);
    return meanOf('probeC', track.values.slice(from, to + 1))!;
  });
  for (let i = smooth.length - 1; i > 8; i -= 1)
    if (smooth[i]! >= breakC !== smooth[i - 1]! >= breakC && track.tS[i]! >= nowS - CROSSED_S) return track.tS[i]!;
  return null;
}
