import { select } from 'd3-selection';
import { zoom, zoomIdentity, zoomTransform, type ZoomTransform } from 'd3-zoom';
import type { Zoom, ZoomAction } from './use-zoom';

const MOST = 12;
const KEY_STEP = 1.3;
/** How far a key moves the view, which is about 260 mm wide [mm]. */
const PAN_MM = 20;

/** Lets a drawing be enlarged and moved, from whole on: wheel and pinch about the pointer, drag to move, and commands for keys. */
export function zoomable(svg: SVGSVGElement, onZoom: (zoom: Zoom) => void) {
  const behaviour = zoom<SVGSVGElement, unknown>();
  const within = behaviour.constrain();
  const held = select(svg);
  behaviour
    .scaleExtent([1, MOST])
    // Never smaller than whole, and never off the sheet.
    .constrain((transform, view) => within(transform, view, view))
    .filter((event: MouseEvent | TouchEvent) => {
      // One finger on a drawing that is not enlarged scrolls the page, as anywhere else.
      if ('touches' in event) return event.touches.length > 1 || zoomTransform(svg).k > 1;
      return (!event.ctrlKey || event.type === 'wheel') && !event.button;
    })
    .on('zoom', ({ transform }: { readonly transform: ZoomTransform }) => onZoom(transform));
  held.call(behaviour).on('dblclick.zoom', null).call(behaviour.transform, zoomIdentity);
  return {
    stop: (): void => void held.on('.zoom', null),
    run: (action: ZoomAction): void => {
      // A step is so long on the view, however large the drawing is.
      const step = PAN_MM / zoomTransform(svg).k;
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
    },
  };
}
