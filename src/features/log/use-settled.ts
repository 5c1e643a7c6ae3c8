'use client';

import { useSyncExternalStore } from 'react';

const listeners = new Set<() => void>();
const read = new Map<string, { readonly text: string | null; readonly value: unknown }>();

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  window.addEventListener('storage', listener);
  return () => {
    listeners.delete(listener);
    window.removeEventListener('storage', listener);
  };
}

/** How this phone shows its trip: kept in the browser, for nobody else. */
export function useSettled<T>(name: string, usual: T): readonly [T, (value: T) => void] {
  const key = `ferula-log-${name}`;
  const value = useSyncExternalStore(
    subscribe,
    () => {
      const text = localStorage.getItem(key);
      const before = read.get(key);
      if (before && before.text === text) return before.value as T;
      const now = { text, value: valueOf(text, usual) };
      read.set(key, now);
      return now.value;
    },
    () => usual,
  );
  const set = (next: T) => {
    localStorage.setItem(key, JSON.stringify(next));
    for (const listener of listeners) listener();
  };
  return [value, set];
}

function valueOf<T>(text: string | null, usual: T): T {
  if (text === null) return usual;
  try {
    const value: unknown = JSON.parse(text);
    return typeof value === typeof usual && value !== null ? (value as T) : usual;
  } catch {
    return usual;
  }
}
