import { InputRangeError } from '@/core/base/guard';
import { readRig, type Rig } from '@/core/rig';
import { familyOf } from '@/core/tackle';
import type { SetWay } from '@/core/tackle/defaults/hookset-classes';
import { sideTaken } from '@/core/tackle/defaults/schools';
import type { House, Setup } from '@/core/tackle';
import type { Joint } from './joint';
import type { Part } from './parts';
import type { Presentation } from './presentation';
import { PRESENTATION_LIMITS } from './presentation-limits';
import type { RigId } from './rigs';
import { startPresentation } from './start-setup';

/** Share of what the weakest joint holds that a drag is set to at first, by the house's hand. */
const DRAG_SHARE = { firm: 0.3, patient: 0.2 } as const;
/** Share of what the blank bears that a drag is never set above at first. */
const BLANK_SHARE = 0.75;
/** With two hands one winds down to the fish and leans back. */
const TWO_HANDED = { stepBackM: 0.2, woundM: 0.5 } as const;

/**
 * How these parts are usually fished in a rig: the pattern's way, set with the hands that such a rod is held in, the drag at a
 * third of the weakest joint, large lures lobbed.
 */
export function usualPresentation(
  rig: RigId,
  parts: readonly Part[],
  chain: readonly Joint[],
  schools: House['schools'] = {},
): Presentation {
  const start = startPresentation(rig);
  const read = readable({ parts, chain, presentation: start });
  if (!read) return start;
  const { family } = familyOf(read.rodPart);
  const mostN = Math.min(read.reel.clutchMaxN.value, BLANK_SHARE * read.rodHoldsN);
  const clutchN = Math.max(
    PRESENTATION_LIMITS.clutchN.min,
    Number(Math.min(DRAG_SHARE[sideTaken(schools, 'clutch-hand')] * read.chain.strengthN, mostN).toPrecision(2)),
  );
  const way: SetWay = read.rodPart.mount === 'spin' || family === 'light' ? 'one-arm' : 'two-hand';
  const common = { ...start, clutchN, sweep: { ...start.sweep, way, ...(way === 'two-hand' ? TWO_HANDED : {}) } };
  if (common.kind !== 'cast') return common;
  const lure = parts.find((part) => part.kind === 'hard-lure' && chain.some(({ partId }) => partId === part.id));
  // A pattern whose lure usually floats is fished as the lure at hand floats, suspends or sinks.
  const fall =
    lure?.kind === 'hard-lure' && common.wanted.fall.kind === 'floats'
      ? ({ kind: lure.buoyancy === 'sinks' ? 'steady' : lure.buoyancy } as const)
      : common.wanted.fall;
  return {
    ...common,
    wanted: { ...common.wanted, fall },
    ...(family === 'big-lure' ? { castStyle: 'lob' as const } : {}),
  };
}

/** The rig as it is read; null where a part lies outside of what the models take: then there is no usual drag for it. */
function readable(setup: Setup): Rig | null {
  try {
    return readRig(setup);
  } catch (error) {
    if (error instanceof InputRangeError) return null;
    throw error;
  }
}
