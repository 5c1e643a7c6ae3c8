export { GUIDE_DEFINITIONS } from './definitions';
export { judgeRows, type Ask, type Asked, type Column, type Found, type Judged, type ReadingRow } from './guide';
export { guideFor, guidesOf } from './kinds';
export { GUIDES, type Guide } from './names';
export { findIn, rawReadingSchema, type RawReading } from './raw-reading';
