import type { HookPlace, Place } from './hook-place';
import { BAIT_HOLDS, POINT_PLACES, type PointPlace } from '../../tackle/defaults/bait-classes';
import type { Classes } from '../../tackle/defaults/classes';
import { HARD_LURE_BALANCE } from '../../tackle/defaults/rig-classes';
import { POINT_LEG, weightSize, type LurePart } from '../../tackle';
import { bodyOf, bodyProfile, type Body } from './body';
import { carriedHooks } from './carried-hooks';
import type { Assembly } from './elements';
import {
  attachedMasses,
  bodyMasses,
  hangingMass,
  hookMasses,
  lureDragM2,
  lureVolumeM3,
  peggedMass,
  skirtMass,
  type Mass,
} from './end-masses';
import { specOfClass, specOfHook, stationsOf, stockHook } from './hook-spec';

type BearerOf<K extends Assembly['bearer']['kind']> = Extract<Assembly['bearer'], { kind: K }>;

/** One assembly with every place worked out; the drawing, Balance and the checks all read this. */
export interface RiggedEnd {
  readonly assembly: Assembly;
  readonly bearerId: string;
  readonly body: Body | null;
  /** outline of a cast head, its nose at x = −lengthM */
  readonly head: { readonly lengthM: number; readonly diameterM: number } | null;
  readonly hooks: readonly HookPlace[];
  readonly masses: readonly Mass[];
  /** where the line pulls: the front of a weight that rests against it, else where the line is tied */
  readonly eye: Place;
  readonly tie: Place;
}

/** How high the point of a loose hook stands, in half heights of the body, up is positive. */
export const POINT_HEIGHT = { open: 1.35, 'skin-hooked': 0.96, buried: 0.25 } as const satisfies Record<
  PointPlace,
  number
>;

/**
 * Works out where everything of an assembly sits.
 *
 * Frame: x aft of the nose of the body, z above its axis [m]. A loose hook lies with its point on or in the back, so its
 * shank hangs where the gap leaves it; a head's hook runs through the axis; hooks of a lure hang below their stations.
 */
export function rigEnd(assembly: Assembly, classes: Classes): RiggedEnd {
  const end = withoutStingers(assembly, classes);
  const trailing = end.hooks.filter(({ role }) => role === 'stinger').map((hook) => hangingMass(hook, 0, classes));
  return { ...end, masses: [...end.masses, ...trailing] };
}

function withoutStingers(assembly: Assembly, classes: Classes): RiggedEnd {
  const body = bodyOf(assembly, classes);
  const { bearer } = assembly;
  switch (bearer.kind) {
    case 'hook':
      return looseHook(assembly, bearer, body, classes);
    case 'jig-head':
      return onHead(assembly, bearer.part, bearer.joint.offCentreM, body, classes);
    case 'lure':
      return bearer.part.kind === 'skirted-jig'
        ? onHead(assembly, bearer.part, undefined, body, classes)
        : lure(assembly, bearer.part, body!, classes);
    case 'snell':
      return snell(assembly, bearer, body, classes);
    default:
      return bearer satisfies never;
  }
}

/** Eye of a loose hook before the nose, so that the nose rests against the bend behind it, in diameters of wire. */
const EYE_BEFORE_NOSE = 2.6;

function looseHook(
  assembly: Assembly,
  { part, joint }: BearerOf<'hook'>,
  body: Body | null,
  classes: Classes,
): RiggedEnd {
  const spec = specOfHook(part);
  const bait = baitJoint(assembly);
  const held = bait?.held ?? 'threaded';
  const half = (body?.heightM ?? 0) / 2;
  const onBait = body !== null && held !== 'threaded';
  const dropM = body === null || onBait ? 0 : spec.gapM - half * POINT_HEIGHT[joint.point];
  const eyeX = onBait ? BAIT_HOLDS[held].station * body.lengthM - spec.shankM : -EYE_BEFORE_NOSE * spec.wireM;
  const place = hookPlace({
    jointId: joint.id,
    role: 'main',
    spec,
    point: joint.point,
    guard: POINT_PLACES[joint.point].guard,
    eye: { xM: eyeX, zM: 0 },
    dropM,
    body: onBait ? null : body,
    classes,
  });
  const stationed = onBait && body.kind === 'natural-bait' ? { ...place, station: place.tip.xM / body.trunkM } : place;
  const pegged = peggedMass(assembly, eyeX);
  return {
    assembly,
    bearerId: joint.id,
    body,
    head: null,
    hooks: [stationed, ...stingers(assembly, stationed, body)],
    masses: [
      ...hookMasses(stationed, classes, joint.offCentreM),
      ...pegged,
      ...bodyMasses(assembly, body, classes),
      ...attachedMasses(assembly, classes, eyeX),
    ],
    eye: pegged[0] ? { xM: 2 * pegged[0].xM - eyeX, zM: 0 } : { xM: eyeX, zM: 0 },
    tie: { xM: eyeX, zM: 0 },
  };
}

