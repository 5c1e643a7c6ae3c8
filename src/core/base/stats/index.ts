export { gammaQuantile, lnGamma } from './gamma';
export { normalCdf, normalQuantile } from './normal';
export { quantile } from './quantile';
