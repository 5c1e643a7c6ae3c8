export { findRoot, type Bracket } from './find-root';
export {
  eventIn,
  hermite,
  integrate,
  type Derivative,
  type IntegrationOptions,
  type IntegrationStep,
} from './integrate';
export { leastSquares, type LeastSquares } from './least-squares';
export { seeded } from './seeded';
export { sobol, SOBOL_MOST_DIMENSIONS } from './sobol';
export { regression } from './regression';
export { linearLeastSquares, type LinearFit } from './linear-least-squares';
export { loadMixedInteger, solveMixedInteger, type Program, type Solved, type Term } from './mixed-integer';
