export { houseAdvice, type Advice } from './advice';
export { DAY_LIMITS, onTheDay, type DayConditions } from './day';
export type { Hole } from './holes';
export { METHODS, type Method } from './method';
export { suit, SUIT_LIMITS, type Suit, type SuitInput } from './suit';
export type { OutsideUse, Suited } from './suited';
