import type { Measure } from '@/core/measure';

const SUFFIXES: readonly (readonly [RegExp, Measure])[] = [
  [/Kg$/, 'mass'],
  [/Mps$/, 'speed'],
  [/depthM$/, 'depth'],
  [/N$/, 'force'],
  [/S$/, 'time'],
  [/M$/, 'distance'],
  [/Share$/, 'share'],
  [/^(margin|asked)$/, 'ratio'],
];

/** What a fact measures, by the unit at the end of its name; null: a word. */
export const measureOfFact = (name: string): Measure | null => SUFFIXES.find(([suffix]) => suffix.test(name))?.[1] ?? null;
