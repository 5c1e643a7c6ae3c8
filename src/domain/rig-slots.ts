import type { HardwareForm } from '@/core/tackle/defaults/hardware-classes';
import type { KnotPattern } from '@/core/tackle/defaults/knots';
import type { JointKind, PartKind } from '@/core/tackle';
import type { Joint } from './joint';

type Seed = Joint extends infer J ? (J extends Joint ? Omit<J, 'id' | 'partId'> : never) : never;

/** A place in a rig pattern: what kind of joint stands there as it usually is, and what sort of part it takes. */
export interface RigSlot {
  /** also the id of the joint */
  readonly id: string;
  readonly seed: Seed;
  readonly partKind: PartKind;
  readonly form?: HardwareForm;
  readonly knot?: KnotPattern;
  /** fields that the part should have, as `{ blade: 'blade' }` */
  readonly like?: Readonly<Record<string, string>>;
  /** a field that the part must have at all, as a weight on a hook's shank */
  readonly with?: string;
}

export interface RigPattern {
  readonly slots: readonly RigSlot[];
  /** how it is usually fished */
  readonly fished: 'cast' | 'trolled' | 'drifted' | 'dropped';
  readonly fall?: 'slow' | 'steady' | 'fast' | 'floats' | 'suspends';
}

export const slot = (
  id: string,
  seed: Seed,
  partKind: PartKind,
  more: Omit<RigSlot, 'id' | 'seed' | 'partKind'> = {},
): RigSlot => ({ id, seed, partKind, ...more });
export const plain = (
  id: string,
  kind: JointKind,
  partKind: PartKind,
  more: Omit<RigSlot, 'id' | 'seed' | 'partKind'> = {},
): RigSlot => slot(id, { kind } as Seed, partKind, more);

export const head = [plain('rod', 'rod', 'rod'), plain('reel', 'reel', 'reel'), plain('line', 'line', 'line')];
export const knot = (id: string, pattern: KnotPattern) => plain(id, 'knot', 'knot', { knot: pattern });
export const link = (id: string, form: HardwareForm) => plain(id, 'hardware', 'hardware', { form });
export const leader = (id: string, lengthM: number, like?: RigSlot['like']) =>
  slot(id, { kind: 'leader', lengthM }, 'line', like ? { like } : {});
export const soft = plain('bait', 'bait', 'soft-bait');
export const toLeader = [knot('leader-knot', 'crossed-wrap'), leader('leader', 1)];
export const toHook = knot('hook-knot', 'doubled-eye');
export const toSwivel = [knot('line-knot', 'doubled-eye'), link('swivel', 'swivel')];
export const noseBait = slot('bait', { kind: 'bait', held: 'nose' }, 'natural-bait');
export const swivelled = (leaderM: number) => [
  ...toSwivel,
  knot('swivel-knot', 'doubled-eye'),
  leader('leader', leaderM),
];

/** What holds of a part in a slot unless its packet says otherwise. */
export const usualIn = ({ like, form, knot }: RigSlot): Readonly<Record<string, unknown>> => ({
  ...(like ?? {}),
  ...(form ? { form } : {}),
  ...(knot ? { pattern: knot, shares: {} } : {}),
});
