export { normalCdf, normalQuantile } from './normal';
export { quantile } from './quantile';
