import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoFile, demoFiles } from '../../../../tests/helpers/demo';
import { evaluate } from '../../judge';
import type { Setup } from '../../tackle';
import { finish } from '../choose';
import { onTheDay, temperatureAt, type DayConditions } from './day';
import { houseAdvice } from './advice';
import { gaps } from './holes';
import { methodOf } from './method';
import { suit } from './suit';

const day: DayConditions = { surfaceC: 11, deep: { temperatureC: 6, depthM: 20 }, depthM: { from: 0.5, to: 20 } };
const setups = demoFiles.filter(({ newest }) => newest).map(({ id, file }) => ({ id, setup: file as Setup }));
const wall = { id: 'wall', setup: demoFile('setup-drowned-wall') as Setup };
const ranked = (change: Partial<DayConditions> = {}, of = setups) =>
  finish(suit({ setups: of, day: { ...day, ...change } }));

describe('a setup on a day', () => {
  it('has the water of its depth, and all of its own technique', () => {
    const today = onTheDay(wall.setup, day);
    const own = wall.setup.presentation;
    expect(today.presentation).toMatchObject({
      depthM: own.depthM,
      water: { temperatureC: 11 - (5 * own.depthM) / 20 },
    });
    expect({ ...today.presentation, water: own.water, conditions: own.conditions }).toEqual(own);
    expect(today.chain).toBe(wall.setup.chain);
  });
  it('moves to the nearest depth of the day, and its wanted band moves along, as wide as before', () => {
    expect(onTheDay(wall.setup, { ...day, depthM: { from: 6, to: 9 } }).presentation.depthM).toBe(6);
    const minnow = demoFile('setup-crimped-minnow') as Setup;
    if (minnow.presentation.kind !== 'towed') throw new Error('a towed rig');
    const { depth } = minnow.presentation.wanted;
    const deeper = onTheDay(minnow, { ...day, depthM: { from: 10, to: 12 } }).presentation;
    if (deeper.kind !== 'towed') throw new Error('still towed');
    expect(deeper.wanted.depth.toM - deeper.wanted.depth.fromM).toBeCloseTo(depth.toM - depth.fromM, 12);
    expect(deeper.wanted.depth.fromM).toBeCloseTo(depth.fromM + 10 - minnow.presentation.depthM, 12);
  });
  it('takes what is known of the day and nothing else', () =>
    expect(
      onTheDay(wall.setup, { ...day, fishKg: 7, cover: 'dense', fouling: 'some', mood: 'wary', craftId: null })
        .presentation,
    ).toMatchObject({ fishKg: 7, cover: 'dense', fouling: 'some', craftId: null, conditions: { mood: 'wary' } }));
  it.each([
    [{ surfaceC: 60 }, 'day.surfaceC'],
    [{ depthM: { from: 5, to: 2 } }, 'day.depthM.to'],
    [{ baitM: { from: -1, to: 2 } }, 'day.baitM.from'],
    [{ deep: { temperatureC: 5, depthM: 500 } }, 'day.deep.depthM'],
    [
      {
        profile: [
          { depthM: 5, temperatureC: 4 },
          { depthM: 3, temperatureC: 4 },
        ],
      },
      'day.profile[1].depthM',
    ],
  ])('refuses %j', (change, path) => expect(() => ranked(change)).toThrow(path));
});

describe('temperature by depth', () => {
  it.each([
    [0, 11],
    [10, 8.5],
    [20, 6],
    [60, 6],
  ])('at %d m is %d °C', (depthM, temperatureC) => expect(temperatureAt(day, depthM)).toBeCloseTo(temperatureC, 12));
  const profile = [
    { depthM: 5, temperatureC: 12 },
    { depthM: 8, temperatureC: 7 },
    { depthM: 30, temperatureC: 5 },
  ];
  it.each([
    [0, 14],
    [2.5, 13],
    [5, 12],
    [6.5, 9.5],
    [19, 6],
    [80, 5],
  ])('by a profile at %d m is %d °C', (depthM, temperatureC) =>
    expect(temperatureAt({ surfaceC: 14, deep: day.deep, profile }, depthM)).toBeCloseTo(temperatureC, 12),
  );
  it('is the surface’s where nothing is known below', () => expect(temperatureAt({ surfaceC: 14 }, 30)).toBe(14));
});

