export { betaBelow, betaOf, betaQuantile, type Beta } from './beta';
export { gammaQuantile, lnGamma, normalCdf, normalQuantile, studentTQuantile } from './distributions';
export { quantile } from './quantile';
