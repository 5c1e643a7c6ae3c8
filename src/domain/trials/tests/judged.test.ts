import { describe, expect, it } from 'vitest';
import { tripOf } from '../../log/trip';
import { NOTHING_KNOWN } from '../../log/told';
import { differences } from '../else-differs';
import { heldByOf } from '../held-by';
import { judgeBench, judgeDepths, type Predicted } from '../bench-judged';
import { A, goesIn, strike } from './trial-kit';

it('what differs between two setups leaves out what is only wanted of them', () => {
  const file = { chain: [], presentation: { kind: 'cast', depthM: 3, wanted: { breakAt: null }, conditions: {} } };
  const other = { chain: [], presentation: { ...file.presentation, depthM: 4, wanted: { breakAt: 'snag' } } };
  expect(differences(file as never, other as never, [])).toEqual([
    { kind: 'presentation', path: 'depthM', was: 3, is: 4 },
  ]);
});

it('another gear is one difference, with all that comes with it; a craft is told by its name', () => {
  const file = (presentation: object) => ({ chain: [], presentation }) as never;
  const ball = { kind: 'downrigger', leadM: 8, cableM: 15, ballKg: 4.5 };
  const [flat, deep] = [
    { kind: 'towed', way: 'trolled', craftId: 'craft-1', lineOutM: 45 },
    { kind: 'towed', way: 'trolled', craftId: null, lineOutM: 30, gear: ball },
  ];
  expect(differences(file(flat), file(deep), [{ id: 'craft-1' as never, name: 'Wren' }])).toEqual([
    { kind: 'presentation', path: 'craft', was: 'Wren', is: undefined },
    { kind: 'presentation', path: 'gear.kind', was: undefined, is: 'downrigger' },
  ]);
  expect(differences(file(deep), file({ ...deep, gear: { ...ball, cableM: 18 } }), [])).toEqual([
    { kind: 'presentation', path: 'gear.cableM', was: 15, is: 18 },
  ]);
  expect(differences(file({ kind: 'cast' }), file({ kind: 'towed', way: 'drifted' }), [])).toEqual([
    { kind: 'presentation', path: 'fished', was: 'cast', is: 'drifted' },
  ]);
});

it('which hook holds is told of each setup, with the pair that held most', () => {
  const trip = tripOf([
    goesIn('one', 0, 'setup-a'),
    ...[10, 20, 30].flatMap((min) => strike('one', min, { heldBy: 'tail' } as never)),
    ...strike('one', 40, { heldBy: 'front' } as never),
  ]);
  const [all, own] = heldByOf([trip]);
  expect([all!.setupId, own!.setupId]).toEqual([null, A]);
  expect(all!.hooks.find(({ hook }) => hook === 'tail')).toMatchObject({ count: 3, share: 0.75 });
  expect(all!.pair).toMatchObject({ a: 'front', b: 'tail', live: { outcome: 'not-yet' } });
});

describe('the bench judged', () => {
  const predicted = (setMargin: number): Predicted => ({ setMargin, holdMargin: 2, mouth: 'firm' });
  const told = (outcome: string, more = {}) => ({ told: { ...NOTHING_KNOWN, outcome, ...more } }) as never;
  const many = (count: number, hookedOf10: number) =>
    Array.from({ length: count }, (_, i) => ({
      strike: told(i % 10 < hookedOf10 - (i < count / 2 ? 3 : 0) ? 'landed' : 'missed'),
      predicted: predicted(i < count / 2 ? 0.3 : 1),
    }));
  it('offers the tissue strength where fish ask for less than was thought', () => {
    const { set } = judgeBench(many(400, 9), {});
    expect(set.judged.outcome).toBe('judged');
    expect(set.offers).toMatchObject([{ path: 'mouths.firm.strengthMpa', was: 3.5, edited: null }]);
    expect(set.offers[0]!.to).toBeLessThan(3.5);
  });
  it('offers nothing where they agree, and nothing of too few', () => {
    const agree = Array.from({ length: 300 }, (_, i) => ({
      strike: told(i % 100 < 69 ? 'landed' : 'missed'),
      predicted: predicted(1),
    }));
    expect(judgeBench(agree, {}).set.offers).toEqual([]);
    expect(judgeBench(many(6, 9), {}).set.judged.outcome).toBe('too-few');
  });
  it('counts of Hold only what tore out or opened, and starts from the house', () => {
    const lost = [
      { strike: told('lost', { lostBy: 'at-net' }), predicted: predicted(1) },
      { strike: told('lost', { lostBy: 'tore' }), predicted: predicted(1) },
      { strike: told('landed'), predicted: predicted(1) },
    ];
    const { hold, lostBy } = judgeBench(lost, { 'mouths.firm.tearNPerMm': 90 });
    expect([hold.strikes, hold.succeeded]).toEqual([2, 1]);
    expect(lostBy).toEqual([
      { by: 'at-net', count: 1 },
      { by: 'tore', count: 1 },
    ]);
  });
  it('says nothing of depths before there are three', () => {
    const seen = (predictedM: number, seenM: number) => ({ setup: '', atS: predictedM, predictedM, seenM });
    expect(judgeDepths([seen(10, 11), seen(12, 13)]).times).toBeNull();
    const { times, interval } = judgeDepths([seen(10, 11), seen(12, 13.2), seen(8, 8.8)]);
    expect(times).toBeCloseTo(1.1, 9);
    expect(interval![0]).toBeLessThanOrEqual(times!);
  });
});
