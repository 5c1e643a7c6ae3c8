import { DEFAULT_CLASSES, type Classes } from '../../tackle/defaults/classes';

export interface FishRun {
  readonly runMps: number;
  readonly runS: number;
  /** what the run would take off a spool that does not move [m] */
  readonly lengthM: number;
}

/**
 * A run of a fish by its mass [kg]: how fast [m/s] and how long [s].
 *
 * Model: class rows at 2, 10 and 25 kg, between them linear in the logarithm of the mass, beyond them as the nearest.
 * Spread 40 %.
 */
export function fishRun(massKg: number, { fishRuns }: Pick<Classes, 'fishRuns'> = DEFAULT_CLASSES): FishRun {
  const rows = Object.values(fishRuns).sort((a, b) => a.massKg - b.massKg);
  const at = rows.findIndex((row) => massKg <= row.massKg);
  const [below, above] = at < 0 ? [rows.at(-1)!, rows.at(-1)!] : [rows[Math.max(0, at - 1)]!, rows[at]!];
  const share = below === above ? 0 : Math.log(massKg / below.massKg) / Math.log(above.massKg / below.massKg);
  const between = (of: 'runMps' | 'runS') => below[of] + share * (above[of] - below[of]);
  const runMps = between('runMps');
  const runS = between('runS');
  return { runMps, runS, lengthM: runMps * runS };
}
