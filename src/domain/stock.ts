import type { Part } from './parts';

/** What is left of a part: metres on a spool, pieces of anything else; null where nobody counted. */
export const stockOf = (part: Part): number | null => (part.kind === 'line' ? part.lengthM.value : (part.left ?? null));

/** The part with so much left. */
export function withStock(part: Part, stock: number): Part {
  if (part.kind !== 'line') return { ...part, left: stock };
  return { ...part, lengthM: { ...part.lengthM, value: stock } };
}
