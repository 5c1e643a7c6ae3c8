import jStat from 'jstat';

/** ln Γ(x), x > 0. */
export const lnGamma = (x: number): number => jStat.gammaln(x);

/** Value of a gamma variable of a shape and a rate below which the share `p` lies. */
export const gammaQuantile = (p: number, shape: number, rate: number): number => jStat.gamma.inv(p, shape, 1 / rate);
