/** Days from the epoch 2000 January 1.5 to the epoch of Unix time. */
const EPOCH_DAYS = 10_957.5;
const DAY_MS = 86_400_000;
const RAD = Math.PI / 180;

export interface Moon {
  /** lit share of its disc, 0 new to 1 full */
  readonly litShare: number;
  readonly waxing: boolean;
}

/**
 * How much of the moon is lit at an instant [ms since 1970].
 *
 * Model: phase angle i from the mean elongation and the largest periodic terms; lit share (1 + cos i)/2, within 0.01.
 * Source: Meeus, Astronomical Algorithms, 2nd edition, equations 47.2 to 47.4 (linear terms), 48.1 and 48.4.
 */
export function moonAt(ms: number): Moon {
  const T = (ms / DAY_MS - EPOCH_DAYS) / 36_525;
  const D = (297.8501921 + 445_267.1114034 * T) * RAD;
  const M = (357.5291092 + 35_999.0502909 * T) * RAD;
  const m = (134.9633964 + 477_198.8675055 * T) * RAD;
  const i =
    Math.PI -
    D -
    RAD *
      (6.289 * Math.sin(m) -
        2.1 * Math.sin(M) +
        1.274 * Math.sin(2 * D - m) +
        0.658 * Math.sin(2 * D) +
        0.214 * Math.sin(2 * m) +
        0.11 * Math.sin(D));
  return { litShare: (1 + Math.cos(i)) / 2, waxing: Math.sin(i) > 0 };
}
