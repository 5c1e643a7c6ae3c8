export { depthAfter, sTurn, S_TURN_LIMITS, type STurn, type STurnInput } from './s-turn';
