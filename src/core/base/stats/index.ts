export { betaBelow, betaOf, betaQuantile, type Beta } from './beta';
export { gammaQuantile, lnGamma, normalCdf, normalQuantile } from './distributions';
export { quantile } from './quantile';
