import { fitCurrent, type CurrentFit } from '@/core/water';
import type { CurrentKnown } from './current-here';
import type { Calibration } from './helm';
import type { HelmEventOf } from './helm-event';
import type { Calibrated } from './helm-limits';
import { meanOf, since, type Tracks } from './tracks';
import { turnBetween } from '../instruments/direction';
import type { ChannelName } from '../instruments/channels';

export type Run = Omit<HelmEventOf<'run'>, 'kind' | 'id' | 'atS'>;

/** Two minutes each way. */
export const RUN_S = 120;
/** Least of a run that counts [s]. */
export const LEAST_RUN_S = 30;
/** A heading or a depth that wanders further than this spoils a run [rad, m]. */
const STRAIGHT_RAD = 0.35;

export type RunTaken =
  | { readonly kind: 'run'; readonly run: Run }
  | {
      readonly kind: 'refused';
      readonly why: 'too-short' | 'no-ground-speed' | 'no-heading' | 'no-sensor' | 'not-straight';
    };

/** The means of a straight run; readings are taken as the sensors gave them. */
export function takenRun(tracks: Tracks, fromS: number, toS: number): RunTaken {
  if (toS - fromS < LEAST_RUN_S) return { kind: 'refused', why: 'too-short' };
  const values = (channel: ChannelName) => {
    const { tS, values: all } = since(tracks.of(channel), fromS);
    return all.filter((_, i) => tS[i]! <= toS);
  };
  const mean = (channel: ChannelName) => meanOf(channel, values(channel));
  const sogMps = mean('sogMps');
  const cogRad = mean('cogRad');
  const headingRad = mean('headingRad') ?? cogRad;
  if (sogMps === null) return { kind: 'refused', why: 'no-ground-speed' };
  if (cogRad === null || headingRad === null) return { kind: 'refused', why: 'no-heading' };
  const [waterMps, probeMps] = [mean('waterMps'), mean('probeMps')];
  if (waterMps === null && probeMps === null) return { kind: 'refused', why: 'no-sensor' };
  if (values('headingRad').some((rad) => Math.abs(turnBetween(headingRad, rad)) > STRAIGHT_RAD))
    return { kind: 'refused', why: 'not-straight' };
  return { kind: 'run', run: { fromS, toS, sogMps, cogRad, headingRad, waterMps, probeMps, probeM: mean('probeM') } };
}

/** What runs say of one sensor: its scale, and the current where it is. */
export function fitOf(runs: readonly Run[], sensor: Calibrated): CurrentFit | null {
  const read = runs.flatMap(({ sogMps, cogRad, headingRad, [sensor]: probeMps }) =>
    probeMps === null ? [] : [{ sogMps, cogRad, headingRad, probeMps }],
  );
  return read.length < 2 ? null : fitCurrent({ runs: read });
}

/** Depths of the probe so near to each other are one [m]. */
const ONE_DEPTH_M = 1.5;

/** Runs that belong together: the newest, and those before it with the probe at its depth. */
export function together(runs: readonly Run[]): readonly Run[] {
  const newest = [...runs].sort((a, b) => b.toS - a.toS);
  const depth = newest[0]?.probeM ?? null;
  return newest.filter(({ probeM }) => depth === null || probeM === null || Math.abs(probeM - depth) <= ONE_DEPTH_M);
}

/** The whole current at the probe, from runs on two or more headings; null: not determined. */
export function wholeCurrent(runs: readonly Run[]): CurrentKnown | null {
  const fit = fitOf(runs, 'probeMps');
  if (!fit || fit.outcome !== 'fitted') return null;
  return {
    kind: 'whole',
    speedMps: fit.currentMps!,
    towardRad: fit.currentTowardRad!,
    depthM: runs.find(({ probeM }) => probeM !== null)?.probeM ?? null,
  };
}

/** The calibration that runs give of a sensor; null: they do not tell. */
export function calibratedBy(runs: readonly Run[], sensor: Calibrated, now: Date): Calibration | null {
  const fit = fitOf(runs, sensor);
  return fit?.outcome === 'fitted'
    ? {
        sensor,
        scale: fit.scale!,
        offsetMps: fit.offsetMps!,
        residualMps: fit.residualMps!,
        runs: runs.length,
        takenAt: now.toISOString(),
      }
    : null;
}