describe('the ranking', () => {
  it('lists every setup once, with the marks that evaluate gives under the day', () => {
    const { ranked: list } = ranked();
    expect(list.map(({ id }) => id).sort()).toEqual(setups.map(({ id }) => id).sort());
    for (const { id, marks } of list) {
      const { verdicts } = evaluate(onTheDay(setups.find((each) => each.id === id)!.setup, day));
      expect(marks).toEqual(Object.fromEntries(Object.entries(verdicts).map(([name, { mark }]) => [name, mark])));
    }
  });
  it('puts what suits before what goes before what fails before what is for other days', () => {
    const order = ['suits', 'goes', 'fails', 'outside'];
    const standings = ranked().ranked.map(({ standing }) => order.indexOf(standing));
    expect(standings).toEqual([...standings].sort((a, b) => a - b));
    expect(new Set(standings).size).toBeGreaterThan(2);
  });
  it('decides by the verdict that has the least room', () => {
    for (const { decides, marks } of ranked().ranked) {
      expect(decides.mark).toBe(marks[decides.verdict]);
      if (Object.values(marks).includes('fails')) expect(decides.mark).toBe('fails');
    }
  });
  it('lists a setup last outside of its owner’s use window, with what is outside', () => {
    const { ranked: list } = ranked({ clarity: 'murky', surfaceC: 25, deep: undefined });
    const outside = list.find(({ id }) => id === 'setup-drowned-wall')!;
    expect(outside).toMatchObject({ standing: 'outside' });
    expect(outside.outside.map(({ what }) => what)).toEqual(['temperatureC', 'clarity']);
    expect(outside.outside[0]).toMatchObject({ asked: 25, from: 5, to: 14 });
    expect(list.at(-1)!.standing).toBe('outside');
  });
  it('says nothing of what its owner left open', () =>
    expect(ranked({ clarity: 'murky' }).ranked.find(({ id }) => id === 'setup-lily-bay')!.outside).toEqual([]));
  it('does not hang on the order in which setups are given, equals apart', () => {
    const turned = ranked({}, [...setups].reverse()).ranked;
    const ids = (list: typeof turned) => list.filter(({ standing }) => standing === 'fails').map(({ id }) => id);
    expect(ids(turned).sort()).toEqual(ids(ranked().ranked).sort());
  });
  it('leaves out a rig that no model can work out, and goes on', () => {
    const broken = {
      id: 'broken',
      setup: {
        ...wall.setup,
        parts: wall.setup.parts.map((part) =>
          part.kind === 'hook' ? { ...part, wireM: { ...part.wireM, value: -1 } } : part,
        ),
      },
    };
    const { ranked: list, refused } = ranked({}, [broken, wall]);
    expect(refused).toEqual(['broken']);
    expect(list.map(({ id }) => id)).toEqual(['wall']);
  });
});

describe('holes', () => {
  it('are what no setup that suits or goes covers, with the nearest to it', () => {
    const { holes } = ranked({ depthM: { from: 1, to: 60 } }, [wall]);
    expect(holes).toEqual([{ kind: 'depth', fromM: 4.5, toM: 60, nearest: 'wall' }]);
  });
  it('of bait lengths are asked only where baits are known', () => {
    expect(ranked({}, [wall]).holes.filter(({ kind }) => kind === 'bait')).toEqual([]);
    expect(ranked({ baitM: { from: 0.1, to: 0.3 } }, [wall]).holes.filter(({ kind }) => kind === 'bait')).toMatchObject(
      [{ fromM: 0.15625, toM: 0.3, nearest: 'wall' }],
    );
  });
  it('with the spans fill what was asked, and never meet them', () =>
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.double({ min: 0, max: 10, noNaN: true }), fc.double({ min: 0, max: 4, noNaN: true })), {
          maxLength: 6,
        }),
        (rows) => {
          const spans = rows.map(([from, width]) => ({ from, to: from + width }));
          const asked = { from: 1, to: 9 };
          const found = gaps(asked, spans);
          const inGap = (x: number) => found.some(({ from, to }) => x > from && x < to);
          for (let x = 1.005; x < 9; x += 0.01)
            if (inGap(x)) expect(spans.some(({ from, to }) => x > from && x < to)).toBe(false);
        },
      ),
    ));
});

describe('methods', () => {
  const of = (id: string) => methodOf(demoFile(id) as Setup);
  it.each([
    ['setup-drowned-wall', 'cast'],
    ['setup-crimped-minnow', 'trolled'],
    ['setup-reef-plug', 'topwater'],
    ['setup-crawler-harness', 'drifted'],
    ['setup-kelp-live', 'live-bait'],
    ['setup-hung-weight', 'straight-down'],
  ])('%s is fished %s', (id, method) => expect(of(id)).toBe(method));
  it('leave a hole where nothing serves them, with the best of those that are fished so', () => {
    const { holes } = ranked({ methods: ['cast', 'topwater', 'drifted'] }, [wall]);
    expect(holes.filter(({ kind }) => kind === 'method')).toEqual([
      { kind: 'method', method: 'topwater', nearest: null },
      { kind: 'method', method: 'drifted', nearest: null },
    ]);
    const reef = { id: 'reef', setup: demoFile('setup-reef-plug') as Setup };
    const serves = ranked({ methods: ['topwater'] }, [reef]);
    expect(serves.holes.filter(({ kind }) => kind === 'method')).toEqual([]);
    // A fish for which the light rig is far too weak.
    const { ranked: list, holes: left } = ranked({ methods: ['topwater'], fishKg: 40, cover: 'dense' }, [reef]);
    expect(list[0]!.standing).toBe('fails');
    expect(left.filter(({ kind }) => kind === 'method')).toEqual([
      { kind: 'method', method: 'topwater', nearest: 'reef' },
    ]);
  });
});

describe('what the house rules say for an hour', () => {
  const house = { schools: {}, classes: {} };
  it('says nothing where nothing is known', () => expect(houseAdvice(house, {})).toEqual([]));
  it('shortens leads for hungry fish at dusk, and lengthens them for wary ones', () => {
    expect(houseAdvice(house, { mood: 'active', light: 'dusk' })[0]).toEqual({
      code: 'lead-shorter',
      by: expect.closeTo(1 - 0.8 * 0.85, 12),
      drivenToM: expect.closeTo(1.4 * 0.8 * 0.85, 12),
      ownToM: expect.closeTo(4.6 * 0.8 * 0.85, 12),
    });
    expect(houseAdvice(house, { mood: 'wary' })[0]).toMatchObject({ code: 'lead-longer' });
  });
  it('follows the sides that the house takes', () => {
    const own = { schools: { 'attractor-lead': 'fixed', 'hook-colour': 'coloured', pace: 'broken' }, classes: {} };
    expect(houseAdvice(own, { mood: 'wary', light: 'dark' })).toEqual([
      { code: 'accent', side: 'tail' },
      { code: 'pace', side: 'broken' },
      { code: 'look-time', side: 'time' },
    ]);
  });
});
