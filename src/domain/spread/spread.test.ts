import { isSolved, lineIdOf } from './line-names';
import { wantedBand } from './wanted-band';
import { describe, expect, it } from 'vitest';
import { asked, changed, dunlin, files, lake, sound } from '../../../tests/helpers/demo-spreads';
import { demoHouse, demoParts, demoSpreads } from '@/db/demo';
import { finish } from '@/core/decide';
import { setupIdSchema } from '../ids';
import { arrangeSpread } from './arrange-options';
import { bandMoves } from './bands';
import { cutBack, markReading } from './line-mark';
import { solveSpread, type SolvedLine } from './solve';
import { inPattern, offPattern, placesOf, PATTERNS, placesOfSpread, rodsAgainst, stretched } from './patterns';
import { movedTo, placedSetup } from './place-setup';
import { spreadSchema, type SpreadDocument, type SpreadLineDocument } from './spread';
import { inTheWay, linesApart, orderOut, slidOut } from './strike';
import { isOnCraft, pointName, towPointsOf, usualTowPoints } from './tow-points';

const solvedLine = (spread: SpreadDocument, id: string): SolvedLine => {
  const line = solveSpread(asked(spread)).lines.find((each) => each.id === id)!;
  if (!isSolved(line)) throw new Error(`line ${id}: ${line.problem.code}`);
  return line;
};

describe('the spreads of the demo', () => {
  it.each(demoSpreads.map((spread) => [spread.name, spread] as const))(
    '%s is sound, drawn whole, and stands apart on a straight course',
    (_, spread) => {
      expect(spreadSchema.parse(spread)).toEqual(spread);
      const { lines, spread: together } = solveSpread(asked(spread));
      expect(lines.filter(isSolved)).toHaveLength(spread.lines.length);
      for (const side of ['port', 'starboard'] as const) expect(together!.tightest[side].outcome).toBe('ok');
    },
  );
  it('take rods that are on the bench and places that the boat has, each once', () => {
    for (const { lines } of demoSpreads) {
      const ids = lines.map(({ pointId }) => pointId);
      expect(new Set(ids).size).toBe(ids.length);
      for (const { rodId, pointId } of lines) {
        if (rodId) expect(demoParts.some(({ id, kind }) => id === rodId && kind === 'rod')).toBe(true);
        expect(towPointsOf(dunlin).some(({ id }) => id === pointId)).toBe(true);
      }
    }
  });
});

