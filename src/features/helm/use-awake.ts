'use client';

import { useEffect, useState } from 'react';

/** Keeps the screen on while it is wanted; a browser lets go of it whenever the page is out of sight. */
export function useAwake() {
  const [wanted, setWanted] = useState(false);
  const [failed, setFailed] = useState(false);
  useEffect(() => {
    if (!wanted) return;
    let lock: WakeLockSentinel | null = null;
    let over = false;
    const take = () => {
      if (document.visibilityState !== 'visible') return;
      navigator.wakeLock.request('screen').then(
        (taken) => {
          if (over) void taken.release();
          else lock = taken;
        },
        () => {
          setFailed(true);
          setWanted(false);
        },
      );
    };
    take();
    document.addEventListener('visibilitychange', take);
    return () => {
      over = true;
      document.removeEventListener('visibilitychange', take);
      void lock?.release();
    };
  }, [wanted]);
  return {
    on: wanted,
    failed,
    toggle: () => {
      setFailed(!('wakeLock' in navigator));
      if ('wakeLock' in navigator) setWanted(!wanted);
    },
  };
}
