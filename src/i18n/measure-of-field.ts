import type { Measure } from '@/core/base/measure';
import type { PartKind } from '@/domain/parts';

/** Each reading of a part: the code of its name in the catalogues and what it measures. */
const FIELDS = {
  lengthM: 'size',
  workingLengthM: 'rodLength',
  handleLengthM: 'rodLength',
  stiffness_buttEiNm2: 'rigidity',
  stiffness_tipRatio: 'ratio',
  rating_loKg: 'mass',
  rating_hiKg: 'mass',
  lineLoN: 'force',
  lineHiN: 'force',
  arborRadiusM: 'size',
  fullRadiusM: 'size',
  widthM: 'size',
  gearRatio: 'ratio',
  clutchMaxN: 'force',
  clutchMinN: 'force',
  clutchAtZeroN: 'force',
  clutchPerMarkN: 'force',
  handleRadiusM: 'size',
  strengthN: 'force',
  diameterM: 'diameter',
  eaN: 'force',
  massKg: 'mass',
  wireM: 'size',
  gapM: 'size',
  shankM: 'size',
  heightM: 'size',
  openingN: 'force',
  bladeLengthM: 'size',
  shankWeightKg: 'mass',
  lipLengthM: 'size',
  ringDiameterM: 'size',
  discDiameterM: 'size',
  armM: 'size',
  spacingM: 'size',
  boreM: 'diameter',
  volumeM3: 'volume',
  dragAreaM2: 'area',
  towDragM2: 'area',
  diveM2: 'area',
  diveExponent: 'ratio',
  worksFromMps: 'speed',
  worksToMps: 'speed',
  share: 'share',
  missShare: 'share',
} as const satisfies Record<string, Measure>;

type Field = keyof typeof FIELDS;

/** A length by the habit of its kind: rods and lines are not told in millimetres. */
const LENGTHS: Partial<Record<PartKind, Measure>> = { rod: 'rodLength', line: 'distance', snell: 'distance' };

/** The name and measure of a reading by its path; a knot's shares by material are all one field. */
export function measureOfField(path: string, kind: PartKind): { readonly field: Field; readonly measure: Measure } {
  const field = path.startsWith('shares.') ? 'share' : path.replace('.', '_');
  if (!isField(field)) throw new Error(`no reading is called ${path}`);
  return { field, measure: field === 'lengthM' ? (LENGTHS[kind] ?? 'size') : FIELDS[field] };
}

const isField = (name: string): name is Field => name in FIELDS;
