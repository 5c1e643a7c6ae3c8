import { STANDARD_GRAVITY_MPS2 } from '@/core/base/constants';
import { KNOTS, type KnotPattern } from '@/core/tackle/defaults/knots';
import { partIdSchema, type PartId } from './ids';
import type { Joint } from './joint';
import type { Part } from './parts';
import { completePart } from './parts/class-part';
import type { CastPresentation, Presentation, TowedPresentation } from './presentation';
import { RIGS, rigPattern, type RigId, type RigSlot } from './rigs';

/** The chain of a rig whose slots are all filled; null while one is not. */
export function chainOf(
  slots: readonly RigSlot[],
  chosen: Readonly<Record<string, PartId | undefined>>,
): Joint[] | null {
  const joints = slots.flatMap(({ id, seed }): Joint[] => {
    const partId = chosen[id];
    return partId ? [{ id, partId, ...seed }] : [];
  });
  return joints.length === slots.length ? joints : null;
}

/** Knots are tied, not bought: each pattern is there without lying in the Box. */
export const builtInKnots: readonly Part[] = Object.keys(KNOTS).map((pattern) => ({
  id: knotId(pattern as KnotPattern),
  kind: 'knot',
  pattern: pattern as KnotPattern,
  shares: {},
}));

/** Id under which a built-in knot is kept. */
export function knotId(pattern: KnotPattern): PartId {
  return partIdSchema.parse(`knot-${pattern}`);
}

const degrees = (angle: number) => (angle * Math.PI) / 180;

/** Where a new setup starts from: a middling cast from the bank, a firm mouth, nothing in the way. */
const startCast: CastPresentation = {
  kind: 'cast',
  castStyle: 'overhead',
  distanceM: 20,
  depthM: 2,
  handHeightM: 1.2,
  speedMps: 0.8,
  water: { temperatureC: 12, salinity: 0 },
  currentMps: 0,
  sweep: { way: 'two-hand', startRad: degrees(25), endRad: degrees(105), timeS: 0.35, stepBackM: 0, woundM: 0.3 },
  slackM: 0.3,
  cover: 'open',
  mouth: 'firm',
  fishKg: 2,
  clutchN: 2 * STANDARD_GRAVITY_MPS2,
  wear: [],
  stance: 'standing',
  rodWorked: 'level',
  boatsideTurn: false,
  craftId: null,
  conditions: {},
  wanted: { fall: { kind: 'steady' }, attitude: { kind: 'level' }, breakAt: null },
};

/** The other way of fishing, with all that the two have in common kept. */
export function presentationOf(way: 'cast' | TowedPresentation['way'], from: Presentation = startCast): Presentation {
  if (way === 'cast') {
    if (from.kind === 'cast') return from;
    const { kind: _, way: __, lineOutM, held: ___, wanted, ...kept } = from;
    return {
      ...kept,
      kind: 'cast',
      castStyle: 'overhead',
      distanceM: Math.min(lineOutM, 60),
      wanted: { attitude: wanted.attitude, breakAt: wanted.breakAt, fall: { kind: 'steady' } },
    };
  }
  if (from.kind === 'towed') return { ...from, way };
  const { kind: _, castStyle: __, distanceM: ___, wanted, ...kept } = from;
  const usual = TOWED[way];
  return {
    ...kept,
    kind: 'towed',
    way,
    ...usual,
    wanted: {
      attitude: wanted.attitude,
      breakAt: wanted.breakAt,
      depth: { fromM: Math.max(0.5, from.depthM - 1), toM: from.depthM + 1 },
    },
  };
}

/** A walking pace behind the boat; a drift; straight down. */
const TOWED = {
  trolled: { speedMps: 1.1, lineOutM: 30, held: 'holder' },
  paddled: { speedMps: 1.2, lineOutM: 30, held: 'holder' },
  drifted: { speedMps: 0.5, lineOutM: 15, held: 'hand' },
  dropped: { speedMps: 0.05, lineOutM: 8, held: 'hand' },
} as const;