function onHead(
  assembly: Assembly,
  part: BearerOf<'jig-head'>['part'] | Extract<LurePart, { kind: 'skirted-jig' }>,
  offCentreM: number | undefined,
  body: Body | null,
  classes: Classes,
): RiggedEnd {
  const jointId = assembly.bearer.joint.id;
  const spec = specOfHook(part);
  const headKg = Math.max(part.massKg.value - spec.massKg, 1e-6);
  const size = weightSize({ massKg: headKg, material: part.material, shape: part.shape });
  // The hook's shank leaves the back of the head, the eye stands on its shoulder.
  const shank: Place = { xM: -0.3 * size.lengthM, zM: 0 };
  const eye: Place = { xM: -0.55 * size.lengthM, zM: 0.42 * size.diameterM };
  const guard = part.guard === 'bristle' ? 'bristle' : 'none';
  const place = hookPlace({ jointId, role: 'main', spec, point: 'open', guard, eye: shank, dropM: 0, body, classes });
  return {
    assembly,
    bearerId: jointId,
    body,
    head: { lengthM: size.lengthM, diameterM: size.diameterM },
    hooks: [place, ...stingers(assembly, place, body)],
    masses: [
      ...hookMasses(place, classes, offCentreM),
      {
        jointId,
        name: 'head',
        massKg: headKg,
        volumeM3: headKg / classes.materials[part.material].densityKgPm3,
        xM: -size.lengthM / 2,
        zM: 0,
        dragAreaM2:
          classes.frontal[part.shape === 'sphere' ? 'bullet' : part.shape].cd * (Math.PI / 4) * size.diameterM ** 2,
      },
      ...(part.kind === 'skirted-jig' ? [skirtMass(jointId, STOCK_SKIRT_KG, 0.01, classes)] : []),
      ...bodyMasses(assembly, body, classes),
      ...attachedMasses(assembly, classes, 0),
    ],
    eye,
    tie: eye,
  };
}

/** A skirt that a jig comes with [kg]; its weight is counted in the head's, so only its water counts here. */
const STOCK_SKIRT_KG = 0.0012;

function lure(
  assembly: Assembly,
  part: Exclude<LurePart, { kind: 'skirted-jig' }>,
  body: Body,
  classes: Classes,
): RiggedEnd {
  const { joint } = assembly.bearer;
  const hung = carriedHooks(assembly, part, body, classes);
  const hooks = hung.map(({ place }) => place);
  // The lure was weighed with the hooks it came with: what hangs there now is put in their place.
  const stockKg = (stockHook(part, classes)?.massKg ?? 0) * stationsOf(part);
  const trunkKg = Math.max(part.massKg.value - stockKg, part.massKg.value * 0.4);
  const volumeM3 = lureVolumeM3(part, trunkKg, stockKg, classes);
  const at =
    part.kind === 'hard-lure'
      ? HARD_LURE_BALANCE
      : {
          massX: 0.5,
          massZ: part.kind === 'topwater' ? -0.12 : 0,
          volumeX: part.kind === 'topwater' ? 0.46 : 0.5,
          volumeZ: 0,
        };
  return {
    assembly,
    bearerId: joint.id,
    body,
    head: null,
    hooks: [...hooks, ...stingers(assembly, hooks.at(-1) ?? null, body)],
    masses: [
      {
        jointId: joint.id,
        name: 'mass',
        massKg: trunkKg,
        volumeM3: 0,
        xM: at.massX * body.lengthM,
        zM: at.massZ * body.heightM,
        dragAreaM2: lureDragM2(part, body, classes),
      },
      {
        jointId: joint.id,
        name: 'volume',
        massKg: 0,
        volumeM3,
        xM: at.volumeX * body.lengthM,
        zM: at.volumeZ * body.heightM,
      },
      ...hung.flatMap(({ place, ringKg }) =>
        place.hangs ? [hangingMass(place, ringKg, classes)] : hookMasses(place, classes),
      ),
      ...attachedMasses(assembly, classes, body.lengthM),
    ],
    eye: { xM: 0, zM: 0 },
    tie: { xM: 0, zM: 0 },
  };
}

