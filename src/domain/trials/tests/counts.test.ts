import { describe, expect, it } from 'vitest';
import { seeded } from '@/core/base/numeric';
import type { TripEvent } from '../../log/trip-event';
import { countsOf } from '../counts';
import { resultOf } from '../result';
import { START, A, at, goesIn, strike, closes, tried, trial, id } from './trial-kit';

describe('what a trial counts of the log', () => {
  const day = [
    goesIn('one', 0, 'setup-a'),
    goesIn('two', 0, 'setup-b', 'holder-2'),
    goesIn('three', 60, 'setup-b', 'holder-3'),
    ...strike('one', 30),
    ...strike('three', 90),
    ...strike('two', 91),
    closes(120),
  ];
  it('is hours and strikes of each version, with the lines that were in the water then', () => {
    const { a, b, events } = countsOf(trial(), [tried(day, 120)]);
    // Two hours less a minute for each fish on that line; with A out of the water B's minute is left out.
    expect(a.exposure).toBeCloseTo((120 - 1) / 60, 9);
    expect(b.exposure).toBeCloseTo((120 - 1 - 1 + 60 - 1) / 60, 9);
    expect(events).toEqual([
      { version: 'a', aLines: 1, bLines: 1 },
      { version: 'b', aLines: 1, bLines: 2 },
    ]);
  });
  it('counts a flurry once, and says how many were doubles', () => {
    const { b, doubles } = countsOf(trial(), [tried(day, 120)]);
    expect([b.strikes, b.counted, doubles]).toEqual([2, 1, 1]);
  });
  it('leaves apart what came while only one version fished', () => {
    const lone = [
      goesIn('one', 0, 'setup-a'),
      ...strike('one', 10),
      goesIn('two', 60, 'setup-b', 'holder-2'),
      closes(90),
    ];
    const { a, apart, events } = countsOf(trial(), [tried(lone, 90)]);
    expect(events).toEqual([]);
    expect([a.counted, apart.strikes]).toEqual([0, 1]);
    expect(apart.exposure).toBeCloseTo((60 - 1) / 60, 9);
  });
  it('leaves out hours before weed was found, and what was logged before it began', () => {
    const weed = [
      goesIn('one', 0, 'setup-a'),
      goesIn('two', 0, 'setup-b', 'holder-2'),
      { kind: 'fouled', ...at(60), line: 'one' } as TripEvent,
      { kind: 'clean', ...at(61), line: 'one' } as TripEvent,
      closes(120),
    ];
    expect(countsOf(trial(), [tried(weed, 120)]).a.exposure).toBeCloseTo(59 / 60, 9);
    const late = trial({ startedS: START + 60 * 90 });
    expect(countsOf(late, [tried(weed, 120)]).a.exposure).toBeCloseTo(0.5, 9);
  });
  it('of shares is tries with what they came to, whoever fished beside them', () => {
    const share = trial({ counted: 'landed-of-hooked' });
    const fish = [
      goesIn('one', 0, 'setup-a'),
      goesIn('two', 0, 'setup-b', 'holder-2'),
      ...strike('one', 10, { outcome: 'lost' }),
      ...strike('one', 20),
      ...strike('two', 30, { outcome: 'missed' }),
      ...strike('two', 40),
      closes(60),
    ];
    const { a, b, tries } = countsOf(share, [tried(fish, 60)]);
    expect([a.hits, a.of, b.hits, b.of]).toEqual([1, 2, 1, 1]);
    expect(tries).toEqual([
      { version: 'a', hit: false },
      { version: 'a', hit: true },
      { version: 'b', hit: true },
    ]);
  });
  it('in turn sets each spell against the next of the other version, once both are over', () => {
    const turns = [
      goesIn('one', 0, 'setup-a'),
      ...strike('one', 10),
      goesIn('one', 60, 'setup-b'),
      ...strike('one', 70),
      ...strike('one', 80),
      goesIn('one', 90, 'setup-a'),
      ...strike('one', 100),
    ];
    const open = countsOf(trial({ way: 'in-turn' }), [tried(turns, 120)]);
    const [aH, bH] = [59 / 60, 28 / 60];
    expect(open.events.map(({ version }) => version)).toEqual(['a', 'b', 'b']);
    expect(open.events[0]!.bLines).toBeCloseTo(bH / (aH + bH), 9);
    expect(open.apart.strikes).toBe(1);
  });
  it('counts casts where time means nothing', () => {
    const cast = (min: number): TripEvent => ({ kind: 'cast', ...at(min), line: 'one', count: 10 });
    const casting = [
      goesIn('one', 0, 'setup-a'),
      cast(5),
      ...strike('one', 6),
      goesIn('one', 10, 'setup-b'),
      cast(15),
      cast(16),
      closes(20),
    ];
    const { a, b, events } = countsOf(trial({ way: 'in-turn', exposure: 'casts' }), [tried(casting, 20)]);
    expect([a.exposure, b.exposure]).toEqual([10, 20]);
    expect(events).toEqual([{ version: 'a', aLines: expect.closeTo(1 / 3, 9), bLines: expect.closeTo(2 / 3, 9) }]);
  });
  it('tells versions by what was put on a line', () => {
    const changed = [
      goesIn('one', 0, 'setup-a'),
      goesIn('two', 0, 'setup-a', 'holder-2'),
      { kind: 'changed', ...at(0.5), line: 'two', what: 'colour', partId: null, name: 'copper' } as TripEvent,
      ...strike('two', 30),
      closes(60),
    ];
    const colours = trial({
      a: { name: 'plain', pick: { by: 'gear', setupId: A, colour: '' } },
      b: { name: 'copper', pick: { by: 'gear', setupId: A, colour: 'copper' } },
    });
    expect(countsOf(colours, [tried(changed, 60)]).b.counted).toBe(1);
  });
  it('counts hooks as pairs, and several as nothing', () => {
    const hooks = trial({
      a: { name: 'front', pick: { by: 'hook', hook: 'front' } },
      b: { name: 'tail', pick: { by: 'hook', hook: 'tail' } },
      counted: 'hooked',
    });
    const fish = [
      goesIn('one', 0, 'setup-a'),
      ...strike('one', 10, { heldBy: 'tail' } as never),
      ...strike('one', 20, { heldBy: 'several' } as never),
      ...strike('one', 30, { heldBy: 'front' } as never),
    ];
    const { events, apart } = countsOf(hooks, [tried(fish, 60)]);
    expect(events.map(({ version }) => version)).toEqual(['b', 'a']);
    expect(apart.strikes).toBe(1);
  });
  it('takes touches by hand, each with the lines that were said', () => {
    const hand = trial({
      a: { name: 'A', pick: { by: 'hand' } },
      b: { name: 'B', pick: { by: 'hand' } },
      touches: [{ id: id(), atS: START, version: 'b', aLines: 2, bLines: 1 }],
      byHand: { a: 4, b: 2 },
    });
    const found = countsOf(hand, []);
    expect(found.events).toEqual([{ version: 'b', aLines: 2, bLines: 1 }]);
    expect([found.a.exposure, found.b.exposure]).toEqual([4, 2]);
    const inTurn = countsOf({ ...hand, way: 'in-turn', byHand: { a: 0, b: 0 } }, []);
    expect([inTurn.events.length, inTurn.apart.strikes]).toEqual([0, 1]);
  });
  it('tells speeds by the probe where there is one', () => {
    const line = [goesIn('one', 0, 'setup-a'), ...strike('one', 45), closes(60)];
    const tS = Array.from({ length: 3600 }, (_, i) => START + i);
    const values = tS.map((t) => (t < START + 1800 ? 0.9 : 1.3));
    const speeds = trial({
      a: { name: 'slow', pick: { by: 'measure', what: 'speed', from: 0.8, to: 1.1 } },
      b: { name: 'fast', pick: { by: 'measure', what: 'speed', from: 1.1, to: 1.5 } },
      way: 'in-turn',
    });
    const of = (channel: string) =>
      channel === 'probeMps' ? { tS, values, readS: tS.at(-1)! } : { tS: [], values: [], readS: null };
    const { a, b } = countsOf(speeds, [{ ...tried(line, 60), series: { of } as never }]);
    expect([a.counted, b.counted]).toEqual([0, 1]);
    expect(a.exposure).toBeCloseTo(0.5, 1);
  });
});

