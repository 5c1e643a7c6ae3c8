import { describe, expect, it } from 'vitest';
import { demoParts } from '@/db/demo';
import { findIn, rawReadingSchema } from './raw-reading';

const hook = demoParts.find(({ kind }) => kind === 'hook')!;
const calliper = (readings: number[], path = 'wireM') => ({
  rows: readings.map((readingM) => ({ readingM })),
  asked: { path, stepM: 1e-5 },
});

describe('what a guide finds in a raw reading', () => {
  it('is the mean of a hook’s wire, measured', () => {
    const found = findIn('calliper', hook, calliper([0.00112, 0.00114]));
    expect(found).toMatchObject({ ok: true, data: { after: { wireM: { unit: 'm', provenance: 'measured' } } } });
    expect(found.ok && found.data.results[0]!.value).toBeCloseTo(0.00113, 9);
  });
  it.each([
    ['a guide of another kind', 'hang-test', calliper([0.001]), 'guide'],
    ['a field that it does not measure', 'calliper', calliper([0.001], 'name'), 'asked.path'],
    [
      'a word where a figure is due',
      'calliper',
      { ...calliper([0.001]), asked: { path: 'wireM', stepM: 'x' } },
      'asked.stepM',
    ],
    ['a column that is not there', 'calliper', { ...calliper([1]), rows: [{ massKg: 1 }] }, 'rows[0].readingM'],
    ['a column too many', 'calliper', { ...calliper([1]), rows: [{ readingM: 0.001, massKg: 1 }] }, 'rows[0].massKg'],
    [
      'a weight below nothing',
      'weigh',
      { rows: [{ pileKg: -1 }], asked: { count: 1, stepKg: 1e-4 } },
      'rows[0].pileKg',
    ],
    ['a count of none', 'weigh', { rows: [{ pileKg: 1 }], asked: { count: 0, stepKg: 1e-4 } }, 'asked.count'],
  ] as const)('is refused at its field: %s', (_, guide, raw, path) => {
    const found = findIn(guide, hook, rawReadingSchema.parse(raw));
    expect(found.ok ? [] : found.problems.map((problem) => problem.path)).toEqual([path]);
  });
  it.each([{ rows: [], asked: {} }, { rows: [{ a: 'x' }], asked: {} }, { rows: [{}] }])(
    'must be rows of figures: %j',
    (raw) => expect(rawReadingSchema.safeParse(raw).success).toBe(false),
  );
});
