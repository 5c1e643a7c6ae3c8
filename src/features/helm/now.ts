import { alarmsOf } from '@/domain/helm/alarms';
import { bottomAhead, type Hanging } from '@/domain/helm/bottom-ahead';
import type { Helm } from '@/domain/helm/helm';
import type { HelmEvent } from '@/domain/helm/helm-event';
import type { standingOf } from '@/domain/helm/standing';
import { freshValue } from '@/domain/helm/standing';
import type { Tracks } from '@/domain/helm/tracks';
import { PROBE } from '@/domain/spread/line-names';
import type { Lures } from './use-lures';

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
