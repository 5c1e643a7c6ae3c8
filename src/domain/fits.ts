import { KNOTS } from '@/core/tackle/defaults/knots';
import { carriesPull } from '@/core/rig';
import { PARTS_OF_JOINT, type Joint, type WeightHold } from '@/core/tackle';
import type { Part } from './parts';
import type { RigSlot } from './rig-slots';

/** Parts that a rod's printed windows are about: masses against its lure window, lines against its line window. */
export function fitsRod(part: Part, rod: Part): boolean {
  if (rod.kind !== 'rod') return true;
  if (part.kind === 'line')
    return (
      (!rod.lineLoN || (part.strengthN?.value ?? 0) >= rod.lineLoN.value) &&
      (!rod.lineHiN || (part.strengthN?.value ?? 0) <= rod.lineHiN.value)
    );
  if (
    part.kind === 'rod' ||
    part.kind === 'reel' ||
    part.kind === 'knot' ||
    !('massKg' in part) ||
    !part.massKg ||
    !rod.rating
  )
    return part.kind === 'rod' ? part.id === rod.id : true;
  return (
    part.massKg.value <= rod.rating.hiKg.value &&
    (part.kind === 'hook' || part.kind === 'hardware' || part.massKg.value >= rod.rating.loKg.value / 2)
  );
}

/** Whether the knot at `at` ties one line to another; weights and beads slide between and part nothing. */
export function tiesLines(chain: readonly Pick<Joint, 'kind'>[], at: number): boolean {
  const isLine = (joint: Pick<Joint, 'kind'> | undefined) => joint?.kind === 'line' || joint?.kind === 'leader';
  return isLine(chain[at - 1]) && isLine(chain[at + 1]);
}

/** Whether a part could stand in a joint of a chain in place of what is there. */
export function fitsJoint(part: Part, chain: readonly Joint[], joint: Joint, box: readonly Part[]): boolean {
  if (!(PARTS_OF_JOINT[joint.kind] as readonly string[]).includes(part.kind)) return false;
  switch (part.kind) {
    case 'knot':
      return (
        KNOTS[part.pattern].use ===
        (tiesLines(
          chain,
          chain.findIndex(({ id }) => id === joint.id),
        )
          ? 'line-to-line'
          : 'terminal')
      );
    case 'hook':
      // One point lies in the bait; a treble has nowhere to lie.
      return joint.kind !== 'hook' || joint.point === 'open' || part.points === 'single';
    case 'weight':
      return joint.kind !== 'weight' || holds(part, joint.hold);
    case 'hardware': {
      const now = box.find(({ id }) => id === joint.partId);
      return (
        now?.kind !== 'hardware' ||
        (carriesPull(now.form) && now.form !== 'crimp'
          ? carriesPull(part.form) && part.form !== 'crimp'
          : now.form === part.form)
      );
    }
    default:
      return true;
  }
}

/** Whether a weight can be held so: what slides has a hole, what is fixed a ring or a slot. */
const holds = ({ rigging }: Extract<Part, { kind: 'weight' }>, hold: WeightHold): boolean =>
  hold === 'fixed' || hold === 'pinched' ? rigging !== 'sliding' : rigging !== 'fixed';

/** Whether a part could fill a slot of a rig pattern. */
export function fitsSlot(part: Part, { seed, partKind, form, knot, like, with: needed }: RigSlot): boolean {
  if (part.kind !== partKind) return false;
  if (part.kind === 'hardware' && form) return part.form === form;
  if (part.kind === 'knot' && knot) return KNOTS[part.pattern].use === KNOTS[knot].use;
  if (part.kind === 'weight' && seed.kind === 'weight' && !holds(part, seed.hold)) return false;
  if (part.kind === 'hook' && seed.kind === 'hook' && seed.point !== 'open' && part.points !== 'single') return false;
  if (needed && (part as unknown as Record<string, unknown>)[needed] === undefined) return false;
  return Object.entries(like ?? {}).every(
    ([field, value]) => (part as unknown as Record<string, unknown>)[field] === value,
  );
}
