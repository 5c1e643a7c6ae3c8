import { STANDARD_GRAVITY_MPS2 } from '../../base/constants';
import type { Classes } from '../../tackle/defaults/classes';
import {
  resolveBody,
  loadOf,
  type TowedBody,
  type TowSegment,
  type TowWeight,
  type WaterProperties,
} from '../../water';
import type { DivingPlanePart, HardLurePart, LurePart, SpoonPart } from '../../tackle';
import { sideTaken } from '../../tackle/defaults/schools';
import type { Fouling } from '../../tackle/defaults/tow-classes';
import { inlineBody, PLANE_KG_PM3, smallBody } from './falling-bodies';
import { isAssembly, pinchedAboveM, type Element } from './elements';
import type { Rig } from './rig';
import type { RiggedEnd } from './rigged-end';

/** What a towed line carries at one place, and which joint brings it. */
export interface TowedPiece extends TowedBody {
  readonly jointId: string;
}

/** A rig as `tow` takes it. The first segment is the main line; its length is what is paid out. */
export interface TowedLine {
  readonly segments: readonly TowSegment[];
  readonly weights: readonly (TowWeight & { readonly jointId: string })[];
  readonly end: TowedBody;
}

/**
 * Segments and bodies of a rig from the tip on, at this speed through the water. What has no towed class of its own drags
 * as it falls; assemblies before the last, as on a rig of two baits, ride on the line where they are tied.
 */
export function towedLine(rig: Rig, water: WaterProperties, speedMps: number, fouling: Fouling = 'none'): TowedLine {
  const foul = rig.classes.fouling[fouling];
  const segments: TowSegment[] = [];
  const weights: (TowWeight & { afterSegment: number; readonly jointId: string })[] = [];
  let piece = 0;
  const paid = () => {
    const { lengthM, line } = rig.pieces[piece]!;
    piece += 1;
    segments.push({
      lengthM: lengthM ?? 0,
      diameterM: line.diameterM,
      massPerLengthKgPm: line.massPerLengthKgPm,
      // Weed and fleas weigh next to nothing in water; they make the line wider and rougher.
      tangentialCt: foul.along * line.tangentialCt,
      normalDragFactor: foul.width * line.normalDragFactor,
    });
  };
  const endOf = new Map(rig.ends.map((end) => [end.assembly as Element, end]));
  const segmentOf = new Map<string, number>();
  for (const element of rig.elements) {
    if (element.kind === 'piece') {
      const from = element.fitted.kind === 'leader' ? element.fitted.joint.from : undefined;
      if (from !== undefined) ridesWhereItStarts(segments, weights, segmentOf.get(from) ?? 0);
      paid();
    }
    // A snell is line and end in one.
    if (isAssembly(element) && element.bearer.kind === 'snell') paid();
    const aboveM = pinchedAboveM(element);
    const afterSegment = segments.length - 1;
    for (const body of bodiesOf(element, endOf, rig, water, speedMps)) weights.push({ ...body, afterSegment });
    // Below a pinched weight the same line runs on.
    if (aboveM !== null) splitLast(segments, aboveM);
    for (const id of idsOf(element)) segmentOf.set(id, segments.length - 1);
  }
  const last = segments.length - 1;
  return {
    segments,
    weights: weights.filter(({ afterSegment }) => afterSegment < last),
    end: together(weights.filter(({ afterSegment }) => afterSegment === last)),
  };
}

/** Cuts the last segment in two, the second `aboveM` long; of the main line, whose length is what is out, nothing is cut off. */
function splitLast(segments: TowSegment[], aboveM: number): void {
  const last = segments.pop()!;
  segments.push(segments.length === 0 ? last : { ...last, lengthM: Math.max(LEAST_PIECE_M, last.lengthM - aboveM) }, {
    ...last,
    lengthM: aboveM,
  });
}

/** What is left of a leader above a weight that was set higher than it is long [m]. */
const LEAST_PIECE_M = 0.01;

/** The first of two legs is short: its bait is taken to ride where both start, and the line goes on from there. */
function ridesWhereItStarts(segments: TowSegment[], weights: { afterSegment: number }[], at: number): void {
  segments.length = at + 1;
  for (const weight of weights) weight.afterSegment = Math.min(weight.afterSegment, at);
}

const idsOf = (element: Element): readonly string[] =>
  element.kind === 'assembly' ? [element.bearer.joint.id] : [element.fitted.joint.id];

/** Several bodies at one place; of what dives there, the steepest says how its drive grows with speed. */
export function together(bodies: readonly TowedBody[]): TowedBody {
  const sum = (of: (body: TowedBody) => number) => bodies.reduce((total, body) => total + of(body), 0);
  const diver = bodies.reduce<TowedBody | undefined>(
    (most, body) => (Math.abs(body.downAreaM2 ?? 0) > Math.abs(most?.downAreaM2 ?? 0) ? body : most),
    undefined,
  );
  return {
    netWeightN: sum((body) => body.netWeightN),
    dragAreaM2: sum((body) => body.dragAreaM2),
    downAreaM2: sum((body) => body.downAreaM2 ?? 0),
    ...(diver?.downExponent ? { downExponent: diver.downExponent } : {}),
  };
}