describe('a line of a spread', () => {
  it('runs deeper with more line, and a ball with more cable', () => {
    expect(solvedLine(changed(lake, 'd', { lineM: 80 }), 'd').depthM).toBeGreaterThan(solvedLine(lake, 'd').depthM);
    expect(solvedLine(changed(lake, 'b', { cableM: 20 }), 'b').depthM).toBeGreaterThan(
      solvedLine(lake, 'b').depthM + 6,
    );
  });
  it('stands out by its board, on the side of its rod', () => {
    const { spread } = solveSpread(asked(lake));
    const lure = (name: string) => spread!.lines.find((line) => line.name === name)!.lureM;
    expect(lure('a')[0]).toBeLessThan(-19);
    expect(lure('h')[0]).toBeGreaterThan(21);
  });
  it('is carried aside by side current, the longer one farther', () => {
    const off = (id: string) => solvedLine(sound, id).chain[0]!.offsetM!;
    expect(off('a')).toBeGreaterThan(0);
    expect(off('d')).toBeGreaterThan(off('a'));
    expect(solvedLine({ ...sound, current: [] }, 'd').chain[0]!.offsetM).toBe(0);
  });
  it.each<[string, Partial<SpreadLineDocument>, string]>([
    ['whose setup is gone', { setupId: setupIdSchema.parse('setup-none') }, 'no-setup'],
    ['whose place is gone', { pointId: 'crow-nest' }, 'no-point'],
    ['whose setup is cast', { setupId: setupIdSchema.parse('setup-glide') }, 'not-towed'],
  ])('%s is named and takes no other down', (_, change, code) => {
    const { lines, spread } = solveSpread(asked(changed(lake, 'c', change)));
    expect(lines.find(({ id }) => id === 'c')).toEqual({ id: 'c', problem: { code } });
    expect(lines.filter(isSolved)).toHaveLength(7);
    expect(spread).not.toBeNull();
  });
  it('that the water carries along as fast as the boat goes over ground is named, and takes no view down', () => {
    const along = { ...sound, speedMps: 0.5, current: [{ depthM: 0, alongMps: 0.6, acrossMps: 0 }] };
    const question = {
      ...asked(along),
      house: { ...demoHouse, schools: { ...demoHouse.schools, 'drive-by': 'ground' } },
    };
    const { lines, spread } = solveSpread(question);
    expect(lines[0]).toEqual({ id: 'a', problem: { code: 'outside', field: 'speedMps' } });
    expect(spread).toBeNull();
    expect(solveSpread({ ...question, spread: { ...along, speedMps: 2 } }).throughMps).toBeCloseTo(1.4, 9);
  });
  it('is told from its cable and its board by name', () => {
    expect(['b', 'b cable', 'b board', 'probe'].map(lineIdOf)).toEqual(['b', 'b', 'b', 'probe']);
  });
  it('keeps what was solved while another is dragged', () => {
    let solved = 0;
    const kept = new Map<string, ReturnType<Parameters<typeof solveSpread>[1] & object>>();
    const solver: Parameters<typeof solveSpread>[1] = (key, solve) => {
      const found = kept.get(key());
      if (found) return found;
      solved += 1;
      const made = solve();
      kept.set(key(), made);
      return made;
    };
    solveSpread(asked(lake), solver);
    expect(solved).toBe(8);
    solveSpread(asked(changed(lake, 'd', { lineM: 60 })), solver);
    expect(solved).toBe(9);
  });
});

describe('a probe', () => {
  it('is a line in every clearance', () => {
    const { probe, spread } = solveSpread(asked({ ...lake, probe: { pointId: 'holder-8', cableM: 15, ballKg: 4.5 } }));
    expect(probe!.depthM).toBeGreaterThan(13);
    expect(spread!.pairs.some(({ b }) => b === 'probe')).toBe(true);
  });
  it('whose place is gone is not drawn', () =>
    expect(solveSpread(asked({ ...lake, probe: { pointId: 'x', cableM: 15, ballKg: 4.5 } })).probe).toBeNull());
});

describe('bands', () => {
  it('are from the surface, from the break, or those of the setup', () => {
    const line = lake.lines.find(({ id }) => id === 'b')!;
    expect(wantedBand(line, { breakM: 13 }, files[line.setupId]!.presentation)).toEqual({ fromM: 11, toM: 14 });
    expect(wantedBand(line, {}, files[line.setupId]!.presentation)).toBeNull();
    expect(wantedBand({ wants: null }, {}, files['setup-lead-core']!.presentation)).toEqual({ fromM: 3, toM: 6 });
    expect(wantedBand({ wants: { of: 'break', fromM: -6, toM: 1 } }, { breakM: 4 }, undefined)).toEqual({
      fromM: 0,
      toM: 5,
    });
  });
  it('say what brings each line into the middle of its own, and it does', () => {
    const moves = bandMoves(asked(lake));
    expect(moves).toHaveLength(8);
    for (const { id, of, thenM, band, outcome } of moves) {
      expect(outcome).toBe('ok');
      const moved = solvedLine(changed(lake, id, of === 'cable' ? { cableM: thenM } : { lineM: thenM }), id);
      expect(moved.depthM).toBeCloseTo((band.fromM + band.toM) / 2, 1);
    }
  });
  it('move with the break', () => {
    const cable = (breakM: number) => bandMoves(asked({ ...lake, breakM })).find(({ id }) => id === 'b')!.thenM;
    expect(cable(16) - cable(13)).toBeGreaterThan(2.5);
  });
  it('that no line reaches are out of reach', () =>
    expect(
      bandMoves(asked(changed(lake, 'e', { wants: { of: 'surface', fromM: 90, toM: 95 } }))).find(
        ({ id }) => id === 'e',
      )!.outcome,
    ).toBe('out-of-reach'));
});

