'use client';

import { useI18n } from '@/i18n/client';
import type { DraftOffer } from './use-draft';

export interface DraftBarProps {
  readonly offer: DraftOffer<unknown> | null;
  readonly onTakeUp: () => void;
  readonly onThrowAway: () => void;
  /** within a panel, where nothing can float over the page */
  readonly inside?: boolean;
}

/** Changes that were typed before and never saved: go on with them, or throw them away. */
export function DraftBar({ offer, onTakeUp, onThrowAway, inside = false }: DraftBarProps) {
  const { t, date, time } = useI18n();
  if (!offer) return null;
  const at = new Date(offer.at);
  const button = 'narrow min-h-9 border border-ink bg-sheet px-3 text-ink';
  return (
    <div
      role="status"
      data-testid="draft"
      className={`flex flex-wrap items-center gap-x-3 gap-y-1 border border-ink bg-hi px-3 py-1 text-on-hi print:hidden ${
        inside ? 'mb-2' : 'fixed bottom-9 left-1/2 z-20 w-max max-w-[calc(100vw-16px)] -translate-x-1/2'
      }`}
    >
      <span className="semi-narrow">{t('draft.kept', { date: date(at), time: time(at) })}</span>
      <button type="button" className={button} onClick={onTakeUp}>
        {t('draft.takeUp')}
      </button>
      <button type="button" className={button} onClick={onThrowAway}>
        {t('draft.throwAway')}
      </button>
    </div>
  );
}