/** Steady pull of what hangs on the line, line apart, all in one stream [N]. */
export function hungPullN(
  { weights, end }: Pick<TowedLine, 'weights' | 'end'>,
  speedMps: number,
  water: WaterProperties,
): number {
  return loadOf(together([...weights, end]), speedMps, water).horizontalN;
}

function bodiesOf(
  element: Element,
  endOf: ReadonlyMap<Element, RiggedEnd>,
  rig: Pick<Rig, 'classes' | 'house'>,
  water: WaterProperties,
  speedMps: number,
): TowedPiece[] {
  const { classes } = rig;
  switch (element.kind) {
    case 'piece':
    case 'knot':
      return [];
    case 'link':
      return [asFalling(element.fitted.joint.id, smallBody(element.fitted.part), water, speedMps)];
    case 'threaded': {
      const { fitted } = element;
      if (fitted.kind === 'weight')
        return [asFalling(fitted.joint.id, inlineBody({ ...fitted, kind: 'weight' }, classes), water, speedMps)];
      const body = asFalling(fitted.joint.id, smallBody(fitted.part), water, speedMps);
      const row =
        fitted.part.form === 'wobble-disc'
          ? classes.towed.disc
          : fitted.part.form === 'bait-head'
            ? classes.towed['bait-head']
            : fitted.part.form === 'blade'
              ? classes.towed.blade
              : null;
      const skirts = element.skirts.map((skirt) => ({
        jointId: skirt.joint.id,
        netWeightN: netN(
          skirt.part.massKg.value,
          skirt.part.massKg.value / classes.otherDensities.skirt.densityKgPm3,
          water,
        ),
        dragAreaM2: classes.skirt.falling.dragAreaM2,
      }));
      return [
        row ? { ...body, dragAreaM2: row.dragPerLengthSquared * fitted.part.widthM.value ** 2 } : body,
        ...skirts,
      ];
    }
    case 'inline':
      return [inlineTowed(element, classes, water, speedMps)];
    case 'assembly':
      return [endTowed(endOf.get(element)!, classes, diveExponentOf(rig), water)];
    default:
      return element satisfies never;
  }
}

const netN = (massKg: number, volumeM3: number, { densityKgPm3 }: WaterProperties): number =>
  (massKg - densityKgPm3 * volumeM3) * STANDARD_GRAVITY_MPS2;

function asFalling(
  jointId: string,
  body: Parameters<typeof resolveBody>[0],
  water: WaterProperties,
  speedMps: number,
): TowedPiece {
  const { massKg, volumeM3, dragAreaM2 } = resolveBody(body, water, jointId);
  return {
    jointId,
    netWeightN: netN(massKg, volumeM3, water),
    dragAreaM2: dragAreaM2(Math.max(LEAST_SPEED_MPS, speedMps)),
  };
}

/** A ball's drag coefficient grows without end as it slows; slower than this nothing drags that counts [m/s]. */
const LEAST_SPEED_MPS = 0.05;

function inlineTowed(
  { fitted }: Extract<Element, { kind: 'inline' }>,
  classes: Classes,
  water: WaterProperties,
  speedMps: number,
): TowedPiece {
  const body = asFalling(fitted.joint.id, inlineBody(fitted, classes), water, speedMps);
  switch (fitted.kind) {
    case 'weight':
      return body;
    case 'bouncer':
      return {
        ...body,
        dragAreaM2: body.dragAreaM2 + classes.towed.arm.cd * fitted.part.armM.value * fitted.part.wireM.value,
      };
    case 'attractor': {
      const { dragAreaM2, lengthM, motion } = fitted.part;
      return {
        ...body,
        dragAreaM2: dragAreaM2?.value ?? classes.towed[motion].dragPerLengthSquared * lengthM.value ** 2,
      };
    }
    case 'plane':
      return { ...body, ...planeAreas(fitted.part, fitted.joint, classes) };
    default:
      return fitted satisfies never;
  }
}

/** A diving plane as it is set; turned to the side, that part of its push goes there and not down. */
function planeAreas(
  { lengthM, towDragM2, diveM2 }: DivingPlanePart,
  { tripped, sidewaysRad }: { readonly tripped?: boolean | undefined; readonly sidewaysRad?: number | undefined },
  classes: Classes,
): Pick<TowedBody, 'dragAreaM2' | 'downAreaM2'> {
  const discM2 = (Math.PI / 4) * lengthM.value ** 2;
  if (tripped) return { dragAreaM2: classes.planes.tripped.dragShare * discM2, downAreaM2: 0 };
  return {
    dragAreaM2: towDragM2?.value ?? classes.planes.set.dragShare * discM2,
    downAreaM2: Math.cos(sidewaysRad ?? 0) * (diveM2?.value ?? classes.planes.set.downShare * discM2),
  };
}

