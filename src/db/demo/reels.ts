import type { Part } from '@/domain/parts';
import { partIdSchema } from '@/domain/ids';
import { kilosPull, millimetres, plain } from './quantities';

type ReelRow = readonly [
  id: string,
  build: 'fixed-spool' | 'multiplier',
  arborMm: number,
  fullMm: number,
  widthMm: number,
  gear: number,
  clutchMaxKg: number,
];

const ROWS: readonly ReelRow[] = [
  ['reel-small-spin', 'fixed-spool', 17, 20.5, 13, 5.2, 3],
  ['reel-spin', 'fixed-spool', 19, 23.5, 15.5, 5.8, 6],
  ['reel-large-spin', 'fixed-spool', 23, 28.5, 19, 5.4, 11],
  ['reel-low-cast', 'multiplier', 9, 16.5, 22, 7.1, 5],
  ['reel-cast', 'multiplier', 10, 17.5, 23, 6.3, 7],
  ['reel-large-cast', 'multiplier', 12, 21.5, 27, 5.3, 11],
];

export const demoReels: readonly Part[] = ROWS.map(([id, build, arborMm, fullMm, widthMm, gear, clutchMaxKg]) => ({
  id: partIdSchema.parse(id),
  kind: 'reel',
  build,
  arborRadiusM: millimetres(arborMm, 'measured'),
  fullRadiusM: millimetres(fullMm, 'measured'),
  widthM: millimetres(widthMm, 'measured'),
  gearRatio: plain(gear, 'label', 0.01),
  clutchMaxN: kilosPull(clutchMaxKg, 'label'),
}));
