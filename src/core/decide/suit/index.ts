export { DAY_LIMITS, onTheDay, type DayConditions } from './day';
export type { Hole } from './holes';
export { suit, SUIT_LIMITS, type Suit, type SuitInput } from './suit';
export type { OutsideUse, Suited } from './suited';