/** The presentation that a rig pattern starts with. */
export function startPresentation(rig: RigId): Presentation {
  const { fished, fall, slots } = rigPattern(rig);
  const base = presentationOf(fished);
  // What is dragged, hung, towed by a plate or lies on the surface takes the angle that it takes.
  const swims = slots.some(({ partKind }) => partKind === 'soft-bait') && fished === 'cast';
  const attitude = swims ? ({ kind: 'level' } as const) : ({ kind: 'any' } as const);
  return base.kind === 'cast'
    ? { ...base, wanted: { ...base.wanted, attitude, ...(fall ? { fall: { kind: fall } } : {}) } }
    : { ...base, wanted: { ...base.wanted, attitude } };
}

/** A pattern with class parts in every slot: what its drawing in the list of rigs shows. */
export function sampleOf(rig: RigId): {
  readonly parts: readonly Part[];
  readonly chain: readonly Joint[];
  readonly presentation: Presentation;
} {
  const { slots } = RIGS[rig];
  const parts = slots.map((slot): Part => {
    const made = completePart({ id: `sample-${slot.id}`, kind: slot.partKind, ...sampleFields(rig, slot) });
    if (!made.ok) throw new Error(`${rig} ${slot.id}: ${JSON.stringify(made.problems)}`);
    return made.data;
  });
  const chosen = Object.fromEntries(slots.map(({ id }, i) => [id, parts[i]!.id]));
  return { parts, chain: chainOf(slots, chosen)!, presentation: startPresentation(rig) };
}

/** What a sample part is like beyond its class, so that the pieces of one rig suit each other. */
function sampleFields(rig: RigId, slot: RigSlot): Readonly<Record<string, unknown>> {
  const given: Record<string, unknown> = {
    ...(slot.form ? { form: slot.form } : {}),
    ...(slot.knot ? { pattern: slot.knot } : {}),
    ...(slot.like ?? {}),
  };
  const figure = (value: number, unit: string) => ({ value, unit, provenance: 'class' });
  switch (slot.partKind) {
    case 'rod':
      return {
        ...given,
        mount: rigPattern(rig).fished === 'cast' ? 'spin' : 'trolling',
        stiffness: {
          power: rig === 'big-bait-stinger' || rig === 'jerked-plug' ? 'heavy' : 'medium-heavy',
          action: 'fast',
        },
      };
    case 'reel':
      return { ...given, build: rigPattern(rig).fished === 'cast' ? 'fixed-spool' : 'multiplier' };
    case 'line':
      return slot.id === 'line'
        ? { ...given, material: 'braid', strengthN: figure(120, 'N') }
        : { material: 'fluorocarbon', strengthN: figure(rig === 'fast-head' ? 180 : 90, 'N'), ...given };
    case 'hook':
      return slot.seed.kind === 'stinger'
        ? { ...given, style: 'treble', size: '4' }
        : rig === 'plug'
          ? { ...given, style: 'single-inline', size: '6' }
          : slot.seed.kind === 'hook' && slot.seed.point === 'open'
            ? { style: 'bait', size: '1/0', ...given }
            : { ...given, style: 'worm-offset', size: '4/0' };
    case 'soft-bait':
      return {
        ...given,
        lengthM: figure(
          rig === 'big-bait-stinger' ? 0.18 : rig === 'tandem' || rig === 'drop-weight' ? 0.08 : 0.12,
          'm',
        ),
        tail: rig === 'drop-weight' ? 'straight-tail' : 'paddle-tail',
        ...(rig === 'tandem' || rig === 'drop-weight' ? {} : { material: 'soft-salted' }),
      };
    case 'jig-head':
      return {
        ...given,
        massKg: figure(rig === 'big-bait-stinger' ? 0.021 : 0.01, 'kg'),
        size: rig === 'big-bait-stinger' ? '6/0' : rig === 'tandem' ? '1/0' : '3/0',
      };
    case 'weight':
      return {
        ...given,
        massKg: figure(rig === 'drop-weight' ? 0.014 : 0.01, 'kg'),
        shape: rig === 'drop-weight' ? 'sphere' : (given['shape'] ?? 'bullet'),
      };
    case 'hardware':
      return { ...given, ...(slot.form === 'crimp' ? { widthM: figure(0.0018, 'm') } : {}) };
    case 'hard-lure':
      return {
        ...given,
        lengthM: figure(rig === 'jerked-plug' ? 0.13 : 0.09, 'm'),
        buoyancy: rig === 'jerked-plug' ? 'sinks' : 'floats',
      };
    default:
      return given;
  }
}
