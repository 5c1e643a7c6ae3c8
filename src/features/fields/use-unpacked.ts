import { useMemo } from 'react';
import { unpacked, type Packed } from '@/domain/packed';

/** What a packed list holds; the same text always gives the same list, so that a refresh does not redraw it. */
export function useUnpacked<T>({ text }: Packed<T>): T {
  return useMemo(() => unpacked<T>({ text }), [text]);
}
