import { STANDARD_GRAVITY_MPS2 } from '@/core/base/constants';
import type { CastPresentation, TowedPresentation } from '@/domain/presentation';

export const degrees = (value: number) => (value * Math.PI) / 180;
export const kilos = (value: number) => value * STANDARD_GRAVITY_MPS2;

/** Lake Ostrey at nine degrees, from the skiff, an ordinary two-handed set. */
export const cast: CastPresentation = {
  kind: 'cast',
  castStyle: 'overhead',
  distanceM: 22,
  depthM: 3,
  handHeightM: 1.2,
  water: { temperatureC: 9, salinity: 0 },
  currentMps: 0,
  speedMps: 0.8,
  sweep: { way: 'two-hand', startRad: degrees(25), endRad: degrees(105), timeS: 0.35, stepBackM: 0, woundM: 0.3 },
  slackM: 0.3,
  cover: 'open',
  mouth: 'bony',
  fishKg: 3,
  clutchN: kilos(2.1),
  wear: [],
  stance: 'standing',
  rodWorked: 'level',
  boatsideTurn: false,
  craftId: 'wren',
  conditions: {},
  wanted: { fall: { kind: 'steady' }, attitude: { kind: 'level' }, breakAt: 'leader-knot' },
};

const { castStyle: _, distanceM: __, wanted: ___, kind: ____, ...shared } = cast;

/** Behind Dunlin in the deep basin, rods in their holders. */
export const trolled: TowedPresentation = {
  ...shared,
  kind: 'towed',
  way: 'trolled',
  lineOutM: 30,
  held: 'holder',
  depthM: 12,
  speedMps: 1.1,
  mouth: 'soft',
  fishKg: 1.5,
  clutchN: kilos(1.2),
  craftId: 'dunlin',
  wanted: { attitude: { kind: 'any' }, breakAt: null, depth: { fromM: 9, toM: 13 } },
};
