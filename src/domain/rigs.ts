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

const slot = (
  id: string,
  seed: Seed,
  partKind: PartKind,
  more: Omit<RigSlot, 'id' | 'seed' | 'partKind'> = {},
): RigSlot => ({ id, seed, partKind, ...more });
const plain = (
  id: string,
  kind: Extract<Seed, object>['kind'] & JointKind,
  partKind: PartKind,
  more: Omit<RigSlot, 'id' | 'seed' | 'partKind'> = {},
): RigSlot => slot(id, { kind } as Seed, partKind, more);

const head = [plain('rod', 'rod', 'rod'), plain('reel', 'reel', 'reel'), plain('line', 'line', 'line')];
const knot = (id: string, pattern: KnotPattern) => plain(id, 'knot', 'knot', { knot: pattern });
const link = (id: string, form: HardwareForm) => plain(id, 'hardware', 'hardware', { form });
const leader = (id: string, lengthM: number, like?: RigSlot['like']) =>
  slot(id, { kind: 'leader', lengthM }, 'line', like ? { like } : {});
const soft = plain('bait', 'bait', 'soft-bait');
const toLeader = [knot('leader-knot', 'crossed-wrap'), leader('leader', 1)];
const toHook = knot('hook-knot', 'doubled-eye');
const toSwivel = [knot('line-knot', 'doubled-eye'), link('swivel', 'swivel')];
const noseBait = slot('bait', { kind: 'bait', held: 'nose' }, 'natural-bait');
const swivelled = (leaderM: number) => [...toSwivel, knot('swivel-knot', 'doubled-eye'), leader('leader', leaderM)];

/**
 * Every rig that ships with Ferula: a starting chain, from which any joint can be taken and to which any can be added.
 * Names and the usual mistake of each stand in the catalogues and in docs/rigs.md.
 */
