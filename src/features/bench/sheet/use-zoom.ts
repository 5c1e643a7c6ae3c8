'use client';

import { useCallback, useRef, useState } from 'react';
import { select } from 'd3-selection';
import { zoom as zoomBehaviour, zoomIdentity, zoomTransform, type ZoomTransform } from 'd3-zoom';

/** How a drawing is enlarged and moved: a point p of the paper is shown at k·p + (x, y) [mm of the view]. */
export type Zoom = Pick<ZoomTransform, 'k' | 'x' | 'y'>;

export type ZoomAction = 'larger' | 'smaller' | 'whole' | 'pan-left' | 'pan-right' | 'pan-up' | 'pan-down';

const MOST = 12;
const KEY_STEP = 1.3;
/** How far a key moves the view, which is about 260 mm wide [mm]. */
const PAN_MM = 20;

/** Wheel and pinch about the pointer, drag to move, and commands for keys; never smaller than whole, and never off the sheet. */
export function useZoom() {
  const [zoom, setZoom] = useState<Zoom>(zoomIdentity);
  const [behaviour] = useState(() => sheetZoom(setZoom));
  const svg = useRef<SVGSVGElement | null>(null);

  /** Takes hold of a drawing; another one begins whole. */
  const ref = useCallback(
    (element: SVGSVGElement) => {
      const held = select(element);
      svg.current = element;
      held.call(behaviour).on('dblclick.zoom', null).call(behaviour.transform, zoomIdentity);
      return () => {
        svg.current = null;
        held.on('.zoom', null);
      };
    },
    [behaviour],
  );

  const run = (action: ZoomAction) => {
    if (!svg.current) return;
    const held = select(svg.current);
    // A step is so long on the view, however large the drawing is.
    const step = PAN_MM / zoom.k;
    switch (action) {
      case 'larger':
      case 'smaller':
        return behaviour.scaleBy(held, action === 'larger' ? KEY_STEP : 1 / KEY_STEP);
      case 'whole':
        return behaviour.transform(held, zoomIdentity);
      case 'pan-left':
      case 'pan-right':
        return behaviour.translateBy(held, action === 'pan-left' ? step : -step, 0);
      case 'pan-up':
      case 'pan-down':
        return behaviour.translateBy(held, 0, action === 'pan-up' ? step : -step);
      default:
        return action satisfies never;
    }
  };

  return { zoom, run, ref, svg };
}

function sheetZoom(onZoom: (zoom: Zoom) => void) {
  const behaviour = zoomBehaviour<SVGSVGElement, unknown>();
  const within = behaviour.constrain();
  return behaviour
    .scaleExtent([1, MOST])
    .constrain((transform, view) => within(transform, view, view))
    .filter(function (this: SVGSVGElement, event: MouseEvent | TouchEvent) {
      // One finger on a whole drawing scrolls the page, as anywhere else.
      if ('touches' in event) return event.touches.length > 1 || zoomTransform(this).k > 1;
      return (!event.ctrlKey || event.type === 'wheel') && !event.button;
    })
    .on('zoom', ({ transform }: { readonly transform: ZoomTransform }) => onZoom(transform));
}
