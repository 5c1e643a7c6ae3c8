export { findRoot, type Bracket } from './find-root';
export { hermite, integrate, type Derivative, type IntegrationOptions, type IntegrationStep } from './integrate';
export { leastSquares, type LeastSquares } from './least-squares';
