'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import type { House, HouseChange } from '@/domain/house';
import { changeHouseAction } from '@/server/actions/house';

export type Keeping = 'kept' | 'keeping' | 'bad-input' | 'database-away' | 'unreachable' | 'unchanged';

/** So long after the last key a change is kept: a figure is typed in several. [ms] */
const WAIT_MS = 500;

/** Headless: what the bench holds to; each change shows at once and is kept a moment later. */
export function useHouse(initial: House) {
  const [house, setHouse] = useState(initial);
  const [keeping, setKeeping] = useState<Keeping>('unchanged');
  const waiting = useRef<HouseChange>({});
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);

  const keep = useCallback(async () => {
    const change = waiting.current;
    waiting.current = {};
    if (Object.keys(change).length === 0) return;
    const reply = await changeHouseAction(change).catch(() => null);
    setKeeping(reply?.ok ? 'kept' : reply ? reply.code : 'unreachable');
    // What was not kept is sent again with the next change.
    if (!reply?.ok) waiting.current = { ...change, ...waiting.current };
  }, []);

  useEffect(
    () => () => {
      clearTimeout(timer.current);
      void keep();
    },
    [keep],
  );

  const change = (patch: HouseChange) => {
    setHouse((held) => ({ ...held, ...patch }) as House);
    waiting.current = { ...waiting.current, ...patch };
    setKeeping('keeping');
    clearTimeout(timer.current);
    timer.current = setTimeout(() => void keep(), WAIT_MS);
  };

  return { house, change, keeping };
}
