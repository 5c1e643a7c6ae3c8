import jStat from 'jstat';

/** Value of a standard normal below which the share `p` lies, 0 < p < 1. */
export const normalQuantile = (p: number): number => jStat.normal.inv(p, 0, 1);
