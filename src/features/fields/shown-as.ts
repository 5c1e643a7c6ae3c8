import type { EffectFigures, Mark, VerdictUnit } from '@/core/judge';
import type { Measure } from '@/core/base/measure';
import type { Provenance } from '@/core/base/quantity';
import type { MarkShape } from '@/ui/mark';

/** A mark by its shape, so that it never hangs on colour. */
export const MARK_SHAPE = {
  sound: 'filled',
  edge: 'half',
  fails: 'crossed',
  'cant-tell': 'dotted',
} as const satisfies Record<Mark, MarkShape>;

/** How well a figure is known, by the line under it. */
export const UNDERLINE = {
  measured: 'border-solid',
  label: 'border-dashed',
  class: 'border-dotted',
} as const satisfies Record<Provenance, string>;

/** What a verdict's figure measures. */
export const MEASURE_OF_UNIT = {
  kg: 'mass',
  m: 'depth',
  // The only verdict in metres a second is Fall.
  'm/s': 'fallSpeed',
  '1': 'ratio',
  rad: 'angle',
} as const satisfies Record<VerdictUnit, Measure>;

/** A figure that a part can move: its name in the catalogue, where it stands, what it measures. */
type EffectColumn = readonly [
  key: 'grams' | 'net' | 'rate' | 'runs' | 'pull' | 'pitch' | 'needed' | 'opening',
  field: keyof EffectFigures,
  measure: Measure,
];

const BOTH: readonly EffectColumn[] = [
  ['pitch', 'pitchRad', 'angle'],
  ['needed', 'neededN', 'force'],
  ['opening', 'openingN', 'force'],
];
const CAST: readonly EffectColumn[] = [
  ['grams', 'castMassKg', 'mass'],
  ['net', 'netWeightN', 'smallForce'],
  ['rate', 'sinkMps', 'fallSpeed'],
];
const TOWED: readonly EffectColumn[] = [
  ['net', 'netWeightN', 'smallForce'],
  ['runs', 'depthM', 'depth'],
  ['pull', 'pullN', 'force'],
];

/** The figures that a part can move, in a rig that is cast, towed, or either. */
export function effectColumns(fished: 'cast' | 'towed' | 'both'): readonly EffectColumn[] {
  if (fished === 'both') return [...CAST, ...TOWED.filter(([key]) => key !== 'net'), ...BOTH];
  return [...(fished === 'cast' ? CAST : TOWED), ...BOTH];
}
