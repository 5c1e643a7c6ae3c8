export { dragWindow, DRAG_WINDOW_LIMITS, type DragWindow, type DragWindowInput } from './drag-window';
