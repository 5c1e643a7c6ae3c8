'use client';

import { useI18n } from '@/i18n/client';
import type { Mode } from './keys';

/** What else is touched: along the foot of a phone, under the lines elsewhere. */
export function Bars({
  mode,
  undoS,
  undoWhat,
  canIn,
  canBack,
  isCasting,
  rodInHand,
  casts,
  onMode,
  onUndo,
  onAllIn,
  onAllBack,
  onReading,
  onEvent,
  onCast,
}: {
  readonly mode: Mode;
  /** seconds in which the last touch can be taken back; 0: no more */
  readonly undoS: number;
  readonly undoWhat: string;
  readonly canIn: boolean;
  readonly canBack: boolean;
  readonly isCasting: boolean;
  readonly rodInHand: string | null;
  readonly casts: number;
  readonly onMode: (mode: Mode) => void;
  readonly onUndo: () => void;
  readonly onAllIn: () => void;
  readonly onAllBack: () => void;
  readonly onReading: () => void;
  readonly onEvent: () => void;
  readonly onCast: () => void;
}) {
  const { t } = useI18n();
  const cell = (isOn = false) =>
    `narrow min-h-[60px] border-r border-faint px-1 text-center text-[16px] leading-tight last:border-r-0 disabled:text-dim ${isOn ? 'bg-hi font-semibold text-on-hi' : 'bg-sheet hover:bg-paper'}`;
  return (
    <div className="fixed inset-x-0 bottom-0 z-10 border-t border-ink bg-sheet lg:static lg:mx-2 lg:border print:hidden">
      {undoS > 0 && (
        <button
          type="button"
          onClick={onUndo}
          data-testid="undo"
          className="narrow flex min-h-14 w-full items-center justify-between border-b border-ink px-3 text-left text-[16px] hover:bg-paper"
        >
          <span>{undoWhat}</span>
          <b className="font-semibold">{t('log.undo', { s: undoS })}</b>
        </button>
      )}
      {isCasting && rodInHand && (
        <button type="button" onClick={onCast} className={`${cell()} w-full border-b border-ink`}>
          {t('log.cast', { count: casts })}
        </button>
      )}
      {mode === 'lines' && (
        <div className="grid grid-cols-3 border-b border-ink">
          <button type="button" disabled={!canIn} onClick={onAllIn} className={cell()}>
            {t('log.allIn')}
          </button>
          <button type="button" disabled={!canBack} onClick={onAllBack} className={cell()}>
            {t('log.allBack')}
          </button>
          <button type="button" onClick={() => onMode('change')} className={cell()}>
            {t('log.changeLine')}
          </button>
        </div>
      )}
      <div className="grid grid-cols-4">
        <button
          type="button"
          aria-pressed={mode === 'lines' || mode === 'change'}
          onClick={() => onMode(mode === 'change' ? 'change' : 'lines')}
          className={cell(mode === 'lines' || mode === 'change')}
        >
          {t('log.bar.lines')}
          <small className="block text-[13px]">{t('log.bar.linesHint')}</small>
        </button>
        <button type="button" onClick={onReading} className={cell()}>
          {t('log.bar.reading')}
          <small className="block text-[13px]">{t('log.bar.readingHint')}</small>
        </button>
        <button
          type="button"
          aria-pressed={mode === 'weed'}
          onClick={() => onMode('weed')}
          className={cell(mode === 'weed')}
        >
          {t('log.bar.weed')}
          <small className="block text-[13px]">{t('log.bar.weedHint')}</small>
        </button>
        <button type="button" onClick={onEvent} className={cell()}>
          {t('log.bar.event')}
          <small className="block text-[13px]">{t('log.bar.eventHint')}</small>
        </button>
      </div>
    </div>
  );
}