describe('patterns', () => {
  it.each(PATTERNS)('%s has a place for each of one to twelve lines', (name) => {
    for (let count = 1; count <= 12; count += 1) {
      const places = placesOf(name, count);
      expect(places).toHaveLength(count);
      for (const { back, deep } of places)
        for (const share of [back, deep]) {
          expect(share).toBeGreaterThanOrEqual(0);
          expect(share).toBeLessThanOrEqual(1);
        }
    }
  });
  it('V, inverted V and two deep two high are alike on both sides', () => {
    for (const name of ['v', 'inverted-v', 'two-deep-two-high'] as const)
      for (const count of [2, 5, 8]) {
        const places = placesOf(name, count);
        places.forEach(({ back }, i) => expect(back).toBeCloseTo(places[count - 1 - i]!.back, 12));
      }
  });
  it('set lines at the distances of the shape, and pinned ones stay', () => {
    const order = ['c', 'a', 'b', 'd'];
    const ask = { places: placesOf('stair', 4), nearM: 15, farM: 45, column: 'in-band' as const };
    const pinned = changed(sound, 'b', { pinned: true });
    const lines = inPattern(asked(pinned), ask, order);
    const spread = { ...pinned, lines: [...lines] };
    const solved = solveSpread(asked(spread)).lines.filter(isSolved);
    for (const { id, byM } of offPattern(solved, ask, order))
      if (id === 'b') expect(lines.find((line) => line.id === 'b')!.lineM).toBe(26);
      else expect(Math.abs(byM)).toBeLessThan(0.5);
  });
  it('say which rods of a side stand against the house rule', () => {
    const rods = [
      { id: 'a', tipX: -1, lengthM: 2 },
      { id: 'b', tipX: -2, lengthM: 2.6 },
      { id: 'c', tipX: 1, lengthM: 2.6 },
      { id: 'd', tipX: 2, lengthM: 2.05 },
      { id: 'e', tipX: 3, lengthM: 2 },
    ];
    expect(rodsAgainst('longer-outside', rods)).toEqual([['c', 'd']]);
    expect(rodsAgainst('shorter-outside', rods)).toEqual([['a', 'b']]);
    expect(rodsAgainst('equal', rods)).toEqual([
      ['a', 'b'],
      ['c', 'd'],
    ]);
  });
  it('are taken from a spread that was kept, for any number of lines', () => {
    const places = placesOfSpread(sound.lines);
    expect(Math.min(...places.map(({ back }) => back))).toBe(0);
    expect(Math.max(...places.map(({ back }) => back))).toBe(1);
    expect(stretched(places, 7)).toHaveLength(7);
    expect(stretched(places, 4)).toEqual(places);
    expect(stretched([], 3)).toEqual(placesOf('level', 3));
  });
});

describe('line marks', () => {
  const file = files['setup-crimped-minnow']!;
  const reading = (mark: Partial<SpreadLineDocument['mark']>, lineM = 20) =>
    markReading({ lineM, mark: { by: 'counter', at: 'reel', name: '', toCheck: false, ...mark } }, file);
  it('count what left the reel; what is on the line is read at the reel, a rod’s length on, or at the tip', () => {
    expect(reading({ by: 'metres' }).count).toBe(20);
    expect(reading({ by: 'counter' }).count).toBeGreaterThan(19);
    expect(reading({ by: 'colours', at: 'tip' }).count).toBeCloseTo(20 / 9.14, 9);
    expect(reading({ by: 'colours' }).count! * 9.14 - 20).toBeGreaterThan(1.5);
    expect(reading({ by: 'tied', name: 'red' })).toMatchObject({ by: 'tied', name: 'red' });
    expect(reading({ by: 'passes', turnsAPass: 10 }).count).toBeCloseTo(
      reading({ by: 'passes', turnsAPass: 20 }).count! * 2,
      9,
    );
  });
  it('beyond what the spool holds cannot be counted', () => expect(reading({ by: 'turns' }, 20_000).count).toBeNull());
  it('shift on every line of the spool when it is cut back, and ask for a check', () => {
    const spread = changed(lake, 'h', { mark: { by: 'colours', at: 'tip', name: '', toCheck: false } });
    const lines = cutBack(spread, files, 'e', 2);
    const of = (id: string) => lines.find((line) => line.id === id)!;
    // a, e and h have one spool, and so has whatever else is rigged with that braid.
    expect(of('e')).toMatchObject({ lineM: 14, mark: { toCheck: true } });
    expect(of('h')).toMatchObject({ lineM: 13, mark: { toCheck: true } });
    expect(of('a')).toMatchObject({ lineM: 18, mark: { toCheck: true } });
    expect(of('d')).toMatchObject({ lineM: 55, mark: { toCheck: false } });
  });
});

