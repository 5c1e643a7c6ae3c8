export { DRAG_MARGINS, dragWindow, DRAG_WINDOW_LIMITS, type DragWindow, type DragWindowInput } from './drag-window';
export { clutchScales, RING_FRICTION, type ClutchScale } from './clutch-scales';
export { CLUTCH_JERK, pullAtEnergy, strikeEnergyJ, type Spring } from './elastic-strike';
