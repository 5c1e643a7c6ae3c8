import { describe, expect, it } from 'vitest';
import { tripOf } from '../../log/trip';
import type { TripEvent } from '../../log/trip-event';
import { planKept } from '../plan-kept';
import { dueSwaps, swapTo } from '../swaps';
import { START, A, B, goesIn, strike, closes, tried, trial } from './trial-kit';

describe('a plan', () => {
  const planned = trial({
    plan: {
      lines: [
        { line: 'one', levels: { side: 'port' } },
        { line: 'two', levels: { side: 'starboard' } },
      ],
      spells: [0, 60].map((min, k) => ({
        fromS: START + 60 * min,
        toS: START + 60 * (min + 60),
        lines: [
          { line: 'one', version: k === 0 ? 'a' : 'b' },
          { line: 'two', version: k === 0 ? 'b' : 'a' },
        ],
      })),
    },
  });
  const begun = [goesIn('one', 0, 'setup-a'), goesIn('two', 0, 'setup-b', 'holder-2')];
  const due = (events: readonly TripEvent[], min: number) => dueSwaps(planned, tripOf(events), START + 60 * min);

  it('asks for swaps when their time has come', () => {
    expect(due(begun, 40)).toEqual([]);
    expect(due(begun, 61)).toMatchObject([
      { line: 'one', to: 'b', isIn: false },
      { line: 'two', to: 'a', isIn: false },
    ]);
  });
  it('reminds of none within ten minutes of a strike, but of a line that is in anyway', () => {
    const struck = [...begun, ...strike('one', 58).slice(0, 1)];
    expect(due(struck, 61)).toMatchObject([{ line: 'one', to: 'b', isIn: true }]);
    expect(due(struck, 69)).toHaveLength(2);
  });
  it('swaps a line that is in up to a quarter of an hour early', () => {
    const struck = [...begun, ...strike('two', 49).slice(0, 1)];
    expect(due(struck, 50)).toMatchObject([{ line: 'two', to: 'a', isIn: true }]);
    expect(due([...begun, ...strike('two', 30).slice(0, 1)], 31)).toEqual([]);
  });
  it('is over with its last spell, and with the trial', () => {
    expect(due(begun, 121)).toEqual([]);
    const closed = {
      ...planned,
      closed: { atS: START, as: 'dropped', better: null, reason: 'x', rule: '', school: null } as const,
    };
    expect(dueSwaps(closed, tripOf(begun), START + 3660)).toEqual([]);
  });
  it('notes a swap as what goes onto the line', () => {
    const gear = tripOf(begun).lines[0]!.gear;
    expect(swapTo(planned.b, gear)).toMatchObject([{ kind: 'in', setupId: B, pointId: 'holder-1' }]);
    const copper = { name: 'copper', pick: { by: 'gear', setupId: A, colour: 'copper' } } as const;
    expect(swapTo(copper, gear)).toEqual([{ kind: 'changed', what: 'colour', partId: null, name: 'copper' }]);
  });
  it('is held against what happened', () => {
    const day = [...begun, goesIn('one', 90, 'setup-b'), closes(120)];
    expect(planKept(planned, [tried(day, 120)])).toMatchObject([
      { line: 'one', asPlannedH: expect.closeTo(1.5, 6), otherH: expect.closeTo(0.5, 6) },
      { line: 'two', asPlannedH: expect.closeTo(1, 6), otherH: expect.closeTo(1, 6) },
    ]);
  });
});
