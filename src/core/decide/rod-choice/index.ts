export { rodInHand, USUAL_DAY, type Day, type RodInHand } from './in-hand';
export { rodTrade, type RodTrade, type Traded } from './trade';
