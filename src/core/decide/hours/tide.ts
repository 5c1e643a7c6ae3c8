/** Principal lunar tide, high water to high water [s]. */
export const TIDE_PERIOD_S = 12.4206 * 3600;
/** So near to high or low water the stream stands [share of its greatest]. */
const SLACK_SHARE = 0.26;

export interface TideNow {
  /** −1 at low water, 1 at high water */
  readonly heightShare: number;
  /** stream over its greatest, without its direction */
  readonly streamShare: number;
  readonly stage: 'slack-high' | 'ebb' | 'slack-low' | 'flood';
  /** since the last high or low water [s] */
  readonly since: { readonly water: 'high' | 'low'; readonly timeS: number };
}

/**
 * Stage of the tide at an instant, from one high water of that day [s after midnight].
 *
 * Model: one cosine of the lunar half day; the stream follows its slope, so that it stands at high and low water and runs
 * hardest midway. Half an hour either side of high and low water counts as slack. Left out: springs and neaps, the sun's
 * part, shallow water; where a channel fills from two ends the stream turns at another hour, and the local table decides.
 */
export function tideAt(highS: number, atS: number): TideNow {
  const turn = ((((atS - highS) / TIDE_PERIOD_S) % 1) + 1) % 1;
  const streamShare = Math.abs(Math.sin(2 * Math.PI * turn));
  const falls = turn < 0.5;
  const high = turn < 0.25 || turn > 0.75;
  return {
    heightShare: Math.cos(2 * Math.PI * turn),
    streamShare,
    stage: streamShare < SLACK_SHARE ? (high ? 'slack-high' : 'slack-low') : falls ? 'ebb' : 'flood',
    since: { water: falls ? 'high' : 'low', timeS: (falls ? turn : turn - 0.5) * TIDE_PERIOD_S },
  };
}
