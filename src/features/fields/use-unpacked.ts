import { useMemo } from 'react';
import { keepNewest } from '@/domain/keep-newest';
import { unpacked, type Packed } from '@/domain/packed';
import { namedSetups, type NamedSetup, type PackedSetups } from '@/domain/packed-setups';

/** So many texts are remembered with what they hold; a server makes the same page again and again. */
const MOST = 50;
const LONGEST = 300_000;
const held = new Map<string, unknown>();

/** What a packed list holds; the same text always gives the same list, so that a refresh does not redraw it. */
export function useUnpacked<T>({ text }: Packed<T>): T {
  return useMemo(() => unpackedBefore<T>(text), [text]);
}

export function useUnpackedSetups(packed: PackedSetups): readonly NamedSetup[] {
  const setups = useUnpacked(packed);
  return useMemo(() => namedSetups(setups), [setups]);
}

function unpackedBefore<T>(text: string): T {
  const before = held.get(text);
  if (before !== undefined) return before as T;
  const value = unpacked<T>({ text });
  if (text.length <= LONGEST) keepNewest(held, text, value, MOST);
  return value;
}
