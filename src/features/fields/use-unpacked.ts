import { useMemo } from 'react';
import { unpacked, type Packed } from '@/domain/packed';
import { unpackedSetups, type NamedSetup, type PackedSetups } from '@/domain/packed-setups';

/** What a packed list holds; the same text always gives the same list, so that a refresh does not redraw it. */
export function useUnpacked<T>({ text }: Packed<T>): T {
  return useMemo(() => unpacked<T>({ text }), [text]);
}

export function useUnpackedSetups({ text }: PackedSetups): readonly NamedSetup[] {
  return useMemo(() => unpackedSetups({ text }), [text]);
}
