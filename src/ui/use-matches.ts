import { useCallback, useSyncExternalStore } from 'react';

/** Whether a media query holds; on the server, and until the page is alive, `onServer` stands for it. */
export function useMatches(query: string, onServer: boolean): boolean {
  const subscribe = useCallback(
    (onChange: () => void) => {
      const media = window.matchMedia(query);
      media.addEventListener('change', onChange);
      return () => media.removeEventListener('change', onChange);
    },
    [query],
  );
  return useSyncExternalStore(
    subscribe,
    () => window.matchMedia(query).matches,
    () => onServer,
  );
}
