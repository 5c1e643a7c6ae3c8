import type { TowPoint } from '@/core/afloat';
import { within, type Limits } from '@/core/base/guard';
import type { Craft } from '../house';
import { TOW_POINT_LIMITS as L } from './tow-point-limits';

/** Beam over length of an open boat; a canoe is narrower. Guessed where it was not measured. */
const BEAM_SHARE = 0.33;
/** How far aft holders begin, how far a downrigger's boom and an outrigger's clip stand out, and how high [m]. */
const FIRST_HOLDER_M = 0.4;
const BOOM_M = 1.2;
const OUTRIGGER_M = 3.5;
const OUTRIGGER_UP_M = 2.5;
const BOOM_OVER_GUNWALE_M = 0.2;
/** A rod in the corner looks nearly aft, one farther forward out over the side [rad]. */
const CORNER_RAD = 0.45;
const SIDE_RAD = 1.3;

export const beamOf = ({ beamM, lengthM }: Pick<Craft, 'beamM' | 'lengthM'>): number => beamM ?? BEAM_SHARE * lengthM;

/** Where lines leave a craft: as the user placed them, else as its counts of holders, downriggers and booms are usually set. */
export const towPointsOf = (craft: Craft): readonly TowPoint[] => craft.towPoints ?? usualTowPoints(craft);

/** Its number among those of its kind. */
export const pointNumber = (points: readonly TowPoint[], point: TowPoint): number =>
  points.filter(({ kind }) => kind === point.kind).findIndex(({ id }) => id === point.id) + 1;

/** A place as what is kept of a trip calls it, whatever id it was given on the boat: "holder-3". */
export const pointName = (points: readonly TowPoint[], point: TowPoint): string =>
  `${point.kind}-${pointNumber(points, point)}`;

/** A place on the middle line points neither way. */
const MIDDLE_M = 0.05;

export const SIDES = ['port', 'middle', 'starboard'] as const;

/** On which side a place lies, or looks where it lies on the middle line. */
export function sideOf({ xM, pointsRad }: Pick<TowPoint, 'xM' | 'pointsRad'>): (typeof SIDES)[number] {
  const side = xM === 0 ? pointsRad : xM;
  return Math.abs(side) < MIDDLE_M ? 'middle' : side < 0 ? 'port' : 'starboard';
}

/** Port and starboard in turn, from the stern forward. */
export function usualTowPoints(craft: Craft): readonly TowPoint[] {
  const half = beamOf(craft) / 2;
  const inTurn = (count: number) =>
    Array.from({ length: count }, (_, i) => ({ number: i + 1, side: i % 2 === 0 ? -1 : 1, from: Math.floor(i / 2) }));
  const points = [
    ...inTurn(craft.holders).map(({ number, side, from }): TowPoint => ({
      id: `holder-${number}`,
      kind: 'holder',
      xM: side * half,
      yM: -Math.min(craft.lengthM, FIRST_HOLDER_M + from * craft.holderGapM),
      upM: craft.freeboardM,
      pointsRad: side * (from === 0 ? CORNER_RAD : SIDE_RAD),
    })),
    ...inTurn(craft.downriggers).map(({ number, side, from }): TowPoint => ({
      id: `downrigger-${number}`,
      kind: 'downrigger',
      xM: from === 0 ? side * half * 0.7 : side * (half + BOOM_M),
      yM: from === 0 ? BOOM_M : -2 * from * craft.holderGapM,
      upM: craft.freeboardM + BOOM_OVER_GUNWALE_M,
      pointsRad: 0,
    })),
    ...inTurn(craft.booms).map(({ number, side, from }): TowPoint => ({
      id: `outrigger-${number}`,
      kind: 'outrigger',
      xM: side * (half + OUTRIGGER_M + from),
      yM: -craft.lengthM / 3,
      upM: OUTRIGGER_UP_M,
      pointsRad: 0,
    })),
  ];
  return points.map((point) => onCraft(craft, point));
}

/** The nearest place to a point where its craft has something to hold it: a small boat with many holders has them side by side. */
function onCraft(craft: Craft, point: TowPoint): TowPoint {
  const { xM, yM } = towPointBounds(craft, point.kind);
  return { ...point, xM: within(point.xM, xM), yM: within(point.yM, yM) };
}

/** Where a point may stand: rods and masts within the boat, booms and clips as far out as they reach [m]. */
export function towPointBounds(craft: Craft, kind: TowPoint['kind']) {
  const half = beamOf(craft) / 2;
  const out = kind === 'downrigger' ? 2 : kind === 'outrigger' ? 8 : 0;
  const side = Math.min(half + out, L.xM.max);
  return { xM: { min: -side, max: side }, yM: { min: -craft.lengthM, max: kind === 'downrigger' ? 2 : 0 } };
}

/** Whether a point lies where its craft has something to hold it. */
export function isOnCraft(craft: Craft, { kind, xM, yM }: TowPoint): boolean {
  const bounds = towPointBounds(craft, kind);
  const isWithin = (value: number, limits: Limits) => Math.abs(value - within(value, limits)) <= 1e-6;
  return isWithin(xM, bounds.xM) && isWithin(yM, bounds.yM);
}
