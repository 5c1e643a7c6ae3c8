'use client';

import { useEffect, useRef, useState } from 'react';

/** The inner size of an element in pixels, as it changes; `start` until it is measured. */
export function useSize<E extends HTMLElement>(start: { readonly width: number; readonly height: number }) {
  const ref = useRef<E>(null);
  const [size, setSize] = useState(start);
  useEffect(() => {
    const element = ref.current!;
    const measure = new ResizeObserver(() => setSize({ width: element.clientWidth, height: element.clientHeight }));
    measure.observe(element);
    return () => measure.disconnect();
  }, []);
  return { ref, ...size };
}
