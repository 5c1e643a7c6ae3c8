'use client';

import { useEffect, useState } from 'react';
import { useI18n } from '@/i18n/client';

/** A drop of glue or a warm repair is left alone for a minute, unless the angler says otherwise [s]. */
const USUAL_REST_S = 60;
const LONGEST_REST_S = 24 * 3600;

/** `90`, `1:30` or `1:00:00` as seconds; null where it is no time. */
export function readRest(text: string): number | null {
  const parts = text.trim().split(':');
  if (parts.length > 3 || parts.some((part) => !/^\d{1,5}$/.test(part))) return null;
  const seconds = parts.reduce((sum, part) => sum * 60 + Number(part), 0);
  return seconds >= 1 && seconds <= LONGEST_REST_S ? seconds : null;
}

/** Seconds as `1:30` or `1:00:00`. */
export function restText(seconds: number): string {
  const [h, m, s] = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60, seconds % 60];
  const two = (n: number) => String(n).padStart(2, '0');
  return h > 0 ? `${h}:${two(m)}:${two(s)}` : `${m}:${two(s)}`;
}

/** Headless: a rest of any length, and the count of what is left of it [s]; null while none runs. */
export function useRest() {
  const [text, setText] = useState(restText(USUAL_REST_S));
  const [count, setCount] = useState<{ readonly endsAt: number; readonly now: number } | null>(null);
  const seconds = readRest(text);
  const isRunning = count !== null;
  useEffect(() => {
    if (!isRunning) return;
    const tick = setInterval(() => setCount((last) => last && { ...last, now: Date.now() }), 250);
    return () => clearInterval(tick);
  }, [isRunning]);
  return {
    text,
    setText,
    isTime: seconds !== null,
    leftS: count && Math.max(0, Math.ceil((count.endsAt - count.now) / 1000)),
    start: () => {
      if (seconds === null) return;
      const now = Date.now();
      setCount({ endsAt: now + seconds * 1000, now });
    },
    stop: () => setCount(null),
  };
}

/** How long something is to rest, and the count of what is left of it. */
export function Timer({ rest }: { readonly rest: ReturnType<typeof useRest> }) {
  const { t } = useI18n();
  const { leftS, text, isTime } = rest;
  return (
    <form
      className="flex flex-wrap items-center gap-x-3 border border-faint bg-sheet px-3 py-0.5 text-[15px]"
      onSubmit={(event) => {
        event.preventDefault();
        rest.start();
      }}
    >
      <label className="narrow flex items-center gap-2">
        {t('tying.restFor')}
        <input
          value={text}
          inputMode="numeric"
          maxLength={8}
          aria-invalid={!isTime}
          title={t('tying.restUnit')}
          onChange={({ target }) => rest.setText(target.value)}
          className="min-h-9 w-20 border-b border-faint bg-transparent text-right aria-invalid:border-ink aria-invalid:line-through"
        />
      </label>
      <button
        type="submit"
        disabled={!isTime}
        className="narrow min-h-9 border border-ink px-3 disabled:border-faint disabled:text-dim"
      >
        {t('tying.restStart')}
      </button>
      {!isTime && <span className="semi-narrow text-[13px]">{t('tying.restUnit')}</span>}
      {leftS !== null && (
        <span role="timer" className="ml-auto flex items-center gap-3 text-[20px]">
          {leftS > 0 ? t('tying.restLeft', { time: restText(leftS) }) : t('tying.rested')}
          <button type="button" onClick={rest.stop} className="narrow min-h-9 border border-ink px-3 text-[15px]">
            {t('common.close')}
          </button>
        </span>
      )}
    </form>
  );
}
