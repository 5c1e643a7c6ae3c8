export { lineProperties, LINE_LIMITS, type LineInput, type LineProperties } from './line';
