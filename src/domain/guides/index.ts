export { GUIDE_DEFINITIONS } from './definitions';
export { judgeRows, type Ask, type Asked, type Column, type Found, type Judged, type ReadingRow } from './guide';
export { GUIDES, GUIDES_OF_KIND, guideFor, type Guide } from './kinds';
export { findIn, rawReadingSchema, type RawReading } from './raw-reading';
