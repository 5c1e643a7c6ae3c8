export { dragWindow, DRAG_WINDOW_LIMITS, type DragWindow, type DragWindowInput } from './drag-window';
export { clutchScales, RING_FRICTION, type ClutchScale } from './clutch-scales';
