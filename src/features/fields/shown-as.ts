import type { EffectFigures, Mark, VerdictUnit } from '@/core/evaluate';
import type { Measure } from '@/core/measure';
import type { Provenance } from '@/core/quantity';
import type { MarkShape } from '@/ui/mark';

/** A mark by its shape, so that it never hangs on colour. */
export const MARK_SHAPE = { sound: 'filled', edge: 'half', fails: 'crossed', 'cant-tell': 'dotted' } as const satisfies Record<Mark, MarkShape>;

/** How well a figure is known, by the line under it. */
export const UNDERLINE = { measured: 'border-solid', label: 'border-dashed', class: 'border-dotted' } as const satisfies Record<Provenance, string>;

/** What a verdict's figure measures. */
export const MEASURE_OF_UNIT = { kg: 'mass', 'm/s': 'speed', '1': 'ratio', rad: 'angle' } as const satisfies Record<VerdictUnit, Measure>;

/** The figures that a part can move, with their names in the catalogue and what they measure. */
export const EFFECT_COLUMNS = [
  ['grams', 'castMassKg', 'mass'], ['net', 'netWeightN', 'smallForce'], ['rate', 'sinkMps', 'speed'], ['pitch', 'pitchRad', 'angle'],
  ['needed', 'neededN', 'force'], ['opening', 'openingN', 'force'],
] as const satisfies readonly (readonly [string, keyof EffectFigures, Measure])[];
