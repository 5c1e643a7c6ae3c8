import { MATERIALS, type BodyMaterial } from '@/core/tackle/defaults/sink-classes';
import type { Part } from '../../parts';
import { fieldsOf } from '../../parts/fields';
import type { Ask } from '../guide';

export const WATER: readonly Ask[] = [
  { name: 'temperatureC', kind: 'figure', measure: 'temperature', start: 18 },
  { name: 'salinity', kind: 'figure', measure: 'salinity', start: 0 },
];
/** Fewer repeats than this and the spread is only the instrument's. */
const FEW = 3;
export const few = (rows: readonly unknown[]) => (rows.length < FEW ? ['repeat'] : []);
export const column = (rows: readonly Readonly<Record<string, number>>[], name: string) =>
  rows.map((row) => row[name]!);
export const massOf = (part: Part) => ('massKg' in part && part.massKg ? part.massKg.value : null);
export const volumeOf = (part: Part): number | null => {
  if ('volumeM3' in part && part.volumeM3) return part.volumeM3.value;
  const mass = massOf(part);
  return mass !== null && 'material' in part && part.material in MATERIALS
    ? mass / MATERIALS[part.material as BodyMaterial].densityKgPm3
    : null;
};
export const lengthsOf = (part: Part) =>
  fieldsOf(part.kind).flatMap((field) => (field.kind === 'quantity' && field.unit === 'm' ? [field.path] : []));
