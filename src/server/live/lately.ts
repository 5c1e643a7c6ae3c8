import { alongCurrent, courseNow } from '@/domain/helm/current-here';
import type { Helm } from '@/domain/helm/helm';
import type { HelmEvent } from '@/domain/helm/helm-event';
import { movedIn, type Moved, type MovedOptions } from '@/domain/helm/moved';
import type { Tracks } from '@/domain/helm/tracks';
import { corrected } from '@/domain/helm/usual-helm';
import type { ChannelName } from '@/domain/instruments/channels';

/** A reading that is older is not of now [s]. */
const FRESH_S = 10;

/** The current along the course at the probe [m/s]; null unless all that it takes was read just now. */
export function currentAlongMps(tracks: Tracks, helm: Helm, nowS: number): number | null {
  const fresh = (channel: ChannelName): number | null => {
    const newest = tracks.newest(channel);
    return newest && nowS - newest.readS < FRESH_S ? newest.value : null;
  };
  const [sog, probe] = [fresh('sogMps'), fresh('probeMps')];
  const course = courseNow(sog, fresh('cogRad'), fresh('headingRad'));
  if (sog === null || probe === null || course === null) return null;
  const known = alongCurrent(sog, course, corrected(helm, 'probeMps', probe), null);
  return known.kind === 'along' ? known.alongMps : null;
}

/** What moved lately, as the helm tells it; null: nothing. */
export function movedLately(tracks: Tracks, options: MovedOptions): Extract<HelmEvent, { kind: 'moved' }> | null {
  const found = movedIn(tracks, options);
  if (!found || found.outcome === 'nothing') return null;
  const { atS, outcome, before, after, unexplainedMps } = found;
  const [latDeg, lonDeg] = [valueAt(tracks, 'latDeg', atS), valueAt(tracks, 'lonDeg', atS)];
  return {
    kind: 'moved',
    id: crypto.randomUUID(),
    atS,
    outcome,
    before: wholeWatch(before),
    after: wholeWatch(after),
    unexplainedMps,
    place: latDeg === null || lonDeg === null ? null : { latDeg, lonDeg },
  };
}

function valueAt(tracks: Tracks, channel: ChannelName, atS: number): number | null {
  const { tS, values } = tracks.of(channel);
  const i = tS.findLastIndex((t) => t <= atS);
  return i < 0 || atS - tS[i]! > FRESH_S ? null : values[i]!;
}

const wholeWatch = (watch: Moved['before']) => ({
  ...watch,
  courseRad: watch.courseRad ?? null,
  expectedDepthM: watch.expectedDepthM ?? null,
});
