import type { BaitHold, PointPlace } from '../defaults/bait-classes';
import type { StingerHold } from '../defaults/rig-classes';
import type { PartKind } from './parts';
import type { Station } from './stations';

/** A place in the rig, from the rod to the bait, and the part that fills it. */
export type Joint = {
  readonly id: string;
  readonly partId: string;
  /** which of the part's colours */
  readonly colour?: string | undefined;
} & (
  | { readonly kind: 'rod' | 'reel' | 'line' | 'knot' | 'attractor' | 'bouncer' | 'skirt' }
  /** spacingM: between the hooks of one whose front hook slides, as it is set [m] */
  | { readonly kind: 'snell'; readonly spacingM?: number | undefined }
  /** place: of a tube, over the eye or in the bend, where it holds the bait; absent: over the eye */
  | { readonly kind: 'hardware'; readonly place?: 'eye' | 'bend' | undefined }
  /** bare: stations of the lure that carry no hook */
  | { readonly kind: 'lure'; readonly bare?: readonly Station[] | undefined }
  /** from: the joint that it starts at, as the second of two legs on one swivel; absent: where the joint before it ends */
  | { readonly kind: 'leader'; readonly lengthM: number; readonly from?: string | undefined }
  /** sidewaysRad: how far it is turned from straight down; tripped: it has let go and planes no more */
  | { readonly kind: 'plane'; readonly sidewaysRad?: number | undefined; readonly tripped?: boolean | undefined }
  /**
   * free: slides; pegged: rests against what follows; fixed: tied or clipped in the line, or hung at its end; pinched: on
   * the line before it, which runs on uncut, so far above its end [m]
   */
  | { readonly kind: 'weight'; readonly hold: WeightHold; readonly aboveM?: number | undefined }
  /** offCentreM: how far to the side of the body's middle the hook sits [m]; station: on a lure, absent for all of them */
  | {
      readonly kind: 'hook';
      readonly point: PointPlace;
      readonly offCentreM?: number | undefined;
      readonly station?: Station | undefined;
    }
  | { readonly kind: 'jig-head'; readonly offCentreM?: number | undefined }
  | {
      readonly kind: 'bait';
      readonly held?: BaitHold | undefined;
      readonly spins?: boolean | undefined;
      /** length of a worm between two hooks beyond the hooks' own spacing: what bends it [m] */
      readonly slackM?: number | undefined;
      readonly segmentsOff?: number | undefined;
    }
  | { readonly kind: 'trailer'; readonly segmentsOff?: number | undefined }
  /** lengthM: from what it hangs on to its own eye [m] */
  | { readonly kind: 'stinger'; readonly lengthM: number; readonly held: StingerHold }
);
export type JointKind = Joint['kind'];

export const WEIGHT_HOLDS = ['free', 'pegged', 'fixed', 'pinched'] as const;
export type WeightHold = (typeof WEIGHT_HOLDS)[number];

/** Where a pinched weight sits when nobody said: as far above the hook as most are set [m]. */
export const PINCHED_ABOVE_M = 0.4;

/** The kinds of part that each kind of joint takes. */
export const PARTS_OF_JOINT = {
  rod: ['rod'],
  reel: ['reel'],
  line: ['line'],
  knot: ['knot'],
  leader: ['line'],
  weight: ['weight'],
  hardware: ['hardware'],
  attractor: ['attractor'],
  plane: ['diving-plane'],
  bouncer: ['bottom-bouncer'],
  hook: ['hook'],
  'jig-head': ['jig-head'],
  lure: ['hard-lure', 'spoon', 'topwater', 'trolled-fly', 'skirted-jig'],
  snell: ['snell'],
  bait: ['soft-bait', 'natural-bait'],
  trailer: ['trailer'],
  skirt: ['skirt'],
  stinger: ['hook'],
} as const satisfies Record<JointKind, readonly PartKind[]>;

/** Joints that bring a hook of their own. */
export const HOOK_BEARING = ['hook', 'jig-head', 'lure', 'snell', 'stinger'] as const satisfies readonly JointKind[];

export const bearsHook = (kind: JointKind): boolean => (HOOK_BEARING as readonly JointKind[]).includes(kind);
