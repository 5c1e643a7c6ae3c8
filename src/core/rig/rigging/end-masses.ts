import type { Classes } from '../../tackle/defaults/classes';
import { MATERIALS, type BodyMaterial } from '../../tackle/defaults/sink-classes';
import { weightSize, type HardLurePart, type LurePart, type SoftBaitPart, type TrailerPart } from '../../tackle';
import type { TrimPart } from '../../water';
import { trimmedMassShare, type Body } from './body';
import type { Assembly } from './elements';
import type { HookPlace } from './hook-place';
import type { HookSpec } from './hook-spec';

/** One body of mass in the water, beside the nose, for trim and fall. */
export interface Mass extends TrimPart {
  readonly jointId: string;
}

/** Volume of a lure without its hooks [m³]: measured, by its material, or so that it floats, hangs or sinks as its word says. */
export function lureVolumeM3(
  part: Exclude<LurePart, { kind: 'skirted-jig' }>,
  trunkKg: number,
  hooksKg: number,
  classes: Classes,
): number {
  const hooksM3 = hooksKg / MATERIALS.steel.densityKgPm3;
  switch (part.kind) {
    case 'hard-lure':
      return (
        (part.volumeM3?.value ?? part.massKg.value / (FRESH_WATER_KG_PM3 * classes.buoyancy[part.buoyancy].overWater)) -
        hooksM3
      );
    case 'spoon':
      return part.volumeM3 ? part.volumeM3.value - hooksM3 : trunkKg / classes.materials[part.material].densityKgPm3;
    case 'topwater':
      return part.massKg.value / classes.otherDensities.topwater.densityKgPm3 - hooksM3;
    case 'trolled-fly':
      return trunkKg / classes.otherDensities['trolled-fly'].densityKgPm3;
    default:
      return part satisfies never;
  }
}

/** Lures are tuned in fresh water; in salt water the same one floats higher. */
const FRESH_WATER_KG_PM3 = 999;

export function lureDragM2(part: Exclude<LurePart, { kind: 'skirted-jig' }>, body: Body, classes: Classes): number {
  if ('dragAreaM2' in part && part.dragAreaM2) return part.dragAreaM2.value;
  const row = classes.bodies[part.kind];
  const disc =
    part.kind === 'trolled-fly' && part.discDiameterM ? 0.6 * (Math.PI / 4) * part.discDiameterM.value ** 2 : 0;
  return row.dragCd * (Math.PI / 4) * body.heightM * body.widthM + disc + lipDragM2(part);
}

/** A lip stands across the stream: a plate of drag coefficient 1.1, half the body's width or as measured. */
const lipDragM2 = (part: LurePart): number =>
  part.kind !== 'hard-lure' || part.lip === 'no-lip'
    ? 0
    : 1.1 * LIP_SHARE[part.lip] * (part.lipLengthM?.value ?? 0.22 * part.lengthM.value) * 0.16 * part.lengthM.value;
const LIP_SHARE = { 'shallow-lip': 0.5, 'medium-lip': 0.8, 'deep-lip': 1 } as const satisfies Record<
  Exclude<HardLurePart['lip'], 'no-lip'>,
  number
>;

/** A hook's wire lies a little behind the middle of its shank, at the height of its shank; what is moulded there too. */
export function hookMasses({ jointId, spec, eye, dropM }: HookPlace, classes: Classes, offCentreM = 0): Mass[] {
  const wireKg = spec.massKg - spec.shankWeightKg;
  const wire: Mass = {
    jointId,
    name: 'hook',
    massKg: wireKg,
    volumeM3: wireKg / MATERIALS.steel.densityKgPm3,
    xM: eye.xM + 0.55 * spec.shankM,
    zM: eye.zM - 0.8 * dropM + 0.2 * spec.gapM,
    yM: offCentreM,
    ...bladeDrag(spec, classes),
  };
  if (spec.shankWeightKg === 0) return [wire];
  return [
    wire,
    {
      jointId,
      name: 'weight',
      massKg: spec.shankWeightKg,
      volumeM3: spec.shankWeightKg / MATERIALS.lead.densityKgPm3,
      xM: eye.xM + SHANK_WEIGHT_AT * spec.shankM,
      zM: eye.zM - dropM,
      yM: offCentreM,
    },
  ];
}

/** A moulded shank weight sits before the bend, as a share of the shank from the eye. */
export const SHANK_WEIGHT_AT = 0.6;

