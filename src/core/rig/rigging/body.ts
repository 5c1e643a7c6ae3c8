import { TAIL_SHARE } from '../../tackle/defaults/bait-classes';
import type { Classes } from '../../tackle/defaults/classes';
import type { TailShape } from '../../tackle/defaults/sink-classes';
import type { Assembly } from './elements';

/** What a hook is dressed with, or what carries the hooks: a body with its nose at the origin. */
export interface Body {
  readonly jointId: string;
  readonly kind: 'soft-bait' | 'natural-bait' | 'hard-lure' | 'spoon' | 'topwater' | 'trolled-fly' | 'trailer';
  /** tip to tail, trimmed as it is rigged [m] */
  readonly lengthM: number;
  readonly heightM: number;
  readonly widthM: number;
  /** null: no soft tail */
  readonly tail: TailShape | null;
  /** without the tail [m] */
  readonly trunkM: number;
  /** a slot that the hook lies in: less of it stands in the gap */
  readonly slotted: boolean;
}

/** The body of an assembly; null for a bare hook or a skirted head without trailer. */
export function bodyOf(assembly: Assembly, classes: Classes): Body | null {
  const bait = assembly.attached.find((each) => each.kind === 'bait');
  const trailer = assembly.attached.find((each) => each.kind === 'trailer');
  if (bait?.kind === 'bait') {
    const { part, joint } = bait;
    const row = classes.bodies[part.kind];
    if (part.kind === 'soft-bait')
      return {
        ...soft(joint.id, part.kind, trimmed(part, joint.segmentsOff), part.heightM.value, row.width, part.tail),
        slotted: part.slot === 'slotted',
      };
    const lengthM = part.lengthM.value;
    return {
      jointId: joint.id,
      kind: part.kind,
      lengthM,
      heightM: part.heightM?.value ?? lengthM * row.height,
      widthM: lengthM * row.width,
      tail: null,
      trunkM: lengthM,
      slotted: false,
    };
  }
  if (trailer?.kind === 'trailer') {
    const { part, joint } = trailer;
    return soft(
      joint.id,
      'trailer',
      trimmed(part, joint.segmentsOff),
      part.lengthM.value * classes.bodies.trailer.height,
      classes.bodies.trailer.width,
      part.tail,
    );
  }
  if (assembly.bearer.kind === 'lure' && assembly.bearer.part.kind !== 'skirted-jig') {
    const { part, joint } = assembly.bearer;
    const row = classes.bodies[part.kind];
    const lengthM = part.lengthM.value;
    return {
      jointId: joint.id,
      kind: part.kind,
      lengthM,
      heightM: lengthM * row.height,
      widthM: lengthM * row.width,
      tail: null,
      trunkM: lengthM,
      slotted: false,
    };
  }
  return null;
}

function soft(
  jointId: string,
  kind: 'soft-bait' | 'trailer',
  lengthM: number,
  heightM: number,
  width: number,
  tail: TailShape,
): Body {
  return {
    jointId,
    kind,
    lengthM,
    heightM,
    widthM: lengthM * width,
    tail,
    trunkM: lengthM * (1 - TAIL_SHARE[tail].share),
    slotted: false,
  };
}

/** Length left when segments are cut off the front [m]: they share the trunk, the tail stays whole. */
export function trimmed(
  part: {
    readonly lengthM: { readonly value: number };
    readonly tail: TailShape;
    readonly segments?: number | undefined;
  },
  off = 0,
): number {
  const length = part.lengthM.value;
  if (!part.segments || off === 0) return length;
  return length * (1 - (1 - TAIL_SHARE[part.tail].share) * Math.min(1, off / part.segments));
}

/** Share of mass that is left after trimming: cut segments are of the trunk, which is thicker than the tail. */
export function trimmedMassShare(part: Parameters<typeof trimmed>[0], off = 0): number {
  if (!part.segments || off === 0) return 1;
  // The trunk holds all but a fifth of a tail's share: tails are thin.
  const trunkMass = 1 - TAIL_SHARE[part.tail].share * 0.4;
  return 1 - trunkMass * Math.min(1, off / part.segments);
}

/** Half height of a soft body at a station (0 nose, 1 where the tail begins), over the greatest half height. */
export function bodyProfile(station: number): number {
  const nose = Math.sqrt(Math.min(1, station / 0.28) * (2 - Math.min(1, station / 0.28)));
  const taper = station < 0.4 ? 1 : 1 - 0.72 * ((station - 0.4) / 0.6) ** 1.35;
  return Math.max(0.28, nose) * taper;
}
