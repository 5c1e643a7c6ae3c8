export { arrange, type Arranged, type ArrangeInput } from './arrange';
export { ARRANGE_LIMITS, type ArrangeLine, type ArrangeOption } from './options';
