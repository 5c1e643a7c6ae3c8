import { STANDARD_GRAVITY_MPS2 } from '@/core/base/constants';
import { within } from '@/core/base/guard';
import type { Gear, House } from '@/core/tackle';
import { sideTaken } from '@/core/tackle/defaults/schools';
import { KNOTS, type KnotPattern } from '@/core/tackle/defaults/knots';
import type { PartId } from './ids';
import type { Joint } from './joint';
import { knotId } from './made-id';
import type { Part } from './parts';
import type { CastPresentation, Presentation, TowedPresentation } from './presentation';
import { PRESENTATION_LIMITS } from './presentation-limits';
import { rigPattern, type RigId } from './rigs';
import type { RigSlot } from './rig-slots';

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
    const { wanted } = from;
    return {
      ...inCommon(from),
      kind: 'cast',
      castStyle: 'overhead',
      distanceM: within(from.lineOutM, { min: PRESENTATION_LIMITS.distanceM.min, max: LONG_CAST_M }),
      wanted: { attitude: wanted.attitude, breakAt: wanted.breakAt, fall: { kind: 'steady' } },
    };
  }
  if (from.kind === 'towed') return { ...from, way };
  const { wanted } = from;
  return {
    ...inCommon(from),
    kind: 'towed',
    way,
    ...TOWED[way],
    wanted: {
      attitude: wanted.attitude,
      breakAt: wanted.breakAt,
      depth: { fromM: Math.max(0.5, from.depthM - 1), toM: Math.min(PRESENTATION_LIMITS.bandM.max, from.depthM + 1) },
    },
  };
}

/** Nobody throws farther because more line was out behind the boat [m]. */
const LONG_CAST_M = 60;

type Cast = CastPresentation;
type Towed = TowedPresentation;

/** Fields of one of the two ways alone: a presentation that has them in the other cannot be saved. */
const OF_ONE_WAY = {
  castStyle: true,
  distanceM: true,
  way: true,
  workedMps: true,
  lineOutM: true,
  gear: true,
  bottomM: true,
  layers: true,
  held: true,
  holderRad: true,
} as const satisfies Record<Exclude<keyof Cast, keyof Towed> | Exclude<keyof Towed, keyof Cast>, true>;

const inCommon = (from: Presentation) =>
  Object.fromEntries(Object.entries(from).filter(([field]) => !Object.hasOwn(OF_ONE_WAY, field))) as unknown as Pick<
    Cast,
    keyof Cast & keyof Towed
  >;

/** A walking pace behind the boat; a drift; straight down. */
const TOWED = {
  trolled: { speedMps: 1.1, lineOutM: 30, held: 'holder' },
  paddled: { speedMps: 1.2, lineOutM: 30, held: 'holder' },
  drifted: { speedMps: 0.5, lineOutM: 15, held: 'hand' },
  dropped: { speedMps: 0.05, lineOutM: 8, held: 'hand' },
} as const;

/** Gear as it usually is, its cable as the house has it. */
export function startGear(kind: Gear['kind'], lineOutM: number, schools: House['schools']): Gear {
  if (kind === 'side-planer') return { kind, leadM: Math.min(lineOutM, PRESENTATION_LIMITS.leadM.max), boardM: 15 };
  const cable =
    sideTaken(schools, 'weight-line') === 'braid'
      ? ({ cable: 'braid', cableDiameterM: 0.7e-3 } as const)
      : ({ cable: 'steel-cable', cableDiameterM: 0.9e-3 } as const);
  return { kind, leadM: 8, cableM: 10, ballKg: 3.6, ...cable };
}

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
