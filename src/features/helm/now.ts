import { alarmsOf } from '@/domain/helm/alarms';
import { bottomAhead, type Hanging } from '@/domain/helm/bottom-ahead';
import { alongCurrent, courseNow, speedAtDepth, type CurrentKnown } from '@/domain/helm/current-here';
import type { Helm } from '@/domain/helm/helm';
import type { HelmEvent } from '@/domain/helm/helm-event';
import { together, wholeCurrent } from '@/domain/helm/runs';
import type { standingOf } from '@/domain/helm/standing';
import { freshValue, type Standing } from '@/domain/helm/standing';
import type { Tracks } from '@/domain/helm/tracks';
import type { ChannelName } from '@/domain/instruments/channels';
import { PROBE } from '@/domain/spread/line-names';
import type { Lures } from './use-lures';

/** Runs are believed for so long: tides turn [s]. */
const RUNS_HOLD_S = 2 * 3600;

/** Through the water at the surface: by the paddle wheel, else over ground. */
export const throughWater = (standing: Readonly<Record<ChannelName, Standing>>): number | null =>
  freshValue(standing.waterMps) ?? freshValue(standing.sogMps);

/** The current at the probe as far as it is known: whole from runs, else along the course of now. */
export function currentNow(
  events: readonly HelmEvent[],
  standing: Readonly<Record<ChannelName, Standing>>,
  nowS: number,
): CurrentKnown | null {
  const runs = together(events.filter((event) => event.kind === 'run')).filter(({ toS }) => nowS - toS < RUNS_HOLD_S);
  const whole = wholeCurrent(runs);
  const [sog, probe] = [freshValue(standing.sogMps), freshValue(standing.probeMps)];
  const course = courseNow(sog, freshValue(standing.cogRad), freshValue(standing.headingRad));
  if (whole) return whole;
  return sog !== null && probe !== null && course !== null
    ? alongCurrent(sog, course, probe, freshValue(standing.probeM))
    : null;
}

/** Speed through the water where the lures are: the probe's, else by the current that is known, else the boat's. */
export function speedAtLures(
  standing: Readonly<Record<ChannelName, Standing>>,
  known: CurrentKnown | null,
): number | null {
  const probe = freshValue(standing.probeMps);
  if (probe !== null) return probe;
  const sog = freshValue(standing.sogMps);
  const course = courseNow(sog, freshValue(standing.cogRad), freshValue(standing.headingRad));
  const reckoned = known?.kind === 'whole' && course !== null && sog !== null ? speedAtDepth(known, course, sog) : null;
  return reckoned ?? throughWater(standing);
}

/** Everything that is worked out of the readings of this second. */
export function nowOf({
  helm,
  tracks,
  events,
  lures,
  standing,
  nowS,
}: {
  readonly helm: Helm;
  readonly tracks: Tracks;
  readonly events: readonly HelmEvent[];
  readonly lures: Lures | null;
  readonly standing: ReturnType<typeof standingOf>;
  readonly nowS: number;
}) {
  const probeM = standing.probeM.value;
  const hanging = (lures?.lures ?? []).flatMap(({ id, depthM, laybackM, ball }): Hanging[] => [
    ...(depthM === null || laybackM === null ? [] : [{ name: id, depthM, laybackM: Math.max(0, laybackM) }]),
    ...(ball ? [{ name: `${id} cable`, depthM: ball.depthM, laybackM: Math.max(0, ball.laybackM) }] : []),
  ]);
  if (probeM !== null)
    hanging.push({
      name: PROBE,
      depthM: probeM,
      laybackM: helm.probe ? Math.sqrt(Math.max(0, helm.probe.cableM ** 2 - probeM ** 2)) : 0,
    });
  const bottom =
    freshValue(standing.bottomM) === null
      ? null
      : bottomAhead(tracks.of('bottomM'), { nowS, sogMps: freshValue(standing.sogMps), hanging });
  return { bottom, alarms: alarmsOf({ helm, tracks, standing, events, bottom, nowS }) };
}
