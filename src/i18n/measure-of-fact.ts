import type { Measure } from '@/core/base/measure';

const SUFFIXES: readonly (readonly [RegExp, Measure])[] = [
  [/^fishKg$/, 'bodyMass'],
  [/^rodM$/, 'rodLength'],
  [/Kg$/, 'mass'],
  [/^(fall|sink|mean|terminal)\w*Mps$/i, 'fallSpeed'],
  [/Mps$/, 'speed'],
  [/^(depth|from|to)M$/, 'depth'],
  [/Nm$/, 'moment'],
  [/^(lift|net)N$/, 'smallForce'],
  [/N$/, 'force'],
  [/S$/, 'time'],
  [/Rad$/, 'angle'],
  [/[sS]hare$/, 'share'],
  [/^(margin|asked|ratio)$/, 'ratio'],
];

/** Shorter than this a length of a thing is given in the thing's small unit [m]. */
const SMALL_M = 0.3;

/** What a fact measures, by the unit at the end of its name; null: a word or a count. */
export function measureOfFact(name: string, value: number): Measure | null {
  const found = SUFFIXES.find(([suffix]) => suffix.test(name))?.[1];
  if (found) return found;
  return name.endsWith('M') ? (Math.abs(value) < SMALL_M && SMALL_FACT.test(name) ? 'size' : 'distance') : null;
}

/** Lengths of things, as against lengths of line and of ways. */
const SMALL_FACT =
  /^(clear|gap|asked|exit|width|tip|height|diameter|shank|body|spacing|off|bore|least|most|rollArm|widest|more)M$/;
