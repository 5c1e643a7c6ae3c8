export { normalQuantile } from './normal';
export { quantile } from './quantile';