describe('places', () => {
  const points = towPointsOf(dunlin);
  it('are on the craft, as many as it counts', () => {
    for (const craft of demoHouse.crafts) {
      const usual = usualTowPoints(craft);
      expect(usual).toHaveLength(craft.holders + craft.downriggers + craft.booms);
      for (const point of usual) expect(isOnCraft(craft, point)).toBe(true);
    }
    expect(isOnCraft(dunlin, { ...points[0]!, xM: 3 })).toBe(false);
    expect(isOnCraft(dunlin, { ...points[0]!, yM: 1 })).toBe(false);
  });
  it('are named by kind and number, whatever id the user’s own was given', () => {
    const own = { ...points.find(({ kind }) => kind === 'holder')!, id: 'holder-7f3a09c1' };
    const named = [...points, own].map((point) => pointName([...points, own], point));
    expect(named.slice(0, -1)).toEqual(points.map(({ id }) => id));
    expect(named.at(-1)).toBe(`holder-${points.filter(({ kind }) => kind === 'holder').length + 1}`);
  });
  it('take setups in turn, those of a downrigger on one', () => {
    const setup = (name: string) => ({ id: setupIdSchema.parse(name), file: files[name]! });
    const first = placedSetup({ lines: [] }, setup('setup-ball-spoon'), points)!;
    expect(first).toMatchObject({ id: 'a', pointId: 'downrigger-1', cableM: 15, lineM: 18 });
    const second = placedSetup({ lines: [first] }, setup('setup-lead-core'), points)!;
    expect(second).toMatchObject({ id: 'b', pointId: 'holder-1', lineM: 46 });
    expect(second.cableM).toBeUndefined();
    expect(placedSetup({ lines: [] }, setup('setup-glide'), points)).toBeNull();
    expect(placedSetup({ lines: [] }, setup('setup-lead-core'), [])).toBeNull();
  });
  it('change over, and what takes a line there goes with the place', () => {
    const lines = movedTo(lake.lines, 'd', 'downrigger-1', points);
    const of = (id: string) => lines.find((line) => line.id === id)!;
    expect(of('d')).toMatchObject({ pointId: 'downrigger-1', cableM: 10 });
    expect(of('b').pointId).toBe('holder-1');
    expect(of('b').cableM).toBeUndefined();
  });
});

