import { TWIST } from '../../tackle/defaults/rig-classes';
import { spacingOf, type RiggedEnd } from '../rigging';

/** A long bait on two hooks: how much of the last bend stands out of it [m], and how often it turns in a metre of way. */
export interface BaitSpin {
  readonly exposedM: number;
  readonly turnsPerM: number;
}

/**
 * How a bait that is held at two hooks swims.
 *
 * Model: a bait longer between its hooks than they stand apart lies in a bow, of height h = √(3·slack·spacing/8). Its ends
 * then stand at the slope 4h/ℓ to the stream, and like a blade it turns as it goes: at the pitch of that slope on the radius
 * h one turn takes πℓ/2 of way whatever the height, less what slips. It slips the less the higher the bow, and below a
 * creeping speed the line's own stiffness holds it: 1 − (v₀/v)². Straight on its hooks it does not turn.
 * The bend of the last hook stands out by its gap less half of the bait.
 * Source: the arc's excess length over its chord to second order; slip by class (TWIST.bowed).
 */
export function baitSpin({ assembly, body, hooks }: RiggedEnd, speedMps: number): BaitSpin | null {
  const { bearer } = assembly;
  const bait = assembly.attached.find((each) => each.kind === 'bait');
  const last = hooks.filter(({ role }) => role !== 'stinger').at(-1);
  if (bearer.kind !== 'snell' || bearer.part.hooks < 2 || bait?.kind !== 'bait' || !body || !last) return null;
  const spacingM = spacingOf(bearer);
  const slackM = bait.joint.slackM ?? 0;
  const bowM = Math.sqrt((3 * slackM * spacingM) / 8);
  const { bowAtFull, grip, fromMps } = TWIST.bowed;
  const slips = grip * Math.min(1, bowM / (bowAtFull * body.lengthM));
  const moves = speedMps <= fromMps ? 0 : 1 - (fromMps / speedMps) ** 2;
  return {
    exposedM: Math.max(0, last.spec.gapM - body.heightM / 2),
    turnsPerM: (slips * moves * 2) / (Math.PI * body.lengthM),
  };
}
