import { STANDARD_GRAVITY_MPS2 as g } from '../../base/constants';
import { HEADS, JIG_PARTS, type HeadShape } from '../../tackle/defaults/jig-classes';
import { MATERIALS, type BodyMaterial } from '../../tackle/defaults/sink-classes';
import { requireInRange, type Limits } from '../../base/guard';
import { clipped, type Cut, type XY } from './polygon';
import type { JigStandInput, PointWeight } from './jig-stand';

export const HEAD_LIMITS = {
  headKg: { min: 2e-4, max: 0.5 },
  shankM: { min: 0.005, max: 0.15 },
  gapM: { min: 0.002, max: 0.06 },
  wireM: { min: 2e-4, max: 4e-3 },
  eyeRad: { min: 0, max: Math.PI },
  collarM: { min: 0, max: 0.05 },
  baitKg: { min: 0, max: 0.3 },
  baitLengthM: { min: 0.01, max: 0.4 },
  baitDensityKgPm3: { min: 300, max: 3000 },
  waterKgPm3: { min: 990, max: 1050 },
} as const satisfies Record<string, Limits>;

/** A jig head by its parts, the hook's shank along x with its point up. */
export interface Head {
  readonly shape: HeadShape;
  readonly material: BodyMaterial;
  /** of the cast body, before filing [kg] */
  readonly headKg: number;
  readonly hook: { readonly shankM: number; readonly gapM: number; readonly wireM: number };
  /** where the eye stands on the head: 0 at the nose, π/2 on top [rad] */
  readonly eyeRad: number;
  readonly collarM: number;
  /** a soft bait on the shank; null: bare */
  readonly bait: { readonly massKg: number; readonly lengthM: number; readonly densityKgPm3: number } | null;
  readonly cuts: readonly Cut[];
}

/** A head as it stands in water, and what was filed off. */
export interface HeadStanding extends JigStandInput {
  /** outline of the filed body alone, for the drawing */
  readonly outline: readonly XY[];
  readonly radiiM: XY;
  readonly filedKg: number;
}

/** Cells along the larger axis: mass and centre to a thousandth. */
const CELLS = 90;
const OUTLINE_POINTS = 72;
/** The eye's ring stands clear of the head by this [m]. */
const EYE_M = 2e-3;

/**
 * A head as outline, weights and points for `jigStand`.
 *
 * Model: the body is an ellipsoid with the proportions of its shape, filed by planes square to the profile; its mass is
 * summed over cells of the profile by their thickness. Hook and eye stand on the floor too, so they are corners of the
 * outline; a soft bait gives way and is weight only, laid along the shank.
 * Frame: origin at the middle of the unfiled body, x aft, y up with the point.
 *
 * @throws {InputRangeError} when a value lies outside HEAD_LIMITS.
 */
