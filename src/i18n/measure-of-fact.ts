import type { Measure } from '@/core/measure';

const SUFFIXES: readonly (readonly [RegExp, Measure])[] = [
  [/^fishKg$/, 'bodyMass'],
  [/^rodM$/, 'rodLength'],
  [/Kg$/, 'mass'],
  [/Mps$/, 'speed'],
  [/depthM$/, 'depth'],
  [/Nm$/, 'moment'],
  [/N$/, 'force'],
  [/S$/, 'time'],
  [/Rad$/, 'angle'],
  [/[sS]hare$/, 'share'],
  [/^(margin|asked|ratio)$/, 'ratio'],
];

/** Shorter than this a length is measured on the thing, in its small unit [m]. */
const SMALL_M = 0.3;

/** What a fact measures, by the unit at the end of its name; null: a word or a count. */
export function measureOfFact(name: string, value: number): Measure | null {
  const found = SUFFIXES.find(([suffix]) => suffix.test(name))?.[1];
  if (found) return found;
  return name.endsWith('M') ? (Math.abs(value) < SMALL_M && SMALL_FACT.test(name) ? 'size' : 'distance') : null;
}

/** Lengths that are counted in metres however short they are. */
const SMALL_FACT = /^(?!lost|takeUp|needed|available|spare|stretch)/;
