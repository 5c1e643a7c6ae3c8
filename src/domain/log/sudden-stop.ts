import type { Track } from '../helm/tracks';

/** A boat that loses so much of its speed within so long has been stopped: a paddler drops the paddle for the rod [m/s, s]. */
const LOST_MPS = 0.4;
const WITHIN_S = 6;
/** How far back it is looked for [s]. */
const BACK_S = 600;

/** When the boat stopped last before a touch; null where it did not. */
export function suddenStop({ tS, values }: Pick<Track, 'tS' | 'values'>, touchedS: number): number | null {
  for (let i = tS.length - 1; i >= 0; i -= 1) {
    if (tS[i]! > touchedS) continue;
    if (touchedS - tS[i]! > BACK_S) return null;
    const before = values.findIndex((_, k) => k < i && tS[i]! - tS[k]! <= WITHIN_S);
    if (before >= 0 && values[before]! - values[i]! >= LOST_MPS && values[i]! < values[before]! / 2) return tS[before]!;
  }
  return null;
}
