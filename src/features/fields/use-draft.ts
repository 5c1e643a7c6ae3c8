'use client';

import { useCallback, useEffect, useRef, useState, useSyncExternalStore } from 'react';

export interface DraftOffer<T> {
  readonly value: T;
  /** when it was typed [ms since 1970] */
  readonly at: number;
}

const WAIT_MS = 250;
const nameOf = (key: string) => `ferula draft ${key}`;
const none = () => () => undefined;

/**
 * Keeps in this browser what was typed and not saved yet, and offers it again after a reload, a link away or a crash.
 * `unsaved` is null while there is nothing to keep; `read` makes of what was kept what it was, or null where it does not
 * fit any more.
 */
export function useDraft<T>(key: string, unsaved: T | null, read: (kept: unknown) => T | null) {
  const [first] = useState(() => new Map<string, string | null>());
  const text = useSyncExternalStore(
    none,
    () => {
      // What stood there when the page opened: what is typed from now on is no news.
      if (!first.has(key)) first.set(key, stored(key));
      return first.get(key) ?? null;
    },
    () => null,
  );
  const [decided, setDecided] = useState<string | null>(null);
  const offer = decided === key || text === null ? null : offerIn(text, read);

  const next = unsaved === null ? null : JSON.stringify({ at: 0, value: unsaved });
  const had = useRef(false);
  useEffect(() => {
    if (next === null) {
      if (had.current) forget(key);
      had.current = false;
      return;
    }
    had.current = true;
    const keep = () => store(key, next.replace('"at":0', `"at":${Date.now()}`));
    const timer = setTimeout(keep, WAIT_MS);
    window.addEventListener('pagehide', keep);
    return () => {
      clearTimeout(timer);
      window.removeEventListener('pagehide', keep);
      // A link away within the wait: the effect goes before the timer.
      if (had.current) keep();
    };
  }, [key, next]);

  return {
    offer,
    takeUp: useCallback(() => setDecided(key), [key]),
    throwAway: useCallback(() => {
      setDecided(key);
      forget(key);
    }, [key]),
    /** it was saved: nothing is kept any more */
    saved: useCallback(() => {
      had.current = false;
      setDecided(key);
      forget(key);
    }, [key]),
  };
}

function offerIn<T>(text: string, read: (kept: unknown) => T | null): DraftOffer<T> | null {
  try {
    const { at, value } = JSON.parse(text) as { at: number; value: unknown };
    const fits = read(value);
    return fits === null ? null : { at, value: fits };
  } catch {
    return null;
  }
}

// A browser may allow no storage at all; then nothing is kept, and everything else works.
function stored(key: string): string | null {
  try {
    return localStorage.getItem(nameOf(key));
  } catch {
    return null;
  }
}
function store(key: string, text: string): void {
  try {
    localStorage.setItem(nameOf(key), text);
  } catch {
    return;
  }
}
function forget(key: string): void {
  try {
    localStorage.removeItem(nameOf(key));
  } catch {
    return;
  }
}