export const RIGS = {
  'weightless-weedless': {
    fished: 'cast',
    fall: 'slow',
    slots: [...head, ...toLeader, toHook, slot('hook', { kind: 'hook', point: 'skin-hooked' }, 'hook'), soft],
  },
  'sliding-weedless': {
    fished: 'cast',
    fall: 'steady',
    slots: [
      ...head,
      ...toLeader,
      slot('weight', { kind: 'weight', hold: 'free' }, 'weight'),
      toHook,
      slot('hook', { kind: 'hook', point: 'skin-hooked' }, 'hook'),
      soft,
    ],
  },
  'pegged-weedless': {
    fished: 'cast',
    fall: 'steady',
    slots: [
      ...head,
      ...toLeader,
      slot('weight', { kind: 'weight', hold: 'pegged' }, 'weight'),
      toHook,
      slot('hook', { kind: 'hook', point: 'skin-hooked' }, 'hook'),
      soft,
    ],
  },
  'shank-weighted-weedless': {
    fished: 'cast',
    fall: 'slow',
    slots: [
      ...head,
      ...toLeader,
      toHook,
      slot('hook', { kind: 'hook', point: 'skin-hooked' }, 'hook', { with: 'shankWeightKg' }),
      soft,
    ],
  },
  'slotted-prawn': {
    fished: 'cast',
    fall: 'slow',
    slots: [
      ...head,
      ...toLeader,
      toHook,
      slot('hook', { kind: 'hook', point: 'skin-hooked' }, 'hook'),
      plain('bait', 'bait', 'soft-bait', { like: { slot: 'slotted' } }),
    ],
  },
  'pinched-weight': {
    fished: 'cast',
    fall: 'slow',
    slots: [
      ...head,
      slot('weight', { kind: 'weight', hold: 'pinched', aboveM: 0.4 }, 'weight'),
      toHook,
      slot('hook', { kind: 'hook', point: 'open' }, 'hook'),
      noseBait,
    ],
  },
  'dragged-split-leader': {
    fished: 'cast',
    fall: 'steady',
    slots: [
      ...head,
      slot('weight', { kind: 'weight', hold: 'free' }, 'weight'),
      link('bead', 'bead'),
      ...swivelled(0.6),
      toHook,
      slot('hook', { kind: 'hook', point: 'skin-hooked' }, 'hook'),
      soft,
    ],
  },
  tandem: {
    fished: 'cast',
    fall: 'steady',
    slots: [
      ...head,
      ...toLeader,
      knot('front-knot', 'open-loop'),
      plain('front-head', 'jig-head', 'jig-head'),
      plain('front-bait', 'bait', 'soft-bait'),
      knot('rear-leader-knot', 'doubled-eye'),
      leader('rear-leader', 0.45),
      toHook,
      plain('jig-head', 'jig-head', 'jig-head'),
      soft,
    ],
  },
  'two-legs': {
    fished: 'drifted',
    slots: [
      ...head,
      slot('weight', { kind: 'weight', hold: 'free' }, 'weight'),
      link('bead', 'bead'),
      ...toSwivel,
      knot('short-swivel-knot', 'doubled-eye'),
      leader('short-leader', 0.35),
      knot('short-hook-knot', 'doubled-eye'),
      slot('short-hook', { kind: 'hook', point: 'open' }, 'hook'),
      slot('short-bait', { kind: 'bait', held: 'nose' }, 'natural-bait'),
      knot('swivel-knot', 'doubled-eye'),
      slot('leader', { kind: 'leader', lengthM: 0.65, from: 'swivel' }, 'line'),
      toHook,
      slot('hook', { kind: 'hook', point: 'open' }, 'hook'),
      noseBait,
    ],
  },
  'jig-head': {
    fished: 'cast',
    fall: 'steady',
    slots: [...head, ...toLeader, toHook, plain('jig-head', 'jig-head', 'jig-head'), soft],
  },
  'bladed-jig': {
    fished: 'cast',
    fall: 'steady',
    slots: [
      ...head,
      ...toLeader,
      toHook,
      link('snap', 'snap'),
      plain('lure', 'lure', 'skirted-jig', { like: { blade: 'blade' } }),
      slot('trailer', { kind: 'trailer', segmentsOff: 3 }, 'trailer'),
    ],
  },
  'skirted-jig': {
    fished: 'cast',
    fall: 'steady',
    slots: [
      ...head,
      ...toLeader,
      toHook,
      plain('lure', 'lure', 'skirted-jig', { like: { blade: 'no-blade' } }),
      plain('trailer', 'trailer', 'trailer'),
    ],
  },
  'big-bait-stinger': {
    fished: 'cast',
    fall: 'steady',
    slots: [
      ...head,
      ...toLeader,
      toHook,
      plain('jig-head', 'jig-head', 'jig-head'),
      soft,
      slot('stinger', { kind: 'stinger', lengthM: 0.03, held: 'ring' }, 'hook', { like: { points: 'treble' } }),
    ],
  },
  plug: {
    fished: 'cast',
    fall: 'floats',
    slots: [
      ...head,
      ...toLeader,
      toHook,
      link('snap', 'snap'),
      plain('lure', 'lure', 'hard-lure'),
      link('hook-ring', 'split-ring'),
      slot('hook', { kind: 'hook', point: 'open' }, 'hook'),
    ],
  },
  'bare-plug': {
    fished: 'cast',
    fall: 'floats',
    slots: [...head, ...toLeader, toHook, link('snap', 'snap'), plain('lure', 'lure', 'hard-lure')],
  },
  'bare-topwater': {
    fished: 'cast',
    fall: 'floats',
    slots: [...head, ...toLeader, toHook, link('snap', 'snap'), plain('lure', 'lure', 'topwater')],
  },
  spoon: {
    fished: 'cast',
    fall: 'steady',
    slots: [...head, ...swivelled(0.6), toHook, link('snap', 'snap'), plain('lure', 'lure', 'spoon')],
  },
  'spoon-behind-attractor': {
    fished: 'trolled',
    slots: [
      ...head,
      ...toSwivel,
      plain('attractor', 'attractor', 'attractor'),
      link('rear-swivel', 'swivel'),
      knot('swivel-knot', 'doubled-eye'),
      leader('leader', 1),
      toHook,
      link('snap', 'snap'),
      plain('lure', 'lure', 'spoon'),
    ],
  },
  'fly-behind-attractor': {
    fished: 'trolled',
    slots: [
      ...head,
      ...toSwivel,
      plain('attractor', 'attractor', 'attractor'),
      link('rear-swivel', 'swivel'),
      knot('swivel-knot', 'doubled-eye'),
      leader('leader', 0.5),
      link('disc', 'wobble-disc'),
      toHook,
      plain('lure', 'lure', 'trolled-fly'),
    ],
  },
  'disc-fly': {
    fished: 'trolled',
    slots: [...head, ...swivelled(1.2), link('disc', 'wobble-disc'), toHook, plain('lure', 'lure', 'trolled-fly')],
  },
  'strip-on-a-tube': {
    fished: 'trolled',
    slots: [
      ...head,
      ...swivelled(1.2),
      toHook,
      slot('hook', { kind: 'hook', point: 'open' }, 'hook'),
      slot('bait', { kind: 'bait', held: 'nose' }, 'natural-bait', { like: { bait: 'bait-strip' } }),
      slot('tube', { kind: 'hardware', place: 'bend' }, 'hardware', { form: 'sleeve' }),
    ],
  },
  'bait-head-behind-attractor': {
    fished: 'trolled',
    slots: [
      ...head,
      ...toSwivel,
      plain('attractor', 'attractor', 'attractor'),
      link('rear-swivel', 'swivel'),
      knot('swivel-knot', 'doubled-eye'),
      leader('leader', 0.5),
      link('bait-head', 'bait-head'),
      toHook,
      slot('hook', { kind: 'hook', point: 'open' }, 'hook'),
      slot('bait', { kind: 'bait', held: 'back', spins: true }, 'natural-bait'),
    ],
  },
  'live-bait-snell': {
    fished: 'drifted',
    slots: [
      ...head,
      slot('weight', { kind: 'weight', hold: 'free' }, 'weight'),
      link('bead', 'bead'),
      ...toSwivel,
      plain('snell', 'snell', 'snell'),
      noseBait,
    ],
  },
  'sliding-snell': {
    fished: 'drifted',
    slots: [
      ...head,
      slot('weight', { kind: 'weight', hold: 'free' }, 'weight'),
      link('bead', 'bead'),
      ...toSwivel,
      plain('snell', 'snell', 'snell', { like: { front: 'sliding' } }),
      noseBait,
    ],
  },
  'worm-harness': {
    fished: 'drifted',
    slots: [
      ...head,
      slot('weight', { kind: 'weight', hold: 'pinched', aboveM: 0.5 }, 'weight'),
      ...toSwivel,
      plain('snell', 'snell', 'snell', { like: { blade: 'no-blade' } }),
      slot('bait', { kind: 'bait', held: 'nose' }, 'natural-bait', { like: { bait: 'bait-worm' } }),
    ],
  },
  'bouncer-harness': {
    fished: 'drifted',
    slots: [
      ...head,
      knot('line-knot', 'doubled-eye'),
      plain('bouncer', 'bouncer', 'bottom-bouncer'),
      link('swivel', 'swivel'),
      plain('snell', 'snell', 'snell', { like: { blade: 'blade' } }),
      noseBait,
    ],
  },
  'drop-weight': {
    fished: 'dropped',
    slots: [
      ...head,
      ...toLeader,
      toHook,
      slot('hook', { kind: 'hook', point: 'open' }, 'hook'),
      slot('bait', { kind: 'bait', held: 'nose' }, 'soft-bait'),
      knot('tag-knot', 'wrapped-eye'),
      leader('tag', 0.4),
      knot('weight-knot', 'wrapped-eye'),
      slot('weight', { kind: 'weight', hold: 'fixed' }, 'weight'),
    ],
  },
  'towed-minnow': {
    fished: 'trolled',
    slots: [
      ...head,
      ...toSwivel,
      link('front-crimp', 'crimp'),
      leader('leader', 1.2),
      link('rear-crimp', 'crimp'),
      plain('lure', 'lure', 'hard-lure'),
    ],
  },
  'wind-on-leader': {
    fished: 'trolled',
    slots: [
      ...head,
      knot('leader-knot', 'line-splice'),
      leader('leader', 5),
      toHook,
      link('snap', 'snap'),
      plain('lure', 'lure', 'hard-lure'),
    ],
  },
  'bridled-bait': {
    fished: 'drifted',
    slots: [
      ...head,
      ...toSwivel,
      link('front-crimp', 'crimp'),
      leader('leader', 1.5),
      link('rear-crimp', 'crimp'),
      slot('hook', { kind: 'hook', point: 'open' }, 'hook', { like: { style: 'circle' } }),
      link('bridle', 'bridle'),
      slot('bait', { kind: 'bait', held: 'bridled' }, 'natural-bait'),
    ],
  },
  'hollow-topwater': {
    fished: 'cast',
    fall: 'floats',
    slots: [...head, toHook, plain('lure', 'lure', 'topwater', { like: { body: 'hollow' } })],
  },
  'jerked-plug': {
    fished: 'cast',
    fall: 'slow',
    slots: [
      ...head,
      ...toLeader,
      toHook,
      link('trace', 'trace'),
      link('snap', 'snap'),
      plain('lure', 'lure', 'hard-lure', { like: { lip: 'no-lip' } }),
    ],
  },
  'fast-head': {
    fished: 'trolled',
    slots: [
      ...head,
      ...toSwivel,
      link('front-crimp', 'crimp'),
      leader('leader', 2, { material: 'steel-seven' }),
      slot('weight', { kind: 'weight', hold: 'pegged' }, 'weight', { like: { shape: 'cone' } }),
      plain('skirt', 'skirt', 'skirt'),
      link('rear-crimp', 'crimp'),
      slot('hook', { kind: 'hook', point: 'open' }, 'hook'),
    ],
  },
} as const satisfies Record<string, RigPattern>;

export type RigId = keyof typeof RIGS;

export const RIG_IDS = Object.keys(RIGS) as readonly RigId[];

export const rigPattern = (id: RigId): RigPattern => RIGS[id];

/** What holds of a part in a slot unless its packet says otherwise. */
export const usualIn = ({ like, form, knot }: RigSlot): Readonly<Record<string, unknown>> => ({
  ...(like ?? {}),
  ...(form ? { form } : {}),
  ...(knot ? { pattern: knot, shares: {} } : {}),
});
