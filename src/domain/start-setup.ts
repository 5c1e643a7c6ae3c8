import { STANDARD_GRAVITY_MPS2 } from '@/core/constants';
import { KNOTS, type KnotPattern } from '@/core/defaults/knots';
import type { JointKind } from '@/core/evaluate';
import { partIdSchema, type PartId } from './ids';
import type { Joint } from './joint';
import type { Part } from './parts';
import type { Presentation } from './presentation';

/** What is chosen about a rig before its parts. */
export interface RigChoice {
  readonly end: 'hook' | 'jig-head';
  readonly leader: boolean;
  readonly weight: boolean;
}

export interface Slot {
  /** also the id of the joint */
  readonly id: string;
  readonly kind: JointKind;
}

/** The places of a cast soft-bait rig, from rod to bait. */
export function slotsOf({ end, leader, weight }: RigChoice): readonly Slot[] {
  return [
    { id: 'rod', kind: 'rod' },
    { id: 'reel', kind: 'reel' },
    { id: 'line', kind: 'line' },
    ...(leader ? ([{ id: 'leader-knot', kind: 'knot' }, { id: 'leader', kind: 'leader' }] as const) : []),
    ...(weight && end === 'hook' ? ([{ id: 'weight', kind: 'weight' }] as const) : []),
    { id: 'hook-knot', kind: 'knot' },
    { id: end, kind: end },
    { id: 'bait', kind: 'bait' },
  ];
}

/** A metre of leader: long enough to keep the main line from the bait, short enough to cast with. */
const LEADER_M = 1;

/** The chain of a rig whose places are all filled; null while one is not. */
export function chainOf(slots: readonly Slot[], chosen: Readonly<Record<string, PartId | undefined>>): Joint[] | null {
  const joints = slots.flatMap(({ id, kind }): Joint[] => {
    const partId = chosen[id];
    if (!partId) return [];
    switch (kind) {
      case 'leader':
        return [{ id, kind, partId, lengthM: LEADER_M }];
      case 'weight':
        return [{ id, kind, partId, hold: 'free' }];
      case 'hook':
        return [{ id, kind, partId, point: 'skin-hooked' }];
      case 'rod':
      case 'reel':
      case 'line':
      case 'knot':
      case 'jig-head':
      case 'bait':
        return [{ id, kind, partId }];
      default:
        return kind satisfies never;
    }
  });
  return joints.length === slots.length ? joints : null;
}

/** Knots are tied, not bought: each pattern is there without lying in the Box. */
export const builtInKnots: readonly Part[] = Object.keys(KNOTS).map((pattern) => ({ id: partIdSchema.parse(`knot-${pattern}`), kind: 'knot', pattern: pattern as KnotPattern, shares: {} }));

const degrees = (angle: number) => (angle * Math.PI) / 180;

/** Where a new setup starts from: a middling cast from the bank, a firm mouth, nothing in the way. */
export const startPresentation: Presentation = {
  kind: 'cast', castStyle: 'overhead', distanceM: 20, depthM: 2, handHeightM: 1.2,
  water: { temperatureC: 12, salinity: 0 }, currentMps: 0,
  sweep: { way: 'two-hand', startRad: degrees(25), endRad: degrees(105), timeS: 0.35, stepBackM: 0, woundM: 0.3 },
  slackM: 0.3, cover: 'open', mouth: 'firm', fishKg: 2, clutchN: 2 * STANDARD_GRAVITY_MPS2,
  wanted: { fall: { kind: 'steady' }, breakAt: null },
};
