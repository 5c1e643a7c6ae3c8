export { fight, type Fight, type FightInput } from './fight';
