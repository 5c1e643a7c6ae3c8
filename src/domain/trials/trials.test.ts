import { describe, expect, it } from 'vitest';
import { seeded } from '@/core/base/numeric';
import { setupIdSchema } from '../ids';
import { parse } from '../problems';
import { tripOf } from '../log/trip';
import type { TripEvent } from '../log/trip-event';
import { NOTHING_KNOWN } from '../log/told';
import { countsOf } from './counts';
import { differences } from './else-differs';
import { heldByOf } from './held-by';
import { judgeBench, judgeDepths, type Predicted } from './bench-judged';
import { resultOf } from './result';
import { sliced, type TriedTrip } from './slices';
import { planKept } from './plan-kept';
import { dueSwaps, swapTo } from './swaps';
import { trialSchema, type TrialDocument } from './trial-document';
import { newTrial } from './usual-trial';

const START = 1_780_000_000;
const [A, B] = ['setup-a', 'setup-b'].map((id) => setupIdSchema.parse(id)) as [TrialDocument['id'] & never, never];

let made = 0;
const id = () => `0d3a0000-0000-4000-8000-${String((made += 1)).padStart(12, '0')}`;
const at = (min: number) => ({ id: id(), atS: START + 60 * min });

const goesIn = (line: string, min: number, setupId: string, pointId = 'holder-1'): TripEvent => ({
  kind: 'in',
  ...at(min),
  line,
  setupId: setupIdSchema.parse(setupId),
  rodId: null,
  pointId,
  lineM: 20,
  cableM: null,
  mark: '',
});
const strike = (
  line: string,
  min: number,
  told: Partial<typeof NOTHING_KNOWN> & { outcome?: string } = {},
): TripEvent[] => {
  const own = { kind: 'strike', ...at(min), line, touchedS: START + 60 * min, angler: null, then: null } as const;
  return [
    own,
    { kind: 'told', ...at(min + 0.1), of: own.id, ...NOTHING_KNOWN, outcome: 'landed', ...told } as TripEvent,
    { kind: 'back', ...at(min + 1), lines: [line] },
  ];
};
const closes = (min: number): TripEvent => ({ kind: 'closed', ...at(min) });

const tried = (events: readonly TripEvent[], untilMin = 240): TriedTrip => ({
  id: 'trip',
  name: 'A day',
  trip: tripOf(events),
  untilS: START + 60 * untilMin,
  series: null,
  gear: ({ setupId, pointId }) => ({
    words: { lure: '', colour: '', setup: setupId, rod: pointId ?? '', place: pointId ?? '', side: pointId ?? '' },
    depthsAt: [],
  }),
});

const trial = (changes: Partial<TrialDocument> = {}): TrialDocument => ({
  ...newTrial([], START),
  name: 'A or B',
  a: { name: 'A', pick: { by: 'gear', setupId: A } },
  b: { name: 'B', pick: { by: 'gear', setupId: B } },
  ...changes,
});

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

it('what differs between two setups leaves out what is only wanted of them', () => {
  const file = { chain: [], presentation: { kind: 'cast', depthM: 3, wanted: { breakAt: null }, conditions: {} } };
  const other = { chain: [], presentation: { ...file.presentation, depthM: 4, wanted: { breakAt: 'snag' } } };
  expect(differences(file as never, other as never)).toEqual([{ kind: 'presentation', path: 'depthM', was: 3, is: 4 }]);
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

it('a trip is cut where its instruments are looked at, and its hours add up', () => {
  const day = [goesIn('one', 0, 'setup-a'), goesIn('two', 0, 'setup-b', 'holder-2'), closes(60)];
  const { slices } = sliced(tried(day, 60), trial());
  const hours = slices.reduce((sum, { fromS, toS }) => sum + (toS - fromS) / 3600, 0);
  expect(hours).toBeCloseTo(2, 9);
  expect(slices.every(({ beside }) => beside)).toBe(true);
});
