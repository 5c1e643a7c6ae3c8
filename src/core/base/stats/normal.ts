import jStat from 'jstat';

/** Value of a standard normal below which the share `p` lies, 0 < p < 1. */
export const normalQuantile = (p: number): number => jStat.normal.inv(p, 0, 1);

/** Share of a standard normal below `x`. */
export const normalCdf = (x: number): number => jStat.normal.cdf(x, 0, 1);
