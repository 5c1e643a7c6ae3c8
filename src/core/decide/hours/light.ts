import type { Conditions } from '../../tackle';
import { TWILIGHT_RAD } from './sun';

export type Light = NonNullable<Conditions['light']>;
/** What clouds make of a day's light. */
export type Sky = 'bright' | 'overcast';

/** A sun so low gives the long, weak light of dusk and dawn [rad]: at 5° less than a tenth of noon's light enters the water. */
const LOW_SUN_RAD = (5 * Math.PI) / 180;

/** The light on the water by the sun's height [rad]; dawn counts as dusk. */
export function lightAt(heightRad: number, sky: Sky): Light {
  if (heightRad < TWILIGHT_RAD) return 'dark';
  return heightRad < LOW_SUN_RAD ? 'dusk' : sky;
}
