'use client';

import type { Alarm } from '@/domain/helm/alarms';
import type { BottomAhead } from '@/domain/helm/bottom-ahead';
import { wayTo } from '@/domain/helm/current-here';
import type { HelmEvent } from '@/domain/helm/helm-event';
import type { Tracks } from '@/domain/helm/tracks';
import { useI18n } from '@/i18n/client';
import { clockText, readout } from '@/features/fields/readout';
import { ProbeSketch } from './probe-sketch';
import { Trace } from './trace';
import { alarmText, changeOf, movedReason, movedTitle, type MovedEvent } from './words';

/** A change is told for so long [s]. */
const TOLD_S = 20 * 60;

export interface StoryProps {
  readonly alarms: readonly Alarm[];
  readonly bottom: BottomAhead | null;
  readonly events: readonly HelmEvent[];
  readonly tracks: Tracks;
  readonly nowS: number;
  readonly place: { readonly latDeg: number; readonly lonDeg: number } | null;
  /** "To hold 5.1 at the lures make 5.8 over ground."; null: not known */
  readonly hold: string | null;
  readonly lineNumber: (id: string) => number | null;
  readonly sound: string | null;
  readonly onSilence: () => void;
  readonly onAnswer: (event: MovedEvent, moved: boolean) => void;
}

/** What matters now: the alarms, what moved and why, and what to do about it. */
export function Story({
  alarms,
  bottom,
  events,
  tracks,
  nowS,
  place,
  hold,
  lineNumber,
  sound,
  onSilence,
  onAnswer,
}: StoryProps) {
  const i18n = useI18n();
  const { t } = i18n;
  const moved =
    events.find((event): event is MovedEvent => event.kind === 'moved' && nowS - event.atS < TOLD_S) ?? null;
  const answer = moved && events.find((event) => event.kind === 'answer' && event.of === moved.id);
  const sounding = alarms.filter(({ isSilenced }) => !isSilenced);
  const asks = moved !== null && !answer && (moved.outcome === 'cant-tell' || moved.outcome === 'sensor');
  return (
    <section
      aria-label={t('helm.story')}
      data-testid="story"
      className="relative flex min-w-0 gap-3 overflow-hidden border-t border-ink bg-sheet px-4 pb-2 pt-2"
    >
      {sounding.length > 0 && <span aria-hidden="true" className="helm-edge absolute inset-x-0 top-0 h-[5px]" />}
      <span className="hidden sm:block">
        <ProbeSketch outcome={moved?.outcome ?? null} />
      </span>
      <div className="flex min-w-0 flex-1 flex-col gap-1 overflow-y-auto">
        {alarms.length > 0 && (
          <div role="alert">
            <ul className="narrow text-[17px] leading-tight" data-testid="alarms">
              {alarms.map((alarm) => (
                <li key={alarm.key} className={alarm.isSilenced ? 'text-dim' : 'font-semibold'}>
                  {alarmText(i18n, alarm, { nowS, sinceS: alarm.sinceS, bottom, lineNumber })}
                  {alarm.isSilenced ? ` ${t('helm.silenced')}` : ''}
                </li>
              ))}
            </ul>
          </div>
        )}
        <h2 className="narrow text-[clamp(18px,3.2vh,25px)] font-semibold leading-tight" data-testid="moved-title">
          {moved ? movedTitle(i18n, moved) : t('helm.moved.nothing')}
        </h2>
        {moved && (
          <p className="narrow text-[16px] leading-tight" data-testid="moved-reason">
            {movedReason(i18n, moved)} {wayBack(i18n, moved, place)}
          </p>
        )}
        {answer && answer.kind === 'answer' && (
          <p className="narrow text-[15px] text-dim">{t(answer.moved ? 'helm.asked.was' : 'helm.asked.wasNot')}</p>
        )}
        {asks && (
          <p className="narrow flex flex-wrap items-center gap-2 text-[16px]" data-testid="asked">
            {t('helm.asked.question')}
            {([true, false] as const).map((yes) => (
              <button
                key={String(yes)}
                type="button"
                onClick={() => onAnswer(moved, yes)}
                className="min-h-9 border border-ink px-3 hover:bg-paper"
              >
                {t(yes ? 'helm.asked.yes' : 'helm.asked.no')}
              </button>
            ))}
          </p>
        )}
        {hold && !asks && (
          <p className="narrow text-[16px] leading-tight" data-testid="hold">
            {hold}
          </p>
        )}
        {moved && !asks && alarms.length === 0 && (
          <div className="mt-auto min-h-0">
            <MovedTrace event={moved} tracks={tracks} nowS={nowS} />
          </div>
        )}
      </div>
      {sounding.length > 0 && (
        <div className="fixed inset-x-0 bottom-0 z-10 flex flex-col justify-end gap-1 border-t border-ink bg-sheet p-2 sm:static sm:w-[180px] sm:shrink-0 sm:border-0 sm:p-0">
          {sound && <span className="narrow text-right text-[13px] leading-tight text-dim">{sound}</span>}
          <button
            type="button"
            onClick={onSilence}
            data-testid="silence"
            className="semi-narrow min-h-[56px] w-full bg-hi text-[19px] font-semibold text-on-hi"
          >
            {t('helm.key.silence')}
          </button>
        </div>
      )}
    </section>
  );
}

function MovedTrace({
  event,
  tracks,
  nowS,
}: {
  readonly event: MovedEvent;
  readonly tracks: Tracks;
  readonly nowS: number;
}) {
  const i18n = useI18n();
  const speed = changeOf(event, 'sensorMps');
  const warmth = changeOf(event, 'sensorC');
  const byWarmth = warmth !== null && Math.abs(warmth) / 0.1 > Math.abs(speed ?? 0) / 0.02;
  const channel = event.outcome === 'sensor' ? 'probeM' : byWarmth ? 'probeC' : 'probeMps';
  const side = { probeM: 'sensorDepthM', probeC: 'sensorC', probeMps: 'sensorMps' } as const;
  const [before, after] = [event.before[side[channel]], event.after[side[channel]]];
  return (
    <Trace
      track={tracks.of(channel)}
      fromS={event.atS - 120}
      toS={Math.min(nowS, event.atS + 180)}
      atS={event.atS}
      labels={{
        before: before ? `${i18n.t('helm.probe')} ${readout(i18n, channel, before.mean)}` : '',
        after: after ? readout(i18n, channel, after.mean) : '',
        at: clockText(i18n, event.atS),
      }}
    />
  );
}

/** How far back the water changed, and where to. */
function wayBack(i18n: ReturnType<typeof useI18n>, event: MovedEvent, here: StoryProps['place']): string {
  if (event.outcome !== 'water' || !event.place || !here) return '';
  const { distanceM, bearingRad } = wayTo(here, event.place);
  if (distanceM < 20) return '';
  return i18n.t('helm.moved.back', {
    distance: i18n.format(Math.round(distanceM / 10) * 10, 'distance'),
    bearing: readout(i18n, 'cogRad', bearingRad),
  });
}
