'use client';

import { useState } from 'react';
import { alongAcross, courseNow, facingRad, groundSpeedToHold, type CurrentKnown } from '@/domain/helm/current-here';
import type { Helm } from '@/domain/helm/helm';
import type { HelmEvent } from '@/domain/helm/helm-event';
import { fitOf, RUN_S, takenRun, together, type Run, type RunTaken } from '@/domain/helm/runs';
import { freshValue, type Standing } from '@/domain/helm/standing';
import type { Tracks } from '@/domain/helm/tracks';
import { calibrationOf } from '@/domain/helm/usual-helm';
import { CHANNELS, type ChannelName } from '@/domain/instruments/channels';
import { asDirection } from '@/domain/instruments/direction';
import { QuantityField } from '@/features/fields/quantity-field';
import { useI18n } from '@/i18n/client';
import { readout } from '@/features/fields/readout';
import { PanelButton } from './panel-button';

const STARTED = 'ferula run';

/** What runs say of a sensor is kept on the helm. */
export interface Calibrating {
  readonly onKeep: (sensor: 'waterMps' | 'probeMps', runs: readonly Run[]) => void;
  /** the one before it is in force again, or none */
  readonly onDrop: (sensor: 'waterMps' | 'probeMps') => void;
}

/** The water at the probe: along and across, the course that faces it, what to make over ground, and the runs that tell. */
export function CurrentPanel({
  helm,
  tracks,
  standing,
  events,
  known,
  nowS,
  busy,
  onRun,
  calibrating,
}: {
  readonly helm: Helm;
  readonly tracks: Tracks;
  readonly standing: Readonly<Record<ChannelName, Standing>>;
  readonly events: readonly HelmEvent[];
  readonly known: CurrentKnown | null;
  readonly nowS: number;
  readonly busy: boolean;
  readonly onRun: (run: Run) => void;
  /** null: it is not offered */
  readonly calibrating: Calibrating | null;
}) {
  const i18n = useI18n();
  const { t, number } = i18n;
  const [wantedMps, setWanted] = useState(() => standing.probeMps.value ?? 1);
  const [startedS, setStarted] = useState<number | null>(() => Number(sessionStorage.getItem(STARTED)) || null);
  const [refused, setRefused] = useState<Extract<RunTaken, { kind: 'refused' }>['why'] | null>(null);
  const course = courseNow(freshValue(standing.sogMps), freshValue(standing.cogRad), freshValue(standing.headingRad));
  const runs = together(events.filter((event) => event.kind === 'run'));
  const parts = known && course !== null ? alongAcross(known, course) : null;
  const holds = course === null || !known ? null : groundSpeedToHold(known, course, wantedMps);
  const back = course === null || !known ? null : groundSpeedToHold(known, asDirection(course + Math.PI), wantedMps);
  const facing = known && facingRad(known);
  const put = (at: number | null) => {
    setStarted(at);
    if (at === null) sessionStorage.removeItem(STARTED);
    else sessionStorage.setItem(STARTED, String(at));
  };
  return (
    <div className="flex flex-col gap-3" data-testid="current">
      <section className="flex flex-col gap-1">
        <p className="narrow text-[18px] font-semibold">
          {course === null
            ? t('helm.current.noCourse')
            : parts
              ? t(`helm.current.along.${parts.alongMps >= 0 ? 'with' : 'against'}`, {
                  speed: readout(i18n, 'currentMps', Math.abs(parts.alongMps)),
                })
              : t('helm.current.unknown')}
        </p>
        <p className="semi-narrow text-[15px]">
          {parts && parts.acrossMps !== null
            ? t(`helm.current.across.${parts.acrossMps >= 0 ? 'starboard' : 'port'}`, {
                speed: readout(i18n, 'currentMps', Math.abs(parts.acrossMps)),
              })
            : t('helm.current.oneCourse')}
        </p>
        {facing !== null && (
          <p className="semi-narrow text-[15px]">
            {t('helm.current.facing', { course: readout(i18n, 'cogRad', facing) })}
          </p>
        )}
      </section>
      <section className="flex flex-col gap-1 border-t border-faint pt-2">
        <QuantityField
          label={t('helm.current.wanted')}
          measure="speed"
          value={wantedMps}
          limits={{ min: 0.1, max: CHANNELS.probeMps.limits.max }}
          onValueChange={(value) => value !== null && setWanted(value)}
        />
        <p className="semi-narrow text-[15px]" data-testid="make">
          {holds === null
            ? t('helm.current.makeUnknown')
            : t('helm.current.make', { ground: readout(i18n, 'sogMps', holds) })}
          {back !== null && ` ${t('helm.current.makeBack', { ground: readout(i18n, 'sogMps', back) })}`}
        </p>
      </section>
      <section className="flex flex-col gap-2 border-t border-faint pt-2">
        <h3 className="narrow text-[16px] font-semibold">{t('helm.current.runs')}</h3>
        <p className="semi-narrow text-[14px] text-dim">{t('helm.current.runsHint')}</p>
        {startedS === null ? (
          <PanelButton strong onClick={() => put(nowS)}>
            {t('helm.current.start')}
          </PanelButton>
        ) : (
          <PanelButton
            strong
            onClick={() => {
              const taken = takenRun(tracks, startedS, nowS);
              setRefused(taken.kind === 'refused' ? taken.why : null);
              if (taken.kind === 'run') onRun(taken.run);
              put(null);
            }}
          >
            {t('helm.current.end', { seconds: Math.round(nowS - startedS), of: RUN_S })}
          </PanelButton>
        )}
        {refused && (
          <p role="alert" className="semi-narrow text-[14px]">
            {t(`helm.current.refused.${refused}`)}
          </p>
        )}
        {runs.length > 0 && (
          <table className="narrow w-full text-[14px]">
            <thead className="text-left text-dim">
              <tr>
                <th className="font-normal">{t('helm.channel.headingRad')}</th>
                <th className="font-normal">{t('helm.channel.sogMps')}</th>
                <th className="font-normal">{t('helm.channel.waterMps')}</th>
                <th className="font-normal">{t('helm.channel.probeMps')}</th>
              </tr>
            </thead>
            <tbody>
              {runs.map(({ fromS, headingRad, sogMps, waterMps, probeMps }) => (
                <tr key={fromS} className="border-t border-faint">
                  <td>{readout(i18n, 'headingRad', headingRad)}</td>
                  <td>{readout(i18n, 'sogMps', sogMps)}</td>
                  <td>{readout(i18n, 'waterMps', waterMps)}</td>
                  <td>{readout(i18n, 'probeMps', probeMps)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
        {(['probeMps', 'waterMps'] as const).map((sensor) => {
          const fit = fitOf(runs, sensor);
          const kept = calibrationOf(helm, sensor);
          return (
            <div key={sensor} className="flex flex-col gap-1" data-testid={`scale-${sensor}`}>
              <p className="semi-narrow text-[14px]">
                <b className="font-semibold">{t(`helm.channel.${sensor}`)}:</b>{' '}
                {!fit
                  ? t('helm.current.twoRuns')
                  : fit.outcome === 'not-determined'
                    ? t('helm.current.notDetermined')
                    : t('helm.current.fit', {
                        scale: number(fit.scale!, 3),
                        offset: readout(i18n, 'currentMps', fit.offsetMps),
                        current: readout(i18n, 'currentMps', fit.currentMps),
                        toward: readout(i18n, 'cogRad', fit.currentTowardRad),
                        residual: readout(i18n, 'currentMps', fit.residualMps),
                      })}{' '}
                {kept &&
                  t('helm.current.kept', {
                    scale: number(kept.scale, 3),
                    date: i18n.date(new Date(kept.takenAt), 'full'),
                  })}
              </p>
              {kept && calibrating && (
                <PanelButton disabled={busy} onClick={() => calibrating.onDrop(sensor)}>
                  {t('helm.current.dropScale')}
                </PanelButton>
              )}
              {fit?.outcome === 'fitted' && calibrating && (
                <PanelButton disabled={busy} onClick={() => calibrating.onKeep(sensor, runs)}>
                  {t('helm.current.calibrate', { sensor: t(`helm.channel.${sensor}`) })}
                </PanelButton>
              )}
            </div>
          );
        })}
      </section>
    </div>
  );
}
