import { SI_PER_UNIT } from '@/core/base/units';

/** What hours are told apart by as words: equal ones are pooled. */
export const WORD_DIMENSIONS = ['lure', 'colour', 'setup', 'rod', 'place', 'side', 'angler', 'water', 'craft'] as const;
export type WordDimension = (typeof WORD_DIMENSIONS)[number];

/** What a reader is told measures in: the edges of bands are round there. */
export interface BandUnits {
  readonly depth: 'm' | 'ft';
  readonly distance: 'm' | 'ft';
  readonly speed: 'm/s' | 'km/h' | 'kn' | 'mph';
  readonly temperature: '°C' | '°F';
}

/** First edge, last edge and step, in their unit. */
const DEPTHS = { m: [2, 40, 2], ft: [5, 130, 5] } as const;
const LONG = { m: [5, 80, 5], ft: [25, 250, 25] } as const;
const SPEEDS = { 'm/s': [0.4, 3, 0.1], 'km/h': [1.5, 11, 0.5], kn: [0.8, 6, 0.2], mph: [0.8, 7, 0.2] } as const;
const TEMPERATURES = { '°C': [4, 26, 1], '°F': [40, 80, 2] } as const;

const steps = (from: number, to: number, by: number): readonly number[] =>
  Array.from({ length: Math.round((to - from) / by) + 1 }, (_, i) => Number((from + i * by).toFixed(6)));

/** Eighths of a circle counted from straight ahead: 0 ahead, 1 the bow quarters, 2 abeam, 3 the stern quarters, 4 behind. */
const FOLDED = [Math.PI / 8, (3 * Math.PI) / 8, (5 * Math.PI) / 8, (7 * Math.PI) / 8] as const;

/**
 * What hours are told apart by as numbers, in bands whose edges are the same for every trip, so that trips can be summed. Band 0
 * lies below the first edge.
 */
export const BAND_DIMENSIONS = {
  depth: { measure: 'depth', steps: DEPTHS },
  lureSpeed: { measure: 'speed', steps: SPEEDS },
  groundSpeed: { measure: 'speed', steps: SPEEDS },
  probeTemperature: { measure: 'temperature', steps: TEMPERATURES },
  surfaceTemperature: { measure: 'temperature', steps: TEMPERATURES },
  bottom: { measure: 'depth', steps: LONG },
  lead: { measure: 'distance', steps: LONG },
  /** inside, straight, outside */
  turn: { edges: [0.5, 1.5], levels: ['inside', 'straight', 'outside'] },
  /** over the last minute */
  speedTrend: { edges: [0.5, 1.5], levels: ['falling', 'steady', 'rising'] },
  /** what the boat makes over ground beyond what the probe has through the water [m/s] */
  current: { edges: [-0.05, 0.05], levels: ['against', 'little', 'with'] },
  wind: { edges: FOLDED, levels: ['against', 'against-quarter', 'across', 'with-quarter', 'with'] },
  waves: { edges: FOLDED, levels: ['against', 'against-quarter', 'across', 'with-quarter', 'with'] },
  tide: { edges: [0.5, 1.5, 2.5], levels: ['rising', 'high', 'falling', 'low'] },
  moon: { edges: [0.5, 1.5, 2.5], levels: ['new', 'waxing', 'full', 'waning'] },
  light: { edges: [0.5, 1.5, 2.5], levels: ['dark', 'dusk', 'overcast', 'bright'] },
  hour: { edges: steps(1, 23, 1), levels: null },
  pass: { edges: [0.5, 1.5, 2.5, 3.5, 4.5], levels: null },
} as const satisfies Record<string, Measured | Levelled>;

type Measured = {
  readonly [M in keyof BandUnits]: {
    readonly measure: M;
    readonly steps: Readonly<Record<BandUnits[M], readonly [from: number, to: number, by: number]>>;
  };
}[keyof BandUnits];
interface Levelled {
  readonly edges: readonly number[];
  readonly levels: readonly string[] | null;
}
export type BandDimension = keyof typeof BAND_DIMENSIONS;
export const isBand = (name: string): name is BandDimension => Object.hasOwn(BAND_DIMENSIONS, name);
export const BAND_NAMES = Object.keys(BAND_DIMENSIONS) as readonly BandDimension[];

/** The measure that a dimension's bands are of; null: they are levels of their own. */
export function measureOf(name: BandDimension): keyof BandUnits | null {
  const dimension: Measured | Levelled = BAND_DIMENSIONS[name];
  return 'measure' in dimension ? dimension.measure : null;
}

/** The edges of a dimension's bands in SI, temperatures in °C. */
export function bandEdges(name: BandDimension, units: BandUnits): readonly number[] {
  const dimension: Measured | Levelled = BAND_DIMENSIONS[name];
  if (!('measure' in dimension)) return dimension.edges;
  const unit = units[dimension.measure];
  const inUnit = steps(...(dimension.steps as Readonly<Record<string, readonly [number, number, number]>>)[unit]!);
  if (unit === '°C') return inUnit;
  return inUnit.map((edge) => (unit === '°F' ? (edge - 32) / 1.8 : edge * SI_PER_UNIT[unit]));
}

export const DIMENSIONS = [...WORD_DIMENSIONS, ...BAND_NAMES, 'hook'] as const;
/** `hook`: which of its hooks held; every hook has the hours of its line */
export type Dimension = (typeof DIMENSIONS)[number];

/** What is counted. */
export const COUNTED = ['strikes', 'flurries', 'hooked', 'landed'] as const;
export type Counted = (typeof COUNTED)[number];