/** An end as it swims: weight of all that is on it, drag of its parts as they lie in the stream, and what its lip digs. */
function endTowed(end: RiggedEnd, classes: Classes, diveExponent: number, water: WaterProperties): TowedPiece {
  const { bearer } = end.assembly;
  // A pegged weight is carried by the line before it.
  const masses = end.masses.filter(({ jointId }) => jointId !== end.assembly.pegged?.joint.id);
  const netWeightN = masses.reduce((sum, { massKg, volumeM3 }) => sum + netN(massKg, volumeM3, water), 0);
  const own =
    bearer.kind === 'lure' && bearer.part.kind !== 'skirted-jig'
      ? lureAreas(bearer.part, end.masses.find(({ name }) => name === 'mass')?.dragAreaM2 ?? 0, classes, diveExponent)
      : null;
  const beside = masses.reduce(
    (sum, { name, dragAreaM2 }) => sum + (own && name === 'mass' ? 0 : (dragAreaM2 ?? 0)),
    0,
  );
  const blade =
    bearer.kind === 'snell' && bearer.part.blade === 'blade'
      ? classes.towed.blade.dragPerLengthSquared * (bearer.part.bladeLengthM?.value ?? SNELL_BLADE_M) ** 2
      : 0;
  return {
    jointId: end.bearerId,
    netWeightN,
    dragAreaM2: (own?.dragAreaM2 ?? 0) + beside + blade,
    downAreaM2: own?.downAreaM2 ?? 0,
    ...(own?.downExponent ? { downExponent: own.downExponent } : {}),
  };
}

/** The blade of a harness, where its size is not said [m]. */
const SNELL_BLADE_M = 0.022;

/** What a lure or plane is in tow by itself, as a dive test starts from: its areas and its weight in water [N]. */
export function divesAlone(
  part: HardLurePart | SpoonPart | DivingPlanePart,
  classes: Classes,
  water: WaterProperties,
): TowedBody {
  const massKg = part.massKg.value;
  const areas = part.kind === 'diving-plane' ? planeAreas(part, {}, classes) : lureAreas(part, 0, classes, 0);
  const volumeM3 =
    part.kind === 'diving-plane'
      ? massKg / PLANE_KG_PM3
      : (part.volumeM3?.value ??
        massKg /
          (part.kind === 'spoon'
            ? classes.materials[part.material].densityKgPm3
            : water.densityKgPm3 * classes.buoyancy[part.buoyancy].overWater));
  return { netWeightN: netN(massKg, volumeM3, water), dragAreaM2: areas.dragAreaM2, downAreaM2: areas.downAreaM2 ?? 0 };
}

/** How the drive of a lip grows with speed beyond its square, as the house holds it. */
const diveExponentOf = ({ house, classes }: Pick<Rig, 'house' | 'classes'>): number =>
  classes.fastDive[sideTaken(house.schools, 'fast-dive')].exponent;

function lureAreas(
  part: Exclude<LurePart, { kind: 'skirted-jig' }>,
  asShown: number,
  classes: Classes,
  diveExponent: number,
): Pick<TowedBody, 'dragAreaM2' | 'downAreaM2' | 'downExponent'> {
  const L = part.lengthM.value;
  const measured = {
    drag: 'towDragM2' in part ? part.towDragM2?.value : undefined,
    down: 'diveM2' in part ? part.diveM2?.value : undefined,
    exponent: 'diveExponent' in part ? part.diveExponent?.value : undefined,
  };
  const by = (drag: number, down: number) => ({ dragAreaM2: measured.drag ?? drag, downAreaM2: measured.down ?? down });
  switch (part.kind) {
    case 'hard-lure': {
      if (part.lip === 'no-lip') return by(asShown, 0);
      const { drag, width } = classes.towed.lipped;
      const down = part.lipLengthM
        ? classes.lips[part.lip].share * LIP_FULLNESS * part.lipLengthM.value * width * L
        : classes.lips[part.lip].perLength * L ** LIP_GROWTH;
      return { ...by(drag * L ** 2 + LIP_DRAG * down, down), downExponent: measured.exponent ?? diveExponent };
    }
    case 'spoon':
      return { ...by(classes.towed.spoon.dragPerLengthSquared * L ** 2, 0), downExponent: measured.exponent ?? 0 };
    case 'topwater':
    case 'trolled-fly':
      return by(asShown, 0);
    default:
      return part satisfies never;
  }
}

/** Lips grow a little faster than the length of their lures: from lures of 40 to 180 mm. */
const LIP_GROWTH = 1.25;
/** What drives down also drags, and a fifth more. */
const LIP_DRAG = 1.2;
/** An oval lip fills this much of its length times its width. */
const LIP_FULLNESS = 0.78;
