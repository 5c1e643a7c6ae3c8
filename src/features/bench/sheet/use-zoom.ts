'use client';

import { useEffect, useRef, useState, type PointerEvent } from 'react';

/** How a drawing is enlarged and moved: a point p of the paper is shown at k·p + (x, y) [mm of the view]. */
export interface Zoom {
  readonly k: number;
  readonly x: number;
  readonly y: number;
}

export type ZoomAction = 'larger' | 'smaller' | 'whole' | 'pan-left' | 'pan-right' | 'pan-up' | 'pan-down';

const WHOLE: Zoom = { k: 1, x: 0, y: 0 };
const MOST = 12;
const KEY_STEP = 1.3;
/** Share of the view that a key moves it by, over its width of about 260 mm. */
const PAN_MM = 20;

/** Larger or smaller about a point that stays where it is; never smaller than whole. */
export function zoomedAbout(zoom: Zoom, factor: number, [px, py]: readonly [number, number]): Zoom {
  const k = Math.min(MOST, Math.max(1, zoom.k * factor));
  if (k === 1) return WHOLE;
  const f = k / zoom.k;
  return { k, x: px - f * (px - zoom.x), y: py - f * (py - zoom.y) };
}

/** Wheel and pinch about the pointer, drag to move, and commands for keys. */
export function useZoom() {
  const [zoom, setZoom] = useState<Zoom>(WHOLE);
  const svg = useRef<SVGSVGElement | null>(null);
  const pointers = useRef(new Map<number, readonly [number, number]>());

  /** A point of the page in millimetres of the view. */
  const inView = (x: number, y: number): [number, number] => {
    const matrix = svg.current?.getScreenCTM()?.inverse();
    const point = matrix ? new DOMPoint(x, y).matrixTransform(matrix) : { x: 0, y: 0 };
    return [point.x, point.y];
  };

  // React listens to the wheel passively; the page would scroll away under the drawing.
  useEffect(() => {
    const element = svg.current;
    if (!element) return;
    const wheel = (event: WheelEvent) => {
      event.preventDefault();
      const at = inView(event.clientX, event.clientY);
      setZoom((held) => zoomedAbout(held, Math.exp(-event.deltaY * 0.0015), at));
    };
    element.addEventListener('wheel', wheel, { passive: false });
    return () => element.removeEventListener('wheel', wheel);
  }, []);

  const middle = (): [number, number] => {
    const box = svg.current?.viewBox.baseVal;
    return [(box?.width ?? 0) / 2, (box?.height ?? 0) / 2];
  };

  const pan = (dx: number, dy: number) =>
    setZoom((held) => (held.k === 1 ? held : { ...held, x: held.x + dx * PAN_MM, y: held.y + dy * PAN_MM }));
  const run = (action: ZoomAction) => {
    switch (action) {
      case 'larger':
      case 'smaller':
        return setZoom((held) => zoomedAbout(held, action === 'larger' ? KEY_STEP : 1 / KEY_STEP, middle()));
      case 'whole':
        return setZoom(WHOLE);
      case 'pan-left':
      case 'pan-right':
        return pan(action === 'pan-left' ? 1 : -1, 0);
      case 'pan-up':
      case 'pan-down':
        return pan(0, action === 'pan-up' ? 1 : -1);
      default:
        return action satisfies never;
    }
  };

  return {
    zoom,
    run,
    handlers: {
      ref: (element: SVGSVGElement | null) => {
        svg.current = element;
      },
      onPointerDown: (event: PointerEvent<SVGSVGElement>) => {
        pointers.current.set(event.pointerId, inView(event.clientX, event.clientY));
      },
      onPointerMove: (event: PointerEvent<SVGSVGElement>) => {
        const was = pointers.current.get(event.pointerId);
        if (!was) return;
        const is = inView(event.clientX, event.clientY);
        const [other] = [...pointers.current].filter(([id]) => id !== event.pointerId).map(([, at]) => at);
        pointers.current.set(event.pointerId, is);
        if (other) {
          const spread = (at: readonly [number, number]) => Math.hypot(at[0] - other[0], at[1] - other[1]) || 1;
          setZoom((held) =>
            zoomedAbout(held, spread(is) / spread(was), [(is[0] + other[0]) / 2, (is[1] + other[1]) / 2]),
          );
        } else
          setZoom((held) =>
            held.k === 1 ? held : { ...held, x: held.x + is[0] - was[0], y: held.y + is[1] - was[1] },
          );
      },
      onPointerUp: (event: PointerEvent<SVGSVGElement>) => {
        pointers.current.delete(event.pointerId);
      },
      onPointerCancel: (event: PointerEvent<SVGSVGElement>) => {
        pointers.current.delete(event.pointerId);
      },
      onPointerLeave: (event: PointerEvent<SVGSVGElement>) => {
        pointers.current.delete(event.pointerId);
      },
    },
  };
}
