export type Scale = (value: number) => number;
type Ends = readonly [number, number];

/**
 * Places values of a drawing: the ends of what is shown stand at the ends of the range, all else in proportion; `clamped` puts what
 * lies beyond at the ends. Where both ends are the same value, it stands in the middle.
 */
export function linear([from, to]: Ends, [start, end]: Ends, beyond: 'open' | 'clamped' = 'open'): Scale {
  const share = (value: number) => (to === from ? 0.5 : (value - from) / (to - from));
  if (beyond === 'open') return (value) => start + share(value) * (end - start);
  return (value) => start + Math.min(1, Math.max(0, share(value))) * (end - start);
}

/** The same for values above zero of which equal ratios stand equally far apart. */
export function logarithmic([from, to]: Ends, range: Ends, beyond?: 'open' | 'clamped'): Scale {
  const scale = linear([Math.log(from), Math.log(to)], range, beyond);
  return (value) => scale(Math.log(value));
}
