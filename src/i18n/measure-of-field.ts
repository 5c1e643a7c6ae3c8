import type { Measure } from '@/core/measure';

/** Each reading of a part: the code of its name in the catalogues and what it measures. */
const FIELDS = {
  lengthM: 'rodLength', workingLengthM: 'rodLength', stiffness_buttEiNm2: 'rigidity', stiffness_tipRatio: 'ratio', rating_loKg: 'mass', rating_hiKg: 'mass',
  arborRadiusM: 'size', fullRadiusM: 'size', widthM: 'size', gearRatio: 'ratio', clutchMaxN: 'force', strengthN: 'force', diameterM: 'diameter', massKg: 'mass',
  wireM: 'size', gapM: 'size', shankM: 'size', heightM: 'size', share: 'share',
} as const satisfies Record<string, Measure>;

type Field = keyof typeof FIELDS;

/** The name and measure of a reading by its path; a knot's shares by material are all one field. */
export function measureOfField(path: string): { readonly field: Field; readonly measure: Measure } {
  const field = path.startsWith('shares.') ? 'share' : path.replace('.', '_');
  if (!isField(field)) throw new Error(`no reading is called ${path}`);
  return { field, measure: FIELDS[field] };
}

const isField = (name: string): name is Field => name in FIELDS;
