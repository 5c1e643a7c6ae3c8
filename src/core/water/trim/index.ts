export { trim, TRIM_LIMITS, type Trim, type TrimInput, type TrimPart } from './trim';
