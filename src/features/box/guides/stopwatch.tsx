'use client';

import { useEffect, useRef, useState } from 'react';

export interface StopwatchProps {
  readonly startLabel: string;
  readonly stopLabel: string;
  readonly format: (seconds: number) => string;
  readonly onTime: (seconds: number) => void;
}

/** One large button: press at the splash, press at the bottom. */
export function Stopwatch({ startLabel, stopLabel, format, onTime }: StopwatchProps) {
  const [startedAt, setStartedAt] = useState<number | null>(null);
  const [shown, setShown] = useState(0);
  const frame = useRef(0);
  useEffect(() => {
    if (startedAt === null) return;
    const tick = () => {
      setShown((performance.now() - startedAt) / 1e3);
      frame.current = requestAnimationFrame(tick);
    };
    frame.current = requestAnimationFrame(tick);
    return () => cancelAnimationFrame(frame.current);
  }, [startedAt]);
  const press = () => {
    if (startedAt === null) setStartedAt(performance.now());
    else {
      onTime((performance.now() - startedAt) / 1e3);
      setStartedAt(null);
    }
  };
  return (
    <button
      type="button"
      onClick={press}
      data-state={startedAt === null ? 'stopped' : 'running'}
      className="min-h-14 w-full border-2 border-ink text-[18px] font-semibold data-[state=running]:bg-hi data-[state=running]:text-on-hi"
    >
      {startedAt === null ? startLabel : stopLabel} <span className="font-normal tabular-nums">{format(shown)}</span>
    </button>
  );
}
