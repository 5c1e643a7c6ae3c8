import type { PointPlace } from '../../tackle/defaults/bait-classes';
import type { Station } from '../../tackle';
import type { Guard } from '../../tackle/defaults/hookset-classes';
import type { HookSpec } from './hook-spec';

/** A place beside the body: x aft of its nose, z above its axis [m]. */
export interface Place {
  readonly xM: number;
  readonly zM: number;
}

/** A hook where it sits. */
export interface HookPlace {
  readonly jointId: string;
  readonly role: 'main' | 'carried' | 'second' | 'stinger';
  readonly spec: HookSpec;
  readonly point: PointPlace;
  readonly guard: Guard;
  readonly eye: Place;
  readonly tip: Place;
  /** how far its shank lies below its eye, as on an offset worm hook [m] */
  readonly dropM: number;
  /** hangs from a ring or loop and is free to turn */
  readonly hangs: boolean;
  /** gap less what the bitten body leaves in it [m]; null where no body lies in the gap */
  readonly clearGapM: number | null;
  /** where the point stands along the trunk, 0 nose to 1 tail's root; null without a body */
  readonly station: number | null;
  /** on a lure: which of its stations, and the joint of the ring that was put there; null: the ring that it came with */
  readonly hangsAt?: { readonly station: Station; readonly ringId: string | null };
}
