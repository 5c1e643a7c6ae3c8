import type { Guide } from './guides';

/** A measurement that can be made at this bench. */
export interface Measurement {
  readonly partId: string;
  readonly guide: Guide;
  readonly field: string | null;
}

/** Where the Box opens to make it. */
export const measurementUrl = ({ partId, guide, field }: Measurement): string =>
  `/box?${new URLSearchParams({ part: partId, guide, ...(field ? { field } : {}) }).toString()}`;
