import { useEffect, useState } from 'react';

/** A module that the page can stand without, once it has come; fetched when `wanted` first holds. */
export function useLoaded<T>(load: () => Promise<T>, wanted = true): T | null {
  const [loaded, setLoaded] = useState<{ readonly module: T } | null>(null);
  const has = loaded !== null;
  useEffect(() => {
    if (wanted && !has) void load().then((module) => setLoaded({ module }));
  }, [load, wanted, has]);
  return loaded?.module ?? null;
}
