import type { ChannelName } from '../instruments/channels';
import { alongCurrent, courseNow, speedAtDepth, type CurrentKnown } from './current-here';
import type { HelmEvent } from './helm-event';
import { together, wholeCurrent } from './runs';
import { freshValue, type Standing } from './standing';

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