describe('what a trial says', () => {
  it('names what leaned to one side, and that nothing can be put together there', () => {
    const day = [
      goesIn('one', 0, 'setup-a'),
      goesIn('two', 0, 'setup-b', 'holder-2'),
      ...strike('one', 30),
      ...strike('two', 60),
      closes(120),
    ];
    const { factors, verdict, totals } = resultOf(trial(), [tried(day, 120)]);
    expect(verdict).toBe('not-yet');
    expect(totals!.ratio).toBeGreaterThan(0.4);
    expect(factors.find(({ factor }) => factor === 'rod')).toMatchObject({
      overlap: 0,
      confounded: true,
      leans: { share: 1 },
      adjusted: { outcome: 'not-determined' },
    });
    expect(factors.find(({ factor }) => factor === 'trip')).toMatchObject({ confounded: false });
  });
  it('names a winner when it may, and its path leads there', () => {
    const random = seeded(4);
    const touches = Array.from({ length: 160 }, () => ({
      id: id(),
      atS: START,
      version: random() < 0.75 ? ('b' as const) : ('a' as const),
      aLines: 1,
      bLines: 1,
    }));
    const hand = trial({ a: { name: 'A', pick: { by: 'hand' } }, b: { name: 'B', pick: { by: 'hand' } }, touches });
    const { verdict, path, evidence, totals } = resultOf(hand, []);
    expect(verdict).toBe('b-better');
    expect(path).toHaveLength(160);
    expect(path.at(-1)).toBeCloseTo(evidence, 9);
    // No hours were told, so that there is no rate.
    expect(totals).toBeNull();
  });
});