export function headStanding(head: Head, waterKgPm3 = 1000): HeadStanding {
  const H = HEAD_LIMITS;
  const headKg = requireInRange('headKg', head.headKg, H.headKg);
  const shankM = requireInRange('hook.shankM', head.hook.shankM, H.shankM);
  const gapM = requireInRange('hook.gapM', head.hook.gapM, H.gapM);
  const wireM = requireInRange('hook.wireM', head.hook.wireM, H.wireM);
  const eyeRad = requireInRange('eyeRad', head.eyeRad, H.eyeRad);
  const collarM = requireInRange('collarM', head.collarM, H.collarM);
  const water = requireInRange('waterKgPm3', waterKgPm3, H.waterKgPm3);
  const { densityKgPm3: rho } = MATERIALS[head.material];
  const { length, height, width } = HEADS[head.shape];
  const r = Math.cbrt((3 * headKg) / rho / (4 * Math.PI * length * height * width));
  const radiiM: XY = [length * r, height * r];
  const net = (massKg: number, density: number) => massKg * (1 - water / density) * g;

  const whole: readonly XY[] = Array.from({ length: OUTLINE_POINTS }, (_, i) => [
    radiiM[0] * Math.cos((2 * Math.PI * i) / OUTLINE_POINTS),
    radiiM[1] * Math.sin((2 * Math.PI * i) / OUTLINE_POINTS),
  ]);
  const outline = head.cuts.reduce<readonly XY[]>(clipped, whole);
  const body = filedBody(radiiM, width * r, head.cuts);
  const left = body.left * headKg;

  const bendX = shankM;
  const eyeM: XY = [-Math.cos(eyeRad) * (radiiM[0] + EYE_M), Math.sin(eyeRad) * (radiiM[1] + EYE_M)];
  const pointM: XY = [bendX - JIG_PARTS.point.perGap * gapM, gapM];
  const perM = (Math.PI * wireM ** 2) / 4;
  const wire = (xM: number, yM: number, lengthM: number): PointWeight => ({
    xM,
    yM,
    submergedN: net(perM * lengthM * MATERIALS.steel.densityKgPm3, MATERIALS.steel.densityKgPm3),
  });
  const bend = gapM / 2;
  const collarKg = Math.PI * JIG_PARTS.collar.radiusM ** 2 * collarM * rho;
  const masses: PointWeight[] = [
    { xM: body.centre[0], yM: body.centre[1], submergedN: net(left, rho) },
    wire(bendX / 2, 0, bendX),
    wire(bendX + 0.64 * bend, bend, Math.PI * bend),
    wire((bendX + pointM[0]) / 2, gapM, bendX - pointM[0]),
    ...(collarKg > 0 ? [{ xM: radiiM[0] + collarM / 2, yM: 0, submergedN: net(collarKg, rho) }] : []),
    ...baitWeights(head.bait, radiiM[0], net),
  ];
  const collar: readonly XY[] =
    collarM > 0
      ? [
          [radiiM[0] + collarM, -JIG_PARTS.collar.radiusM],
          [radiiM[0] + collarM, JIG_PARTS.collar.radiusM],
        ]
      : [];
  const bends = Array.from({ length: 9 }, (_, i): XY => [
    bendX + bend * Math.sin((Math.PI * i) / 8),
    bend - bend * Math.cos((Math.PI * i) / 8),
  ]);
  return {
    profile: [...outline, ...collar, ...bends, pointM, eyeM],
    masses,
    pointM,
    eyeM,
    outline,
    radiiM,
    filedKg: headKg - left,
  };
}

const BAIT_POINTS = 5;

function baitWeights(
  bait: Head['bait'],
  fromM: number,
  net: (massKg: number, density: number) => number,
): PointWeight[] {
  if (!bait || bait.massKg === 0) return [];
  const H = HEAD_LIMITS;
  const massKg = requireInRange('bait.massKg', bait.massKg, H.baitKg);
  const lengthM = requireInRange('bait.lengthM', bait.lengthM, H.baitLengthM);
  const density = requireInRange('bait.densityKgPm3', bait.densityKgPm3, H.baitDensityKgPm3);
  return Array.from({ length: BAIT_POINTS }, (_, i) => ({
    xM: fromM + ((i + 0.5) / BAIT_POINTS) * lengthM,
    yM: 0,
    submergedN: net(massKg / BAIT_POINTS, density),
  }));
}

/** What cuts leave of an ellipsoid: its share, and its centre. */
function filedBody([a, b]: XY, c: number, cuts: readonly Cut[]): { readonly left: number; readonly centre: XY } {
  if (cuts.length === 0) return { left: 1, centre: [0, 0] };
  let [whole, kept, mx, my] = [0, 0, 0, 0];
  for (let i = 0; i < CELLS; i += 1) {
    for (let j = 0; j < CELLS; j += 1) {
      const [u, v] = [(2 * (i + 0.5)) / CELLS - 1, (2 * (j + 0.5)) / CELLS - 1];
      const inside = 1 - u * u - v * v;
      if (inside <= 0) continue;
      const thick = c * Math.sqrt(inside);
      const [x, y] = [a * u, b * v];
      whole += thick;
      if (
        cuts.some(({ atM, normalRad }) => (x - atM[0]) * Math.cos(normalRad) + (y - atM[1]) * Math.sin(normalRad) > 0)
      )
        continue;
      kept += thick;
      mx += thick * x;
      my += thick * y;
    }
  }
  return { left: kept / whole, centre: kept > 0 ? [mx / kept, my / kept] : [0, 0] };
}
