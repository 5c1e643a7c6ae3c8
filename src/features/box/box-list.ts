import type { Part, PartKind } from '@/domain/parts';
import { fitsRod } from '@/domain/fits';
import { stockOf } from '@/domain/stock';
import { leastKnown } from '@/i18n/part-text';

export interface Filter {
  readonly kind: PartKind | null;
  readonly show: 'all' | 'guessed' | 'unused' | 'short';
  /** a rod: only what fits it */
  readonly fitsRodId: string | null;
}

export const ALL: Filter = { kind: null, show: 'all', fitsRodId: null };

/** Stock that is called short: fewer pieces, or fewer metres, than this. */
const SHORT = { pieces: 3, metres: 40 } as const;

export function passes(part: Part, filter: Filter, isUsed: boolean, rod: Part | undefined): boolean {
  if (filter.kind && part.kind !== filter.kind) return false;
  if (filter.show === 'guessed' && leastKnown(part) !== 'class') return false;
  if (filter.show === 'unused' && isUsed) return false;
  if (filter.show === 'short' && !isShort(part)) return false;
  return !rod || fitsRod(part, rod);
}

export function isShort(part: Part): boolean {
  const stock = stockOf(part);
  return stock !== null && stock < (part.kind === 'line' ? SHORT.metres : SHORT.pieces);
}