describe('when a fish strikes', () => {
  const { spread, lines } = solveSpread(asked(lake));
  it('what crosses is in the way first, then the nearest; a line and its cable are one', () => {
    const apart = linesApart(spread!.pairs);
    expect(apart.every(({ a, b }) => a !== b)).toBe(true);
    const way = inTheWay(apart, 'b');
    expect(way).toHaveLength(7);
    const distance = (id: string) => apart.find(({ a, b }) => [a, b].includes(id) && [a, b].includes('b'))!;
    const crossing = way.filter((id) => distance(id).crosses);
    expect(way.slice(0, crossing.length)).toEqual(crossing);
  });
  it('lines go out with boards from the outside in, then balls from the deepest, then flat lines; the user’s order stands before', () => {
    const solved = lines.filter(isSolved);
    expect(orderOut(lake, solved)).toEqual(['h', 'a', 'c', 'g', 'f', 'b', 'd', 'e']);
    expect(orderOut({ ...lake, order: ['e', 'gone', 'd'] }, solved).slice(0, 2)).toEqual(['e', 'd']);
    expect(orderOut({ ...lake, probe: { pointId: 'holder-8', cableM: 9, ballKg: 4 } }, solved)[0]).toBe('probe');
  });
  it('boards of a side slide out and the struck rod goes back inside', () => {
    const board = (id: string, pointId: string, outM: number): SpreadLineDocument => ({
      ...lake.lines[0]!,
      id,
      pointId,
      board: { lineM: outM + 8, outM },
    });
    const row = [
      board('x', 'holder-1', 10),
      board('y', 'holder-3', 20),
      board('z', 'holder-5', 30),
      board('s', 'holder-2', 20),
    ];
    const side = (pointId: string) => (pointId === 'holder-2' ? 1 : -1);
    const slid = slidOut(row, 'z', side);
    const out = (id: string) => slid.find((line) => line.id === id)!.board!.outM;
    expect([out('x'), out('y'), out('z'), out('s')]).toEqual([20, 30, 10, 20]);
    expect(slidOut(row, 's', side)).toBe(row);
    expect(slidOut(lake.lines, 'd', side)).toBe(lake.lines);
  });
});

describe('arranged', () => {
  it('the lake spread holds its clearance down to the wanted radius, which it did not before', () => {
    expect(solveSpread(asked(lake)).spread!.tightest.port).toMatchObject({ outcome: 'ok' });
    const before = solveSpread({ ...asked(lake), turn: { radiusM: lake.radiusM, side: 'port' } }).spread!;
    expect(before.tooClose.length).toBeGreaterThan(0);
    const { found, lines } = finish(arrangeSpread(asked(lake)));
    expect(found.outcome).toBe('ok');
    for (const side of ['port', 'starboard'] as const) {
      const after = solveSpread({
        ...asked({ ...lake, lines: [...lines] }),
        turn: { radiusM: lake.radiusM, side },
      }).spread!;
      expect(after.tooClose).toEqual([]);
    }
  });
  it('pinned lines stay', () => {
    const { lines } = finish(arrangeSpread(asked(changed(lake, 'e', { pinned: true }))));
    expect(lines.find(({ id }) => id === 'e')).toEqual({ ...lake.lines.find(({ id }) => id === 'e')!, pinned: true });
  });
  it('has nothing to place where no line can be drawn', () => {
    const none = { ...lake, lines: lake.lines.map((line) => ({ ...line, pointId: 'x' })) };
    expect(finish(arrangeSpread(asked(none))).found.outcome).toBe('no-place');
  });
});

describe('a document that cannot be', () => {
  const line = lake.lines[0]!;
  it.each<[string, unknown, string]>([
    ['two lines of one id', { ...lake, lines: [line, line] }, 'lines.1.id'],
    ['thirteen lines', { ...lake, lines: Array.from({ length: 13 }, (_, i) => ({ ...line, id: String(i) })) }, 'lines'],
    [
      'a board that stands out farther than its line',
      changed(lake, 'a', { board: { lineM: 10, outM: 12 } }),
      'lines.0.board.outM',
    ],
    [
      'a band that ends before it begins',
      changed(lake, 'a', { wants: { of: 'surface', fromM: 5, toM: 2 } }),
      'lines.0.wants.toM',
    ],
    [
      'a band over the water',
      changed(lake, 'a', { wants: { of: 'surface', fromM: -1, toM: 2 } }),
      'lines.0.wants.fromM',
    ],
    ['layers that do not go down', { ...sound, current: [...sound.current].reverse() }, 'current.1.depthM'],
    ['no speed', { ...lake, speedMps: 0 }, 'speedMps'],
  ])('%s is told at its field', (_, given, path) => {
    const read = spreadSchema.safeParse(given);
    expect(read.success).toBe(false);
    expect(read.error!.issues.map((issue) => issue.path.join('.'))).toContain(path);
  });
});
