export { gammaQuantile, lnGamma, normalCdf, normalQuantile } from './distributions';
export { quantile } from './quantile';
