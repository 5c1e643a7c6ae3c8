import { useMemo } from 'react';
import { unpacked, type Packed } from '@/domain/packed';

/** What a packed list holds; the same text gives the same list, however often the page is asked for again. */
export function useUnpacked<T>({ text }: Packed<T>): T {
  return useMemo(() => unpacked<T>({ text }), [text]);
}
