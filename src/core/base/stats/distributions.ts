import jStat from 'jstat';

/** Value of a standard normal below which the share `p` lies, 0 < p < 1. */
export const normalQuantile = (p: number): number => jStat.normal.inv(p, 0, 1);

/** Share of a standard normal below `x`. */
export const normalCdf = (x: number): number => jStat.normal.cdf(x, 0, 1);

/** ln Γ(x), x > 0. */
export const lnGamma = (x: number): number => jStat.gammaln(x);

/** Value of Student's t with `freedom` degrees of freedom below which the share `p` lies. */
export const studentTQuantile = (p: number, freedom: number): number => jStat.studentt.inv(p, freedom);

/** Value of a gamma variable of a shape and a rate below which the share `p` lies. */
export const gammaQuantile = (p: number, shape: number, rate: number): number => jStat.gamma.inv(p, shape, 1 / rate);
