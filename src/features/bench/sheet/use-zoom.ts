'use client';

import { useEffect, useRef, useState } from 'react';
import { useLoaded } from '@/ui/use-loaded';

/** How a drawing is enlarged and moved: a point p of the paper is shown at k·p + (x, y) [mm of the view]. */
export interface Zoom {
  readonly k: number;
  readonly x: number;
  readonly y: number;
}

export type ZoomAction = 'larger' | 'smaller' | 'whole' | 'pan-left' | 'pan-right' | 'pan-up' | 'pan-down';

const WHOLE: Zoom = { k: 1, x: 0, y: 0 };

/** How the drawing with this `ref` is enlarged and moved; the code for it is loaded once the page is alive. */
export function useZoom() {
  const [zoom, setZoom] = useState(WHOLE);
  const [svg, setSvg] = useState<SVGSVGElement | null>(null);
  const sheetZoom = useLoaded(loadSheetZoom, svg !== null);
  const held = useRef<{ readonly run: (action: ZoomAction) => void } | null>(null);
  useEffect(() => {
    if (!svg || !sheetZoom) return;
    const zoomable = sheetZoom.zoomable(svg, setZoom);
    held.current = zoomable;
    return () => {
      held.current = null;
      zoomable.stop();
    };
  }, [svg, sheetZoom]);
  return { zoom, svg, ref: setSvg, run: (action: ZoomAction) => held.current?.run(action) };
}

const loadSheetZoom = () => import('./sheet-zoom');
