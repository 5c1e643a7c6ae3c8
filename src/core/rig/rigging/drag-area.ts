import { resolveBody, type WaterProperties } from '../../water';
import type { Rig } from './rig';

/** Drag coefficient times area of everything that is thrown, as it shows the water when it sinks [m²]. */
export const dragAreaM2 = ({ bodies }: Pick<Rig, 'bodies'>, water: WaterProperties, speedMps: number): number =>
  bodies.reduce((sum, body, i) => sum + resolveBody(body, water, `bodies[${i}]`).dragAreaM2(speedMps), 0);