/** Between two hooks of a snell [m]: as it is set where the front one slides, else as it was tied. */
export const spacingOf = ({ part, joint }: Pick<BearerOf<'snell'>, 'part' | 'joint'>): number =>
  (part.front === 'sliding' ? joint.spacingM : undefined) ?? part.spacingM?.value ?? 0;

function snell(assembly: Assembly, { part, joint }: BearerOf<'snell'>, body: Body | null, classes: Classes): RiggedEnd {
  const spec = specOfClass('bait', part.hookSize, classes);
  const spacing = spacingOf({ part, joint });
  const held = baitJoint(assembly)?.held ?? 'nose';
  const front = (body ? BAIT_HOLDS[held].station * body.lengthM : 0) - spec.shankM * 0.6;
  const hooks = Array.from({ length: part.hooks }, (_, i): HookPlace => {
    const eye: Place = { xM: front + i * spacing, zM: 0 };
    const place = hookPlace({
      jointId: joint.id,
      role: i === 0 ? 'main' : 'second',
      spec,
      point: 'open',
      guard: 'none',
      eye,
      dropM: 0,
      body: null,
      classes,
    });
    return { ...place, station: body ? place.tip.xM / body.trunkM : null };
  });
  return {
    assembly,
    bearerId: joint.id,
    body,
    head: null,
    hooks: [...hooks, ...stingers(assembly, hooks.at(-1) ?? null, body)],
    masses: [
      ...hooks.flatMap((hook) => hookMasses(hook, classes)),
      ...bodyMasses(assembly, body, classes),
      ...attachedMasses(assembly, classes, front),
    ],
    eye: { xM: front, zM: 0 },
    tie: { xM: front, zM: 0 },
  };
}

interface PlaceInput extends Pick<HookPlace, 'jointId' | 'role' | 'spec' | 'point' | 'guard' | 'eye' | 'dropM'> {
  readonly body: Body | null;
  readonly classes: Classes;
}

/** The bend is a half circle over the gap, the point's leg the length that the mass rule counts. */
function hookPlace({ body, classes, ...given }: PlaceInput): HookPlace {
  const { spec, eye, dropM } = given;
  const tip: Place = { xM: eye.xM + (1 - POINT_LEG) * spec.shankM - spec.gapM / 2, zM: eye.zM - dropM + spec.gapM };
  const station = body ? tip.xM / body.trunkM : null;
  const thick = body ? body.heightM * bodyProfile(Math.min(1, Math.max(0, station!))) : 0;
  const { share } = classes.compression[given.point === 'open' ? 'open' : body?.slotted ? 'slotted' : 'weedless'];
  return { ...given, tip, hangs: false, station, clearGapM: body ? spec.gapM - share * thick : null };
}

function stingers(assembly: Assembly, from: HookPlace | null, body: Body | null): HookPlace[] {
  let hangsAt: Place = from ? { xM: from.eye.xM + from.spec.shankM, zM: 0 } : { xM: body?.lengthM ?? 0, zM: 0 };
  return assembly.attached.flatMap((each): HookPlace[] => {
    if (each.kind !== 'stinger') return [];
    const spec = specOfHook(each.part);
    const eye: Place = { xM: hangsAt.xM + each.joint.lengthM, zM: 0 };
    hangsAt = { xM: eye.xM + spec.shankM, zM: 0 };
    const tip: Place = { xM: eye.xM + (1 - POINT_LEG) * spec.shankM, zM: spec.gapM / 2 };
    return [
      {
        jointId: each.joint.id,
        role: 'stinger',
        spec,
        point: 'open',
        guard: 'none',
        eye,
        tip,
        dropM: 0,
        hangs: true,
        clearGapM: null,
        station: body ? tip.xM / body.lengthM : null,
      },
    ];
  });
}

const baitJoint = (assembly: Assembly) => {
  const bait = assembly.attached.find((each) => each.kind === 'bait');
  return bait?.kind === 'bait' ? bait.joint : null;
};
