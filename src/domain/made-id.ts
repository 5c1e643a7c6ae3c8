import type { KnotPattern } from '@/core/tackle/defaults/knots';
import type { PartId } from './ids';

// Made here and so of the right form; the schema in `ids` reads those that come from outside.
export const newPartId = (): PartId => `part-${crypto.randomUUID()}` as PartId;

/** Id under which a built-in knot is kept. */
export const knotId = (pattern: KnotPattern): PartId => `knot-${pattern}` as PartId;
