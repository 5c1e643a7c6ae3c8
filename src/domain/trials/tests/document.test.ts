import { describe, expect, it } from 'vitest';
import { parse } from '../../problems';
import { sliced } from '../slices';
import { trialSchema } from '../trial-document';
import { START, A, goesIn, closes, tried, trial } from './trial-kit';

describe('a trial as a document', () => {
  it.each([
    [{ b: { name: 'B', pick: { by: 'gear', setupId: A } } }, 'b.pick'],
    [{ b: { name: 'B', pick: { by: 'hand' } } }, 'b.pick'],
    [
      {
        a: { name: 'A', pick: { by: 'measure', what: 'depth', from: 2, to: 6 } },
        b: { name: 'B', pick: { by: 'measure', what: 'depth', from: 5, to: 9 } },
      },
      'b.pick.from',
    ],
    [{ a: { name: 'A', pick: { by: 'measure', what: 'depth', from: 6, to: 2 } } }, 'a.pick.to'],
    [{ closed: { atS: START, as: 'settled', better: null, reason: '', rule: '', school: null } }, 'closed.better'],
    [{ closed: { atS: START, as: 'dropped', better: null, reason: '', rule: 'x', school: null } }, 'closed.rule'],
  ])('is refused where it makes no sense: %j', (changes, path) => {
    const read = parse(trialSchema, { ...trial(), ...changes });
    expect(read.ok ? [] : read.problems.map((each) => each.path)).toContain(path);
  });
});

it('a trip is cut where its instruments are looked at, and its hours add up', () => {
  const day = [goesIn('one', 0, 'setup-a'), goesIn('two', 0, 'setup-b', 'holder-2'), closes(60)];
  const { slices } = sliced(tried(day, 60), trial());
  const hours = slices.reduce((sum, { fromS, toS }) => sum + (toS - fromS) / 3600, 0);
  expect(hours).toBeCloseTo(2, 9);
  expect(slices.every(({ beside }) => beside)).toBe(true);
});
