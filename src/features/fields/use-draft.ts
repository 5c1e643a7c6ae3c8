'use client';

import { useCallback, useEffect, useEffectEvent, useRef, useState } from 'react';
import { nameInBench } from './page-bench';

export interface DraftOffer<T> {
  readonly value: T;
  /** when it was typed [ms since 1970] */
  readonly at: number;
}

type Reader<T> = (kept: unknown) => T | null | Promise<T | null>;

const WAIT_MS = 250;
const nameOf = (key: string) => nameInBench(`ferula draft ${key}`);

/**
 * Keeps in this browser what was typed and not saved yet, and offers it again after a reload, a link away or a crash.
 * `unsaved` is null while there is nothing to keep; `read` makes of what was kept what it was, or null where it does not
 * fit any more; it may load what it needs for that, since most visits find nothing kept.
 */
export function useDraft<T>(key: string, unsaved: T | null, read: Reader<T>) {
  const [offered, setOffered] = useState<{ readonly key: string; readonly offer: DraftOffer<T> } | null>(null);
  const [decided, setDecided] = useState<string | null>(null);
  const offer = decided !== key && offered?.key === key ? offered.offer : null;

  // What stood there when the page opened: what is typed from now on is no news.
  const readKept = useEffectEvent((text: string) => offerIn(text, read));
  useEffect(() => {
    const text = stored(key);
    let gone = false;
    if (text !== null)
      void readKept(text).then((found) => {
        if (found && !gone) setOffered({ key, offer: found });
      });
    return () => {
      gone = true;
    };
  }, [key]);

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

async function offerIn<T>(text: string, read: Reader<T>): Promise<DraftOffer<T> | null> {
  try {
    const { at, value } = JSON.parse(text) as { at: number; value: unknown };
    const fits = await read(value);
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
