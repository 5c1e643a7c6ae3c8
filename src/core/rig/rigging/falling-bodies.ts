import { RIGGED_WIRE } from '../../tackle/defaults/bait-classes';
import type { Classes } from '../../tackle/defaults/classes';
import type { HardwareForm } from '../../tackle/defaults/hardware-classes';
import { HOOK_STYLES } from '../../tackle/defaults/hook-classes';
import type { BodyMaterial } from '../../tackle/defaults/sink-classes';
import type { WeightShape } from '../../tackle/defaults/weight-shapes';
import { requireInRange } from '../../base/guard';
import { wireLengthM, weightSize, type HardwarePart } from '../../tackle';
import { BODY_LIMITS, type SinkBody } from '../../water';
import { trimmed, trimmedMassShare } from './body';
import type { Element } from './elements';
import type { HookPlace } from './hook-place';
import type { RiggedEnd } from './rigged-end';

/** Everything beyond the tip that has weight, as `sink` takes it: a cast throws it, a fall carries it down. */
export function bodiesOf(
  elements: readonly Element[],
  ends: ReadonlyMap<Element, RiggedEnd>,
  classes: Classes,
): readonly SinkBody[] {
  return elements.flatMap((element): SinkBody[] => {
    switch (element.kind) {
      case 'piece':
      case 'knot':
        return [];
      case 'link':
        return [smallBody(element.fitted.part)];
      case 'threaded':
        return [
          element.fitted.kind === 'weight' ? weightBody(element.fitted.part, classes) : smallBody(element.fitted.part),
          ...element.skirts.map((skirt) => skirtBody(skirt.part.massKg.value, classes)),
        ];
      case 'inline':
        return [inlineBody(element.fitted, classes)];
      case 'assembly':
        return endBodies(ends.get(element)!, classes);
      default:
        return element satisfies never;
    }
  });
}

interface Metal {
  readonly massKg: number;
  readonly material: BodyMaterial;
  readonly shape: WeightShape;
}

const weightBody = (
  {
    massKg,
    material,
    shape,
    dragAreaM2,
  }: {
    readonly massKg: { readonly value: number };
    readonly material: BodyMaterial;
    readonly shape: WeightShape;
    readonly dragAreaM2?: { readonly value: number } | undefined;
  },
  classes: Classes,
): SinkBody => metal({ massKg: massKg.value, material, shape }, classes, dragAreaM2?.value);

function metal({ massKg, material, shape }: Metal, classes: Classes, measuredM2?: number): SinkBody {
  const { densityKgPm3 } = classes.materials[material];
  if (measuredM2 !== undefined) return { massKg, densityKgPm3, dragAreaM2: measuredM2 };
  const { diameterM } = weightSize({ massKg, material, shape });
  const areaM2 = (Math.PI * diameterM ** 2) / 4;
  return {
    massKg,
    densityKgPm3,
    ...(shape === 'sphere'
      ? { shape: { kind: 'sphere', diameterM } }
      : { dragAreaM2: classes.frontal[shape].cd * areaM2 }),
  };
}

const LIGHT_FORMS: ReadonlySet<HardwareForm> = new Set([
  'bead',
  'stop',
  'sleeve',
  'wobble-disc',
  'bait-head',
  'planer-board',
  'release-clip',
]);

/** Small things: a ball's drag on their width; plastic or steel. */
export const smallBody = ({ massKg, widthM, form }: Pick<HardwarePart, 'massKg' | 'widthM' | 'form'>): SinkBody => ({
  massKg: massKg.value,
  densityKgPm3: LIGHT_FORMS.has(form) ? 1250 : 7850,
  dragAreaM2: Math.max(1e-7, 0.25 * widthM.value ** 2),
});

const skirtBody = (massKg: number, classes: Classes): SinkBody => ({
  massKg,
  densityKgPm3: classes.otherDensities.skirt.densityKgPm3,
  dragAreaM2: classes.skirt.falling.dragAreaM2,
});

/** What stands in the line and pulls: across the stream, as a turning plate shows itself. */
export function inlineBody(fitted: Extract<Element, { kind: 'inline' }>['fitted'], classes: Classes): SinkBody {
  switch (fitted.kind) {
    case 'weight':
      return weightBody(fitted.part, classes);
    case 'bouncer':
      return metal({ massKg: fitted.part.massKg.value, material: 'lead', shape: 'sphere' }, classes);
    case 'attractor': {
      const L = fitted.part.lengthM.value;
      return {
        massKg: fitted.part.massKg.value,
        densityKgPm3: classes.materials.steel.densityKgPm3,
        ...(fitted.part.dragAreaM2
          ? { dragAreaM2: fitted.part.dragAreaM2.value }
          : { shape: { kind: 'spoon-flutter', areaM2: L * L * classes.bodies.spoon.width * PLATE_FULLNESS } }),
      };
    }
    case 'plane':
      return {
        massKg: fitted.part.massKg.value,
        densityKgPm3: PLANE_KG_PM3,
        shape: { kind: 'broadside', areaM2: (Math.PI / 4) * fitted.part.lengthM.value ** 2 },
      };
    default:
      return fitted satisfies never;
  }
}

/** Plastic with its ballast [kg/m³]. */
export const PLANE_KG_PM3 = 1300;

