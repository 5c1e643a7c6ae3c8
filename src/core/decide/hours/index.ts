export { lightAt, type Light, type Sky } from './light';
export { moonAt, type Moon } from './moon';
export { HORIZON_RAD, noonS, SUN_LIMITS, sunHeightRad, sunPasses, TWILIGHT_RAD, type SunDay } from './sun';
export { TIDE_PERIOD_S, tideAt, type TideNow } from './tide';