/** What hangs from a station pulls there, however it swings. */
export const hangingMass = ({ jointId, spec, eye }: HookPlace, ringKg: number, classes: Classes): Mass => ({
  jointId,
  name: 'hook',
  massKg: spec.massKg + ringKg,
  volumeM3: (spec.massKg + ringKg) / MATERIALS.steel.densityKgPm3,
  xM: eye.xM,
  zM: eye.zM,
  ...bladeDrag(spec, classes),
});

const bladeDrag = ({ bladeM }: HookSpec, { towed }: Classes) =>
  bladeM === null ? {} : { dragAreaM2: towed.blade.dragPerLengthSquared * bladeM ** 2 };

/** A weight that rests against the eye, as far before it as it is long. */
export function peggedMass(assembly: Assembly, eyeX: number): Mass[] {
  const { pegged } = assembly;
  if (!pegged) return [];
  const { massKg, material, shape } = pegged.part;
  const { lengthM, diameterM } = weightSize({ massKg: massKg.value, material, shape });
  return [
    {
      jointId: pegged.joint.id,
      name: 'weight',
      massKg: massKg.value,
      volumeM3: massKg.value / MATERIALS[material].densityKgPm3,
      xM: eyeX - lengthM / 2,
      zM: 0,
      dragAreaM2: 0.4 * (Math.PI / 4) * diameterM ** 2,
    },
  ];
}

/** The bait or trailer: its trunk's mass before its middle, its tail's drag near its end. */
export function bodyMasses(assembly: Assembly, body: Body | null, classes: Classes): Mass[] {
  if (!body) return [];
  const bait = assembly.attached.find((each) => each.kind === 'bait' || each.kind === 'trailer');
  if (!bait || (bait.kind !== 'bait' && bait.kind !== 'trailer')) return [];
  const { part } = bait;
  const trunkDrag = classes.bodies[body.kind].dragCd * (Math.PI / 4) * body.heightM * body.widthM;
  const centre = body.tail ? 0.42 * body.trunkM + 0.04 * body.lengthM : 0.42 * body.lengthM;
  if (part.kind === 'natural-bait') {
    return [
      {
        jointId: body.jointId,
        name: 'bait',
        massKg: part.massKg.value,
        volumeM3: part.massKg.value / classes.otherDensities['bait-fish'].densityKgPm3,
        xM: centre,
        zM: 0,
        dragAreaM2: trunkDrag,
      },
    ];
  }
  const massKg = part.massKg.value * trimmedMassShare(part, bait.joint.segmentsOff);
  const trunk: Mass = {
    jointId: body.jointId,
    name: 'bait',
    massKg,
    volumeM3: softVolumeM3(part, massKg, classes),
    xM: centre,
    zM: 0,
    dragAreaM2: trunkDrag,
  };
  const tailDrag = classes.tails[part.tail].perLengthSquared * body.lengthM ** 2;
  return [
    trunk,
    {
      jointId: body.jointId,
      name: 'tail',
      massKg: 0,
      volumeM3: 0,
      xM: 0.5 * (body.trunkM + body.lengthM),
      zM: 0,
      dragAreaM2: tailDrag,
    },
  ];
}

function softVolumeM3(part: SoftBaitPart | TrailerPart, massKg: number, classes: Classes): number {
  if (part.kind === 'soft-bait' && part.volumeM3) return (part.volumeM3.value * massKg) / part.massKg.value;
  return massKg / classes.materials[part.material as BodyMaterial].densityKgPm3;
}

export const skirtMass = (jointId: string, massKg: number, xM: number, classes: Classes): Mass => ({
  jointId,
  name: 'skirt',
  massKg: 0,
  volumeM3: massKg / classes.otherDensities.skirt.densityKgPm3,
  xM,
  zM: 0,
  dragAreaM2: classes.skirt.falling.dragAreaM2,
});

/** Skirts, keepers and guards at the nose. */
export function attachedMasses(assembly: Assembly, classes: Classes, noseX: number): Mass[] {
  return assembly.attached.flatMap((each): Mass[] => {
    if (each.kind === 'skirt')
      return [{ ...skirtMass(each.joint.id, each.part.massKg.value, 0.012, classes), massKg: each.part.massKg.value }];
    if (each.kind !== 'hardware' || each.part.form === 'split-ring') return [];
    return [
      {
        jointId: each.joint.id,
        name: 'small',
        massKg: each.part.massKg.value,
        volumeM3: each.part.massKg.value / MATERIALS.steel.densityKgPm3,
        xM: noseX,
        zM: 0,
      },
    ];
  });
}
