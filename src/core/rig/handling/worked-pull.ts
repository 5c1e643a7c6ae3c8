import { dragAreaM2, type Rig } from '../rigging';
import { bendRod, resolveRod, type Presentation } from '../../tackle';
import type { Running } from '../trolling';
import { waterProperties } from '../../water';

/** A hard lure without a lip is worked by the rod. */
export const isJerked = ({ ends }: Pick<Rig, 'ends'>): boolean =>
  ends.some(
    ({ assembly: { bearer } }) =>
      bearer.kind === 'lure' && bearer.part.kind === 'hard-lure' && bearer.part.lip === 'no-lip',
  );

/**
 * Pull of the lure while it is worked, as if square to the rod [N]: its drag as it is wound or jerked in; of a towed rig its
 * steady pull on the bent rod's lever.
 */
export function workedPullN(rig: Rig, presentation: Presentation, running: Running | null): number {
  if (running) {
    const rod = resolveRod(rig.rod);
    const pullN = running.pullN ?? 0;
    return (pullN * bendRod(rod, pullN, Math.PI / 2).leverArmM) / rod.lengthM;
  }
  const speed = presentation.speedMps * (isJerked(rig) ? rig.classes.handling.jerk.factor : 1);
  const water = waterProperties(presentation.water);
  return 0.5 * water.densityKgPm3 * dragAreaM2(rig, water, speed) * speed ** 2;
}
