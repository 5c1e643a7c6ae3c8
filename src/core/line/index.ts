export { lineProperties, LINE_LIMITS, straightStretchM, type LineInput, type LineProperties } from './line';
