export { lightAt, type Light, type Sky } from './light';
export { moonAt, type Moon } from './moon';
export { noonS, SUN_LIMITS, sunHeightRad, sunPasses, TWILIGHT_RAD, type SunDay } from './sun';
export { tideAt, type TideNow } from './tide';
