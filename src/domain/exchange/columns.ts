import { SI_PER_UNIT } from '@/core/base/units';
import { fieldsOf, type PartField } from '../parts/fields';
import type { PartKind } from '../parts';

/** Units that a column may be in, by the SI unit of its field; the first is the one that is written. */
const UNITS: Readonly<Record<string, Readonly<Record<string, number>>>> = {
  m: { mm: SI_PER_UNIT.mm, cm: SI_PER_UNIT.cm, m: 1, in: SI_PER_UNIT.in, ft: SI_PER_UNIT.ft, yd: SI_PER_UNIT.yd },
  kg: { g: SI_PER_UNIT.g, kg: 1, oz: SI_PER_UNIT.oz, lb: SI_PER_UNIT.lb },
  N: { kgf: SI_PER_UNIT.kgf, N: 1, lbf: SI_PER_UNIT.lbf, kg: SI_PER_UNIT.kgf, lb: SI_PER_UNIT.lbf },
  'm/s': {
    'm/s': 1,
    'km/h': SI_PER_UNIT['km/h'],
    mph: SI_PER_UNIT.mph,
    kn: SI_PER_UNIT.kn,
    'ft/s': SI_PER_UNIT['ft/s'],
  },
  'm²': { 'mm²': 1e-6, 'cm²': 1e-4, 'm²': 1, 'in²': SI_PER_UNIT.in ** 2 },
  'm³': { 'cm³': 1e-6, ml: 1e-6, 'm³': 1, 'in³': SI_PER_UNIT.in ** 3 },
  'N·m²': { 'N·m²': 1, 'kgf·m²': SI_PER_UNIT.kgf },
  '1': { '': 1, '%': 0.01 },
};

/** `massKg` is told as mass, `stiffness.buttEiNm2` as stiffness.buttEi: the unit stands in the header's brackets. */
export const columnName = (path: string): string => path.replace(/(KgPm3|Kg|Nm2|M3|M2|Mps|(?<=[a-zI])M|N)$/, '');

export const unitsOf = (field: PartField): Readonly<Record<string, number>> =>
  field.kind === 'quantity' ? UNITS[field.unit]! : {};
export const writtenUnit = (field: PartField): string => Object.keys(unitsOf(field))[0] ?? '';

export const headerOf = (field: PartField): string => {
  const unit = writtenUnit(field);
  return unit === '' ? columnName(field.path) : `${columnName(field.path)} [${unit}]`;
};

/** Fields of a kind as columns; the price is one cell, `12.50 EUR`. */
export const columnFields = (kind: PartKind): readonly PartField[] =>
  fieldsOf(kind).filter(({ path }) => path !== 'id' && !path.startsWith('price.'));

export type Column =
  | { readonly at: number; readonly kind: 'kind' | 'id' | 'price' }
  | { readonly at: number; readonly kind: 'value'; readonly name: string; readonly unit: string | null }
  | { readonly at: number; readonly kind: 'origin'; readonly name: string }
  | { readonly at: number; readonly kind: 'spread'; readonly name: string };

/** What a header cell says: `mass [oz]`, `mass origin`, `mass spread [%]`, `kind`. */
export function readHeader(cell: string, at: number): Column {
  const text = cell.trim().replace(/^\uFEFF/, '');
  if (text === 'kind' || text === 'id' || text === 'price') return { at, kind: text };
  const origin = /^(.+) origin$/.exec(text);
  if (origin) return { at, kind: 'origin', name: origin[1]! };
  const spread = /^(.+) spread \[%\]$/.exec(text);
  if (spread) return { at, kind: 'spread', name: spread[1]! };
  const value = /^(.+?)(?:\s*\[(.+)\])?$/.exec(text);
  return { at, kind: 'value', name: value?.[1] ?? text, unit: value?.[2]?.trim() ?? null };
}
