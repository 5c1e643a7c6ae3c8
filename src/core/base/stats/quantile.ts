/**
 * The value below which the share `p` of a sorted sample lies, linear between neighbours; NaN of an empty one.
 *
 * Source: Hyndman and Fan 1996, The American Statistician 50, 361, definition 7.
 */
export function quantile(sorted: readonly number[], p: number): number {
  const at = p * (sorted.length - 1);
  const low = Math.floor(at);
  const below = sorted[low] ?? NaN;
  return below + (at - low) * ((sorted[low + 1] ?? below) - below);
}
