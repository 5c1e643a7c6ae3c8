import { InputRangeError } from '../../base/guard';
import { TAIL_SHARE } from '../../tackle/defaults/bait-classes';
import { BODIES } from '../../tackle/defaults/rig-classes';
import { DEFAULT_CLASSES } from '../../tackle/defaults/classes';
import {
  weightSize,
  type AttractorPart,
  type BottomBouncerPart,
  type DivingPlanePart,
  type JigHeadPart,
  type LurePart,
  type Part,
  type SnellPart,
} from '../../tackle';
import { rigEnd, type Assembly, type Element } from '../../rig';
import { drawBait } from './bait-shape';
import { elementShape } from './element-shape';
import { drawSkirt, endShape } from './end-shape';
import { hardwareShape } from './hardware-shape';
import { weightOutline } from './head-shape';
import { drawKnot } from './knot-shape';
import { drawNatural } from './natural-shape';
import { path, placed, type Primitive, type Pt } from './primitives';
import { boundsOf, type Shape } from './shape';

export interface PartOutline {
  /** in millimetres of the thing, from 0, 0 */
  readonly primitives: readonly Primitive[];
  readonly widthMm: number;
  readonly heightMm: number;
  /** what its hook's wire is thick; null where there is none */
  readonly wireMm: number | null;
}

/** A part alone from the side, in millimetres; null for kinds whose shape is not known, and for what no model takes. */
export function outlineOfPart(part: Part): PartOutline | null {
  try {
    return drawn(part);
  } catch (error) {
    if (error instanceof InputRangeError) return null;
    throw error;
  }
}

function drawn(part: Part): PartOutline | null {
  switch (part.kind) {
    case 'hook': {
      const { primitives, ...box } = endOf({
        kind: 'hook',
        part,
        joint: { ...joint(part.id), kind: 'hook', point: 'open' },
      });
      return fitted(primitives, box, part.wireM.value * 1e3);
    }
    case 'jig-head':
    case 'skirted-jig':
    case 'snell':
    case 'hard-lure':
    case 'spoon':
    case 'topwater':
    case 'trolled-fly':
      return around(endOf(bearerOf(part)).primitives);
    case 'weight': {
      const size = weightSize({ massKg: part.massKg.value, material: part.material, shape: part.shape });
      const [length, diameter] = [size.lengthM * 1e3, size.diameterM * 1e3];
      return fitted(
        [path('metal', weightOutline(part.shape, diameter, length), { closed: true })],
        { left: 0, right: length, top: -diameter / 2, bottom: diameter / 2 },
        null,
      );
    }
    case 'soft-bait': {
      const bait = {
        lengthMm: part.lengthM.value * 1e3,
        trunkMm: part.lengthM.value * 1e3 * (1 - TAIL_SHARE[part.tail].share),
        heightMm: part.heightM.value * 1e3,
        tail: part.tail,
      };
      const shapes = drawBait(bait, part.id);
      // Legs and claws stand out of the body; all other tails stay within its height.
      if (part.tail === 'fan-tail' || part.tail === 'claw-tail' || part.tail === 'curl-tail') return around(shapes);
      return fitted(
        shapes,
        { left: 0, right: bait.lengthMm, top: -bait.heightMm / 2, bottom: bait.heightMm / 2 },
        null,
      );
    }
    case 'trailer': {
      const lengthMm = part.lengthM.value * 1e3;
      return around(
        drawBait(
          {
            lengthMm,
            trunkMm: lengthMm * (1 - TAIL_SHARE[part.tail].share),
            heightMm: lengthMm * BODIES.trailer.height,
            tail: part.tail,
          },
          part.id,
        ),
      );
    }
    case 'knot':
      return around(drawKnot(part.pattern, part.id));
    case 'hardware':
      return around(hardwareShape(part, part.id).primitives);
    case 'attractor':
    case 'diving-plane':
    case 'bottom-bouncer':
      return around(elementShape({ kind: 'inline', fitted: inlineOf(part) }).primitives);
    case 'skirt':
      return around(drawSkirt(0, SKIRT_COLLAR_MM, part.lengthM.value * 1e3, part.id));
    case 'natural-bait':
      return around(
        drawNatural(
          part,
          {
            lengthMm: part.lengthM.value * 1e3,
            heightMm: (part.heightM?.value ?? part.lengthM.value * BODIES['natural-bait'].height) * 1e3,
          },
          part.id,
        ),
      );
    case 'rod':
    case 'reel':
    case 'line':
      return null;
    default:
      return part satisfies never;
  }
}

/** A hook, head, lure or snell alone, with the hooks that it comes with. */
const endOf = (bearer: Assembly['bearer']): Shape =>
  endShape(rigEnd({ kind: 'assembly', bearer, attached: [], pegged: null }, DEFAULT_CLASSES), 0, null);

const joint = (partId: string) => ({ id: partId, partId });

function bearerOf(part: JigHeadPart | SnellPart | LurePart): Assembly['bearer'] {
  switch (part.kind) {
    case 'jig-head':
      return { kind: 'jig-head', part, joint: { ...joint(part.id), kind: 'jig-head' } };
    case 'snell':
      return { kind: 'snell', part, joint: { ...joint(part.id), kind: 'snell' } };
    default:
      return { kind: 'lure', part, joint: { ...joint(part.id), kind: 'lure' } };
  }
}

function inlineOf(
  part: AttractorPart | DivingPlanePart | BottomBouncerPart,
): Extract<Element, { kind: 'inline' }>['fitted'] {
  switch (part.kind) {
    case 'attractor':
      return { kind: 'attractor', part, joint: { ...joint(part.id), kind: 'attractor' } };
    case 'diving-plane':
      return { kind: 'plane', part, joint: { ...joint(part.id), kind: 'plane' } };
    case 'bottom-bouncer':
      return { kind: 'bouncer', part, joint: { ...joint(part.id), kind: 'bouncer' } };
    default:
      return part satisfies never;
  }
}

/** Width of a skirt's collar by itself [mm]. */
const SKIRT_COLLAR_MM = 6;

/** As much paper as the primitives take. */
const around = (primitives: readonly Primitive[]): PartOutline => fitted(primitives, boundsOf(primitives), null);

interface Box {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

/** A little air round the outline, for the thickness of its pens [mm]. */
const AIR = 1.5;

function fitted(primitives: readonly Primitive[], box: Box, wireMm: number | null): PartOutline {
  const move = ([x, y]: Pt): Pt => [x - box.left + AIR, y - box.top + AIR];
  return {
    primitives: placed(primitives, move, 1),
    widthMm: box.right - box.left + 2 * AIR,
    heightMm: box.bottom - box.top + 2 * AIR,
    wireMm,
  };
}
