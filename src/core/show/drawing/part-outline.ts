import { TAIL_SHARE } from '../../tackle/defaults/bait-classes';
import { BODIES } from '../../tackle/defaults/rig-classes';
import { weightSize, type Part } from '../../tackle';
import { drawBait } from './bait-shape';
import { hardwareShape } from './hardware-shape';
import { weightOutline } from './head-shape';
import { drawKnot } from './knot-shape';
import { drawLure } from './lure-shape';
import { drawNatural } from './natural-shape';
import { drawHook, hookOutline } from './hook-shape';
import { circle, path, placed, type Primitive, type Pt } from './primitives';
import { boundsOf } from './shape';

export interface PartOutline {
  /** in millimetres of the thing, from 0, 0 */
  readonly primitives: readonly Primitive[];
  readonly widthMm: number;
  readonly heightMm: number;
  /** what its hook's wire is thick; null where there is none */
  readonly wireMm: number | null;
}

/** A part alone from the side, in millimetres; null for kinds whose shape is not known. */
export function outlineOfPart(part: Part): PartOutline | null {
  switch (part.kind) {
    case 'hook': {
      const hook = { gapMm: part.gapM.value * 1e3, shankMm: part.shankM.value * 1e3, wireMm: part.wireM.value * 1e3 };
      const eyeRadius = 1.5 * hook.wireMm;
      const outline = hookOutline(hook, 0);
      return fitted(
        [...drawHook(outline, part.id), circle('hook', [-eyeRadius, 0], eyeRadius, part.id)],
        { left: -2 * eyeRadius, right: hook.shankMm, top: -hook.gapMm, bottom: eyeRadius },
        hook.wireMm,
      );
    }
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
      return fitted(
        drawBait(bait, part.id),
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
    case 'hard-lure':
    case 'spoon':
    case 'topwater':
    case 'trolled-fly':
      return around(
        drawLure(
          part,
          { lengthMm: part.lengthM.value * 1e3, heightMm: part.lengthM.value * 1e3 * BODIES[part.kind].height },
          part.id,
        ),
      );
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
    default:
      return null;
  }
}

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