/** An oval plate fills this much of its length times its width. */
const PLATE_FULLNESS = 0.78;

function endBodies(end: RiggedEnd, classes: Classes): SinkBody[] {
  const { bearer, attached } = end.assembly;
  const beside = attached.flatMap((each): SinkBody[] => {
    switch (each.kind) {
      case 'bait':
      case 'trailer':
        return [dressed(each, classes)];
      case 'skirt':
        return [skirtBody(each.part.massKg.value, classes)];
      case 'stinger':
        return [];
      case 'hardware':
        return each.part.form === 'split-ring' ? [] : [smallBody(each.part)];
      case 'hook':
        return [];
      default:
        return each satisfies never;
    }
  });
  const wires = end.hooks.flatMap((hook) => wire(hook, classes));
  switch (bearer.kind) {
    case 'hook':
    case 'snell':
      return [...wires, ...beside];
    case 'jig-head':
      return [head(bearer.part, end, classes), ...wires, ...beside];
    case 'lure':
      return bearer.part.kind === 'skirted-jig'
        ? [
            head(bearer.part, end, classes),
            ...wires,
            {
              massKg: 1e-9,
              densityKgPm3: classes.otherDensities.skirt.densityKgPm3,
              dragAreaM2: classes.skirt.falling.dragAreaM2,
            },
            ...beside,
          ]
        : [lureBody(end, classes), ...wires, ...beside];
    default:
      return bearer satisfies never;
  }
}

/** A head by its own metal; its hook stands beside it as steel. */
function head(
  part: { readonly massKg: { readonly value: number }; readonly material: BodyMaterial; readonly shape: WeightShape },
  end: RiggedEnd,
  classes: Classes,
): SinkBody {
  const wireKg = end.hooks.find(({ jointId }) => jointId === end.bearerId)!.spec.massKg;
  requireInRange('massKg of the jig head', part.massKg.value, {
    min: wireKg,
    max: BODY_LIMITS.massKg.max,
    exclusiveMin: true,
  });
  return metal({ massKg: part.massKg.value - wireKg, material: part.material, shape: part.shape }, classes);
}

function wire({ spec, hangs }: HookPlace, classes: Classes): SinkBody[] {
  const length = wireLengthM(spec, HOOK_STYLES[spec.style]);
  // A hook that hangs free stands in the flow with all of its wire.
  const exposed = hangs ? 0.7 : RIGGED_WIRE.exposedShare;
  const blade = spec.bladeM === null ? 0 : classes.towed.blade.dragPerLengthSquared * spec.bladeM ** 2;
  const steel: SinkBody = {
    massKg: spec.massKg - spec.shankWeightKg,
    material: 'steel',
    dragAreaM2: exposed * RIGGED_WIRE.cd * length * spec.wireM + blade,
  };
  return spec.shankWeightKg === 0
    ? [steel]
    : [steel, metal({ massKg: spec.shankWeightKg, material: 'lead', shape: 'bullet' }, classes)];
}

/** The lure's trunk and what floats it, falling on its side. */
function lureBody(end: RiggedEnd, classes: Classes): SinkBody {
  const { bearer } = end.assembly;
  if (bearer.kind !== 'lure' || bearer.part.kind === 'skirted-jig') throw new Error('not a lure');
  const { part } = bearer;
  const body = end.body!;
  const massKg = end.masses.find(({ name }) => name === 'mass')!.massKg;
  const volumeM3 = Math.max(1e-9, end.masses.find(({ name }) => name === 'volume')!.volumeM3);
  const planM2 = body.lengthM * body.widthM * PLATE_FULLNESS;
  if ('dragAreaM2' in part && part.dragAreaM2) return { massKg, volumeM3, dragAreaM2: part.dragAreaM2.value };
  if (part.kind === 'trolled-fly') return { massKg, volumeM3, dragAreaM2: classes.skirt.falling.dragAreaM2 };
  return { massKg, volumeM3, shape: { kind: part.kind === 'spoon' ? 'spoon-flutter' : 'broadside', areaM2: planM2 } };
}

type Dressing = Extract<RiggedEnd['assembly']['attached'][number], { kind: 'bait' | 'trailer' }>;

function dressed(each: Dressing, classes: Classes): SinkBody {
  const { part, joint } = each;
  if (part.kind === 'natural-bait') {
    const L = part.lengthM.value;
    return {
      massKg: part.massKg.value,
      densityKgPm3: classes.otherDensities['bait-fish'].densityKgPm3,
      shape: {
        kind: 'broadside',
        areaM2: 0.6 * L * (part.heightM?.value ?? L * classes.bodies['natural-bait'].height),
      },
    };
  }
  const lengthM = trimmed(part, joint.segmentsOff);
  const share = trimmedMassShare(part, joint.segmentsOff);
  const massKg = part.massKg.value * share;
  const measured = part.kind === 'soft-bait' ? part : null;
  return {
    massKg,
    ...(measured?.volumeM3
      ? { volumeM3: measured.volumeM3.value * share }
      : { densityKgPm3: classes.materials[part.material].densityKgPm3 }),
    dragAreaM2: measured?.dragAreaM2
      ? measured.dragAreaM2.value
      : classes.tails[part.tail].perLengthSquared * lengthM ** 2,
  };
}
