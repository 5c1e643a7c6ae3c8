'use client';

import { useState } from 'react';
import { clockText } from '@/features/fields/readout';
import { useI18n } from '@/i18n/client';
import { Slider } from '@/ui/slider';
import { linear } from '@/ui/scale';

export interface SpeedPoint {
  readonly tS: number;
  readonly mps: number;
}

/** How long before the touch it may have been [s]. */
const EARLIER_S = [0, 15, 30, 60, 120, 300] as const;
const MOST_S = 600;
const WIDTH = 600;
const HEIGHT = 40;

/** When it was: a touch comes late, so the usual times before it stand ready, and the line of the last ten minutes is dragged. */
export function StrikeTime({
  atS,
  touchedS,
  speeds,
  stopS,
  onRetime,
}: {
  readonly atS: number;
  readonly touchedS: number;
  readonly speeds: readonly SpeedPoint[];
  readonly stopS: number | null;
  readonly onRetime: (toS: number) => void;
}) {
  const i18n = useI18n();
  const { t } = i18n;
  const earlierS = touchedS - atS;
  const [dragged, setDragged] = useState<number | null>(null);
  const shownS = dragged ?? earlierS;
  const most = Math.max(1e-6, ...speeds.map(({ mps }) => mps));
  const x = linear([touchedS - MOST_S, touchedS], [0, WIDTH]);
  const y = linear([0, most], [HEIGHT - 2, 4]);
  const path = speeds
    .map(
      ({ tS, mps }, i) =>
        `${i === 0 || tS - speeds[i - 1]!.tS > 15 ? 'M' : 'L'}${x(tS).toFixed(1)},${y(mps).toFixed(1)}`,
    )
    .join('');
  return (
    <div className="border-t border-ink" data-testid="strike-time">
      <div role="group" aria-label={t('log.when')} className="grid grid-cols-6">
        {EARLIER_S.map((s) => {
          const isOn = Math.abs(earlierS - s) < 1;
          return (
            <button
              key={s}
              type="button"
              aria-pressed={isOn}
              onClick={() => onRetime(touchedS - s)}
              className={`narrow min-h-12 border-r border-faint px-0.5 text-[14px] leading-tight last:border-r-0 ${isOn ? 'bg-hi font-semibold text-on-hi outline outline-2 -outline-offset-2 outline-ink' : 'hover:bg-paper'}`}
            >
              {s === 0 ? t('log.atTouch') : s < 60 ? t('log.secondsAgo', { s }) : t('log.minutesAgo', { min: s / 60 })}
            </button>
          );
        })}
      </div>
      {stopS !== null && Math.abs(stopS - atS) >= 1 && (
        <button
          type="button"
          onClick={() => onRetime(stopS)}
          className="narrow min-h-12 w-full border-t border-faint px-2.5 text-left text-[15px] hover:bg-paper"
        >
          {t('log.suddenStop', { time: clockText(i18n, stopS, 'seconds') })}
        </button>
      )}
      <div className="relative mx-2.5 mt-1 h-[44px]">
        <svg
          viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
          preserveAspectRatio="none"
          className="absolute inset-0 h-[40px] w-full"
          aria-hidden="true"
        >
          <path d={`M0,${HEIGHT - 1}H${WIDTH}`} className="stroke-faint" />
          <path d={path} className="stroke-dim" fill="none" vectorEffect="non-scaling-stroke" />
        </svg>
        <Slider
          label={t('log.dragTime')}
          text={clockText(i18n, touchedS - shownS, 'seconds')}
          min={-MOST_S}
          max={0}
          step={5}
          value={-Math.round(shownS / 5) * 5}
          onValue={(earlier) => setDragged(-earlier)}
          onSettled={(earlier) => {
            setDragged(null);
            if (-earlier !== earlierS) onRetime(touchedS + earlier);
          }}
          over="drawing"
          className="!absolute inset-0 h-[44px]"
        />
      </div>
      <p className="narrow flex justify-between px-2.5 text-[12px] text-dim">
        <span>{clockText(i18n, touchedS - MOST_S)}</span>
        <span>{t('log.speedLine')}</span>
        <span>{clockText(i18n, touchedS)}</span>
      </p>
    </div>
  );
}
