/** What hours are told apart by as words: equal ones are pooled. */
export const WORD_DIMENSIONS = ['lure', 'colour', 'setup', 'rod', 'place', 'side', 'angler', 'water', 'craft'] as const;
export type WordDimension = (typeof WORD_DIMENSIONS)[number];

const steps = (from: number, to: number, by: number): readonly number[] =>
  Array.from({ length: Math.round((to - from) / by) + 1 }, (_, i) => Number((from + i * by).toFixed(6)));

/** Eighths of a circle counted from straight ahead: 0 ahead, 1 the bow quarters, 2 abeam, 3 the stern quarters, 4 behind. */
const FOLDED = [Math.PI / 8, (3 * Math.PI) / 8, (5 * Math.PI) / 8, (7 * Math.PI) / 8] as const;

/**
 * What hours are told apart by as numbers, in bands whose edges never change, so that trips can be summed: depth by 2 m, speed by
 * 0.1 m/s, temperature by 1 °C, lead by 5 m. Band 0 lies below the first edge.
 */
export const BAND_DIMENSIONS = {
  depth: { edges: steps(2, 40, 2), measure: 'depth' },
  lureSpeed: { edges: steps(0.4, 3, 0.1), measure: 'speed' },
  groundSpeed: { edges: steps(0.4, 3, 0.1), measure: 'speed' },
  probeTemperature: { edges: steps(4, 24, 1), measure: 'temperature' },
  surfaceTemperature: { edges: steps(4, 26, 1), measure: 'temperature' },
  bottom: { edges: steps(5, 80, 5), measure: 'depth' },
  lead: { edges: steps(5, 80, 5), measure: 'length' },
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
} as const satisfies Record<
  string,
  {
    readonly edges: readonly number[];
    readonly measure?: 'depth' | 'speed' | 'temperature' | 'length';
    readonly levels?: readonly string[] | null;
  }
>;
export type BandDimension = keyof typeof BAND_DIMENSIONS;
export const BAND_NAMES = Object.keys(BAND_DIMENSIONS) as readonly BandDimension[];

export const DIMENSIONS = [...WORD_DIMENSIONS, ...BAND_NAMES, 'hook'] as const;
/** `hook`: which of its hooks held; every hook has the hours of its line */
export type Dimension = (typeof DIMENSIONS)[number];

/** What is counted. */
export const COUNTED = ['strikes', 'flurries', 'hooked', 'landed'] as const;
export type Counted = (typeof COUNTED)[number];
