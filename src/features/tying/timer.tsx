'use client';

import { useEffect, useState } from 'react';
import { useI18n } from '@/i18n/client';

/** A drop of glue or a warm repair is left alone for so long [s]. */
const REST_S = 60;

/** When a rest that begins now is over [ms]. */
export const restFromNow = (): number => Date.now() + REST_S * 1000;

/** Counts a rest down; null: nothing rests. */
export function Timer({ endsAt, onOver }: { readonly endsAt: number | null; readonly onOver: () => void }) {
  const { t } = useI18n();
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (endsAt === null) return;
    const tick = setInterval(() => setNow(Date.now()), 250);
    return () => clearInterval(tick);
  }, [endsAt]);
  if (endsAt === null) return null;
  const left = Math.max(0, Math.ceil((endsAt - now) / 1000));
  return (
    <p role="timer" className="flex items-center justify-between border border-ink bg-sheet px-3 py-1 text-[20px]">
      {left > 0 ? t('tying.rest', { seconds: left }) : t('tying.rested')}
      <button type="button" onClick={onOver} className="narrow min-h-10 border border-ink px-3 text-[15px]">
        {t('common.close')}
      </button>
    </p>
  );
}
