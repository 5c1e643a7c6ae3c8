import type { ClassFigure } from '@/core/tackle/defaults/classes';
import type { Measure } from '@/core/base/measure';
import { STANDARD_GRAVITY_MPS2 } from '@/core/base/constants';
import type { I18n } from './client';

type Words = Pick<I18n, 't'>;

/** Where a row's name stands already under another word. */
const ROWS_ELSEWHERE: Readonly<Record<string, string>> = {
  castStyles: 'style',
  setWays: 'way',
  mouths: 'mouth',
  covers: 'cover',
  fallWindows: 'fall',
};

/** The name of a class row, as `soft mouth`. */
export function classRowText({ t }: Words, { table, row }: Pick<ClassFigure, 'table' | 'row'>): string {
  const own = `classRow.${table}.${row}` as 'classRow.crimp.share';
  return t.has(own) ? t(own) : t(`${ROWS_ELSEWHERE[table] ?? 'word'}.${row}` as 'word.lead');
}

/** The name of one figure in its row. */
export const classFieldText = ({ t }: Words, { field }: Pick<ClassFigure, 'field'>): string =>
  t(`classField.${field.split('.').at(-1)!}` as 'classField.cd');

/** Why the class value is what it is. */
export const classReasonText = ({ t }: Words, { table, row }: Pick<ClassFigure, 'table' | 'row'>): string =>
  t(`classReason.${table}.${row}` as 'classReason.crimp.share');

/** What a class figure measures, and the SI value of one of its own units. */
export function measureOfClass({ field }: Pick<ClassFigure, 'field'>): {
  readonly measure: Measure;
  readonly si: number;
} {
  const name = field.split('.').at(-1)!;
  const found = UNITS.find(([suffix]) => suffix.test(name));
  return found ? { measure: found[1], si: found[2] } : { measure: 'ratio', si: 1 };
}

const UNITS: readonly (readonly [RegExp, Measure, number])[] = [
  [/Kgf$/, 'force', STANDARD_GRAVITY_MPS2],
  [/KgPm3$/, 'density', 1],
  [/KgPm$/, 'mass', 1],
  [/Kg$/, 'mass', 1],
  [/Mps2$/, 'acceleration', 1],
  [/Mps$/, 'speed', 1],
  [/Mpa$/, 'stress', 1e6],
  [/Pa$/, 'stress', 1],
  [/Nm$/, 'moment', 1],
  [/NPerMm$/, 'force', 1],
  [/N$/, 'force', 1],
  [/AreaM2$/, 'area', 1],
  [/Rad$/, 'angle', 1],
  [/Mm$/, 'size', 1e-3],
  [/^(tipM|buttM|insideM)$/, 'size', 1],
  [/M$/, 'distance', 1],
  [/^(spread|share|value|nylon|fluorocarbon|braid|metal|through)$/, 'share', 1],
];
