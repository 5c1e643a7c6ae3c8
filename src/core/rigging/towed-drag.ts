import { resolveBody } from '../sink';
import type { WaterProperties } from '../water';
import { inlineBody } from './falling-bodies';
import type { Rig } from './rig';

/** Steady pull of what hangs on the line when it is drawn through the water [N]: ends as they swim, attractors across the stream. */
export function towedDragN(rig: Rig, water: WaterProperties, speedMps: number): number {
  const ends = rig.ends.reduce((sum, { masses }) => sum + masses.reduce((area, { dragAreaM2 }) => area + (dragAreaM2 ?? 0), 0), 0);
  const inline = rig.elements.reduce((sum, element) => sum + (element.kind === 'inline' ? resolveBody(inlineBody(element.fitted, rig.classes), water, element.fitted.joint.id).dragAreaM2(speedMps) : 0), 0);
  return 0.5 * water.densityKgPm3 * (ends + inline) * speedMps ** 2;
}
