import { fitsSlot } from './fits';
import type { Part } from './parts';
import type { PartKind } from './parts/kinds';
import type { Presentation } from './presentation';
import { RIG_IDS, rigPattern, type RigId } from './rigs';
import type { RigSlot } from './rig-slots';

/** Kinds of part that a fish is to take: lures and baits. */
export const LURE_KINDS = [
  'hard-lure',
  'spoon',
  'topwater',
  'trolled-fly',
  'skirted-jig',
  'soft-bait',
  'jig-head',
  'natural-bait',
] as const satisfies readonly PartKind[];

/** Kinds of joint that a rig is built round: what the fish is to take. */
const TAKEN: ReadonlySet<RigSlot['seed']['kind']> = new Set([
  'lure',
  'bait',
  'jig-head',
  'snell',
  'trailer',
  'attractor',
]);

/** The place of a rig that a lure or bait would stand in; null: the rig has none for it. */
export const slotFor = (rig: RigId, part: Part): string | null =>
  rigPattern(rig).slots.find((slot) => TAKEN.has(slot.seed.kind) && fitsSlot(part, slot))?.id ?? null;

/** Every rig that takes a lure or bait; one that lets its hooks be changed comes first. */
export const rigsFor = (part: Part): readonly RigId[] => {
  const fit = RIG_IDS.filter((rig) => slotFor(rig, part) !== null);
  const changesHooks = (rig: RigId) =>
    rigPattern(rig).slots.some(({ id, seed }) => id === 'hook' && seed.kind === 'hook');
  return part.kind === 'hard-lure' ? [...fit].sort((a, b) => Number(changesHooks(b)) - Number(changesHooks(a))) : fit;
};

/** What a new rig must do: a way of fishing, a depth, a speed, a fish. */
export interface Question {
  readonly fished: RigFished | null;
  readonly depthM: number | null;
  readonly speedMps: number | null;
  readonly fishKg: number | null;
}

export type RigFished = ReturnType<typeof rigPattern>['fished'];
export const WAYS_FISHED = ['cast', 'trolled', 'drifted', 'dropped'] as const satisfies readonly RigFished[];
export const NOTHING_ASKED: Question = { fished: null, depthM: null, speedMps: null, fishKg: null };

/** How near a lure is to run to the depth that was asked for, either way. */
const BAND_SHARE = 0.15;

/** A presentation with what was asked in the place of what is usual. */
export function askedOf<P extends Presentation>(usual: P, { depthM, speedMps, fishKg }: Question): P {
  const about = depthM === null ? null : { fromM: (1 - BAND_SHARE) * depthM, toM: (1 + BAND_SHARE) * depthM };
  return {
    ...usual,
    ...(depthM === null ? {} : { depthM }),
    ...(speedMps === null ? {} : { speedMps }),
    ...(fishKg === null ? {} : { fishKg }),
    ...(usual.kind === 'towed' && about ? { wanted: { ...usual.wanted, depth: about } } : {}),
  };
}
