import type { LineMaterial } from '@/core/tackle/defaults/line-materials';
import type { Part } from '@/domain/parts';
import { partIdSchema } from '@/domain/ids';
import { kilosPull, metres, millimetres } from './quantities';
import type { Provenance } from '@/core/base/quantity';

type SpoolRow = readonly [
  material: LineMaterial,
  diameterMm: number,
  breaksKg: number,
  leftM: number,
  provenance: Provenance,
];

const ROWS: readonly SpoolRow[] = [
  ['braid', 0.1, 4.5, 140, 'label'],
  ['braid', 0.14, 8.2, 150, 'label'],
  ['braid', 0.19, 13, 160, 'measured'],
  ['braid', 0.28, 20, 130, 'measured'],
  ['braid', 0.36, 30, 110, 'label'],
  ['nylon', 0.22, 3.4, 150, 'label'],
  ['nylon', 0.3, 5.6, 140, 'label'],
  ['nylon', 0.4, 9.4, 120, 'label'],
  ['fluorocarbon', 0.23, 3.2, 42, 'label'],
  ['fluorocarbon', 0.3, 5.4, 38, 'label'],
  ['fluorocarbon', 0.37, 8, 46, 'label'],
  ['fluorocarbon', 0.45, 11.3, 27, 'measured'],
  ['fluorocarbon', 0.6, 18.5, 21, 'label'],
  ['nylon', 0.6, 18, 50, 'label'],
];

export const demoSpools: readonly Part[] = ROWS.map(([material, diameterMm, breaksKg, leftM, provenance]) => ({
  id: partIdSchema.parse(`line-${material}-${Math.round(diameterMm * 100)}`),
  kind: 'line',
  material,
  diameterM: millimetres(diameterMm, provenance),
  strengthN: kilosPull(breaksKg, provenance),
  lengthM: metres(leftM, 'measured', 0.05),
}));
