import type { Leaf } from '@/core/decide';
import type { Mark } from '@/core/judge';

/** Stretches of one mark; each begins halfway from the one before. */
export function bands(
  xs: readonly number[],
  marks: readonly Leaf[],
): readonly { readonly from: number; readonly to: number; readonly mark: Mark }[] {
  const found: { from: number; to: number; mark: Mark }[] = [];
  xs.forEach((at, i) => {
    const mark = (marks[i] ?? 'cant-tell') as Mark;
    const open = found.at(-1);
    const half = i === 0 ? at : (at + xs[i - 1]!) / 2;
    if (open) open.to = open.mark === mark ? at : half;
    if (open?.mark !== mark) found.push({ from: half, to: at, mark });
  });
  return found;
}
