import type { Change } from '@/core/decide';
import { evaluate } from '@/core/judge';
import type { HookStyle } from '@/core/tackle/defaults/hook-classes';
import { seatTakes, type Joint, type Part as CorePart, type Setup } from '@/core/tackle';
import { fitsJoint } from '../fits';
import type { Part } from '../parts';
import { classPartsFor } from './class-parts';
import { techniqueChanges } from './techniques';

/** What is shown to the fish is what was wanted: a remedy changes what stands behind it, not the bait itself. */
const STAYS: ReadonlySet<Joint['kind']> = new Set(['lure', 'bait', 'attractor', 'snell']);

export interface Possible {
  readonly changes: readonly Change[];
  readonly together: readonly (readonly [Change, Change])[];
}

/** Everything that could be done to a setup: the user's own parts first, then technique, then classes of part. */
export function changesFor(setup: Setup, box: readonly Part[]): Possible {
  const partsOf = (from: 'box' | 'class', candidates: (joint: Joint, now: CorePart) => readonly Part[]) =>
    setup.chain
      .filter(({ kind }) => !STAYS.has(kind))
      .flatMap((joint): Change[] => {
        const now = setup.parts.find(({ id }) => id === joint.partId)!;
        const parts = candidates(joint, now).filter((part) => worthTrying(part, now, setup));
        // Two crimps of a kind are changed together; one of them alone would mend nothing.
        const alike = setup.chain.filter(({ partId }) => partId === joint.partId).map(({ id }) => id);
        const places = alike.length > 1 ? [[joint.id], ...(alike[0] === joint.id ? [alike] : [])] : [[joint.id]];
        return places.flatMap((jointIds) => parts.map((part): Change => ({ kind: 'part', jointIds, part, from })));
      });
  const own = partsOf('box', (joint) =>
    box.filter((part) => part.id !== joint.partId && fitsJoint(part, setup.chain, joint, box)),
  );
  const classes = partsOf('class', classPartsFor);
  return {
    changes: [...own, ...techniqueChanges(setup, evaluate(setup)), ...classes],
    together: rodsWithReels(setup, own),
  };
}

/** Own rods whose seat does not take the reel that is on, each with every own reel that it takes. */
function rodsWithReels(setup: Setup, own: readonly Change[]): readonly (readonly [Change, Change])[] {
  const on = setup.parts.find((part) => part.kind === 'reel');
  return own.flatMap((rod) => {
    const mount = rod.kind === 'part' && rod.part.kind === 'rod' ? rod.part.mount : undefined;
    if (mount === undefined || !on || seatTakes(mount, on.build)) return [];
    return own.flatMap((reel) =>
      reel.kind === 'part' && reel.part.kind === 'reel' && seatTakes(mount, reel.part.build)
        ? [[rod, reel] as const]
        : [],
    );
  });
}

const HOOK_FAMILIES: readonly (readonly HookStyle[])[] = [
  ['worm-offset', 'worm-straight', 'wide-gap'],
  ['treble', 'single-inline'],
  ['circle', 'bait'],
  ['jig'],
  ['stinger', 'treble'],
];
const CASTS: ReadonlySet<string> = new Set(['nylon', 'fluorocarbon', 'braid']);

/** Whether anybody would put it there: a hook for the same work, a line that casts, a weight of the same build. */
function worthTrying(part: Part, now: CorePart, { presentation }: Setup): boolean {
  if (part.kind === 'hook' && now.kind === 'hook')
    return HOOK_FAMILIES.some((family) => family.includes(part.style) && family.includes(now.style));
  if (part.kind === 'line' && now.kind === 'line')
    return (
      part.use !== 'backing' &&
      (presentation.kind === 'towed'
        ? part.material === now.material || CASTS.has(part.material)
        : CASTS.has(part.material))
    );
  return true;
}
