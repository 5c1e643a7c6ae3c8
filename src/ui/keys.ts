'use client';

import { createContext, createElement, useContext, useEffect, useEffectEvent, type ReactNode } from 'react';

/** One action of a view and the keys that do it; rows with one label stand together where keys are listed. */
export interface KeyRow<A extends string = string, L extends string = string> {
  readonly action: A;
  readonly keys: readonly string[];
  readonly label: L;
  readonly atFoot: boolean;
}

const CAPS: Readonly<Record<string, string>> = {
  ArrowUp: '↑',
  ArrowDown: '↓',
  ArrowLeft: '←',
  ArrowRight: '→',
  PageUp: 'Pg↑',
  PageDown: 'Pg↓',
  Escape: 'Esc',
  Delete: 'Del',
};

/** Whether keys that write a character do something by themselves; arrows, Enter, Escape and Delete always do. */
const LetterKeysContext = createContext(true);
export const useLetterKeys = (): boolean => useContext(LetterKeysContext);
export const LetterKeys = ({ on, children }: { readonly on: boolean; readonly children: ReactNode }) =>
  createElement(LetterKeysContext, { value: on }, children);

export const isLetterKey = (key: string): boolean => key.length === 1;

/** What is printed on a key: a capital is the shifted key. */
export const capOf = (key: string): string =>
  CAPS[key] ?? (key.length > 1 ? key : /[A-Z]/.test(key) ? `⇧ ${key}` : key.toUpperCase());

/** A field that takes letters; a box to tick and a choice leave them to the page. */
export const TYPED_IN = 'input:not([type="radio"]):not([type="checkbox"])';

/**
 * The action of a key press; null while the press belongs to a field, a link or a button, or goes with a modifier.
 * `isWithin` tells whether the press happened inside an element of a selector.
 */
export function actionOfKey<A extends string>(
  rows: readonly KeyRow<A>[],
  event: Pick<KeyboardEvent, 'key' | 'ctrlKey' | 'metaKey' | 'altKey'>,
  isWithin: (selector: string) => boolean,
): A | null {
  if (event.ctrlKey || event.metaKey || event.altKey) return null;
  if (isWithin(`${TYPED_IN}, select, textarea, [contenteditable]`)) return null;
  // Arrows, Enter and the like belong to whatever control has them.
  if (event.key.length > 1 && event.key !== 'Escape' && isWithin('input')) return null;
  if (event.key === 'Enter' && isWithin('a, button')) return null;
  return rows.find(({ keys }) => keys.includes(event.key))?.action ?? null;
}

/** Listens on the page while no panel is open; what a key does is what the page shows by then, never an older state. */
export function useKeys<A extends string>(
  rows: readonly KeyRow<A>[],
  run: (action: A, key: string) => void,
  isPaused: boolean,
): void {
  const letters = useLetterKeys();
  const onKey = useEffectEvent((event: KeyboardEvent) => {
    // What a handle or a place of a drawing has taken for itself is not for the page too.
    if (event.defaultPrevented || isPaused || (!letters && isLetterKey(event.key))) return;
    const { target } = event;
    const action = actionOfKey(
      rows,
      event,
      (selector) => target instanceof Element && target.closest(selector) !== null,
    );
    if (!action) return;
    event.preventDefault();
    run(action, event.key);
  });
  useEffect(() => {
    const listen = (event: KeyboardEvent) => onKey(event);
    document.addEventListener('keydown', listen);
    return () => document.removeEventListener('keydown', listen);
  }, []);
}

/** Rows that share a label as one. */
export function groupKeys<A extends string, L extends string>(
  rows: readonly KeyRow<A, L>[],
  atFoot = false,
): { readonly label: L; readonly keys: readonly string[]; readonly action: A }[] {
  const groups = new Map<L, { label: L; keys: string[]; action: A }>();
  for (const { label, keys, action } of rows.filter((row) => !atFoot || row.atFoot)) {
    const group = groups.get(label);
    if (group) group.keys.push(...keys);
    else groups.set(label, { label, keys: [...keys], action });
  }
  return [...groups.values()];
}
