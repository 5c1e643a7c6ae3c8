import type { Profile } from '../spread';

/** So many points a line keeps in the water for distances: a curve of a few straight pieces is off by centimetres. */
const POINTS = 8;

/**
 * A line as so many points at even shares of its length, so that the same line at other speeds has its points at the same shares;
 * what hangs in the air is a straight piece before them.
 */
export function thinned([first, ...rest]: Profile): Profile {
  if (first![1] >= 0) return evenly([first!, ...rest]);
  // A lure on the surface has all of its line in the air: the points in the water are where it lies.
  return [first!, ...(rest.length > 1 ? evenly(rest) : Array.from({ length: POINTS }, () => rest[0]!))];
}

function evenly(shape: Profile): Profile {
  const lengths = [0];
  shape.slice(1).forEach(([s, z], i) => lengths.push(lengths[i]! + Math.hypot(s - shape[i]![0], z - shape[i]![1])));
  const all = lengths.at(-1)!;
  let reachM = 0;
  // A solved line may come forward by a rounding; a profile never falls back.
  return Array.from({ length: POINTS }, (_, k) => {
    const [s, z] = atLength(shape, lengths, (all * k) / (POINTS - 1));
    return [(reachM = Math.max(reachM, s)), z] as const;
  });
}

function atLength(shape: Profile, lengths: readonly number[], length: number): Profile[number] {
  const next = lengths.findIndex((each) => each >= length);
  // The last length may be missed by a rounding.
  if (next < 0) return shape.at(-1)!;
  if (next === 0) return shape[0]!;
  const [a, b] = [shape[next - 1]!, shape[next]!];
  const span = lengths[next]! - lengths[next - 1]!;
  const share = span === 0 ? 0 : (length - lengths[next - 1]!) / span;
  return [a[0] + share * (b[0] - a[0]), a[1] + share * (b[1] - a[1])];
}

/** A profile that begins exactly where the tip is. */
export const withStart = ([first, ...rest]: Profile, zM: number): Profile => [[first![0], zM], ...rest];
