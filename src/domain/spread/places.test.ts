import fc from 'fast-check';
import { problemsAgainst } from '../../../tests/helpers/problems';
import { describe, expect, it } from 'vitest';
import { demoFiles } from '../../../tests/helpers/demo';
import { demoHouse, demoSpreads } from '@/db/demo';
import { CRAFT_LIMITS, craftSchema, type Craft } from '../house';
import { partIdSchema, setupIdSchema } from '../ids';
import { toHalfMetre } from './let-out';
import { inTheWay, linesApart, orderOut, slidOut } from './strike';
import { movedTo, placedSetup } from './place-setup';
import { PATTERNS, placesOf, placesOfSpread, stretched } from './patterns';
import { spreadSchema, type SpreadDocument, type SpreadLineDocument } from './spread';
import { MOST_LINES } from './spread-limits';
import { isOnCraft, pointName, sideOf, usualTowPoints } from './tow-points';
import { usualSpread } from './usual-spread';
import { wantedBand } from './wanted-band';

const wren = demoHouse.crafts[0]!;
const problemsOf = problemsAgainst(spreadSchema);

/** Any craft that Rules takes. */
const craft: fc.Arbitrary<Craft> = fc
  .record({
    lengthM: fc.double({ ...CRAFT_LIMITS.lengthM, noNaN: true }),
    freeboardM: fc.double({ ...CRAFT_LIMITS.freeboardM, noNaN: true }),
    holders: fc.integer(CRAFT_LIMITS.holders),
    holderGapM: fc.double({ ...CRAFT_LIMITS.holderGapM, noNaN: true }),
    downriggers: fc.integer(CRAFT_LIMITS.gear),
    booms: fc.integer(CRAFT_LIMITS.gear),
  })
  .map((figures) => ({ ...wren, towPoints: undefined, beamM: undefined, ...figures }));

describe('where lines usually leave a craft', () => {
  it('is on the craft and within what can be kept, whatever craft it is', () =>
    fc.assert(
      fc.property(craft, (boat) => {
        const points = usualTowPoints(boat);
        expect(points).toHaveLength(boat.holders + boat.downriggers + boat.booms);
        for (const point of points) expect(isOnCraft(boat, point), `${point.id} ${JSON.stringify(point)}`).toBe(true);
        const kept = craftSchema.safeParse({ ...boat, towPoints: points });
        expect(kept.error?.issues ?? []).toEqual([]);
      }),
      { numRuns: 300 },
    ));

  it('takes port and starboard in turn, each kind numbered from one', () => {
    const points = usualTowPoints({ ...wren, towPoints: undefined, holders: 4, downriggers: 2, booms: 2 });
    expect(points.map((point) => pointName(points, point))).toEqual([
      ...[1, 2, 3, 4].map((n) => `holder-${n}`),
      ...[1, 2].map((n) => `downrigger-${n}`),
      ...[1, 2].map((n) => `outrigger-${n}`),
    ]);
    for (const kind of ['holder', 'downrigger', 'outrigger'] as const)
      expect(
        points
          .filter((point) => point.kind === kind)
          .map(sideOf)
          .slice(0, 2),
      ).toEqual(['port', 'starboard']);
    const [port, starboard] = points;
    expect([port!.xM, port!.pointsRad, port!.yM]).toEqual([-starboard!.xM, -starboard!.pointsRad, starboard!.yM]);
  });

  it('tells the middle line by where it looks', () => {
    expect(sideOf({ xM: 0, pointsRad: 0 })).toBe('middle');
    expect(sideOf({ xM: 0, pointsRad: -0.3 })).toBe('port');
    expect(sideOf({ xM: 0.02, pointsRad: -0.3 })).toBe('middle');
  });
});

describe('a spread', () => {
  it('of a boat without lines can be kept, and so can those of the demo', () => {
    for (const craftId of [null, wren.id]) expect(problemsOf(usualSpread(craftId))).toEqual([]);
    for (const spread of demoSpreads) expect(problemsOf(spread)).toEqual([]);
  });

  it('takes every towed setup, line by line, until the boat is full, and can be kept at each step', () => {
    const boat = { ...wren, towPoints: undefined, holders: 8, downriggers: 4, booms: 2 };
    const points = usualTowPoints(boat);
    const towed = demoFiles.filter(({ newest, file }) => newest && file.presentation.kind === 'towed');
    let spread: SpreadDocument = usualSpread(boat.id);
    for (let i = 0; i < MOST_LINES; i += 1) {
      const { id, file } = towed[i % towed.length]!;
      const line = placedSetup(spread, { id: setupIdSchema.parse(id), file }, points)!;
      spread = { ...spread, lines: [...spread.lines, line] };
      expect(problemsOf(spread), id).toEqual([]);
    }
    expect(new Set(spread.lines.map(({ pointId }) => pointId)).size).toBe(MOST_LINES);
    const { id, file } = towed[0]!;
    expect(placedSetup(spread, { id: setupIdSchema.parse(id), file }, points)).toBeNull();
  });

  it('takes no setup that is cast, and none where the boat has no place', () => {
    const cast = demoFiles.find(({ file }) => file.presentation.kind === 'cast')!;
    const towed = demoFiles.find(({ file }) => file.presentation.kind === 'towed')!;
    const put = ({ id, file }: typeof cast, points: Parameters<typeof placedSetup>[2]) =>
      placedSetup(usualSpread(wren.id), { id: setupIdSchema.parse(id), file }, points);
    expect(put(cast, usualTowPoints(wren))).toBeNull();
    expect(put(towed, [])).toBeNull();
  });

  it('stays one that can be kept wherever its lines change over', () => {
    const points = usualTowPoints({ ...wren, towPoints: undefined, holders: 6, downriggers: 4, booms: 2 });
    for (const spread of demoSpreads)
      for (const line of spread.lines)
        for (const point of points) {
          const lines = movedTo(spread.lines, line.id, point.id, points);
          expect(problemsOf({ ...spread, lines }), `${line.id} to ${point.id}`).toEqual([]);
          expect(lines.find(({ id }) => id === line.id)!.pointId).toBe(point.id);
          const there = lines.filter(({ pointId }) => pointId === point.id);
          expect(there).toHaveLength(1);
          if (point.kind === 'downrigger') expect(there[0]).toMatchObject({ cableM: expect.any(Number) });
          else expect(there[0]!.cableM).toBeUndefined();
        }
  });

  it('moves nothing for a line that is gone', () => {
    const [spread] = demoSpreads;
    expect(movedTo(spread!.lines, 'no-line', 'holder-1', [])).toBe(spread!.lines);
  });
});

describe('shapes', () => {
  it.each(PATTERNS)('%s keeps its places within the shape for any number of lines, stretched too', (name) => {
    for (let count = 1; count <= MOST_LINES; count += 1) {
      const places = placesOf(name, count);
      expect(places).toHaveLength(count);
      for (const { back, deep } of [...places, ...stretched(places, count + 3), ...stretched(places, 1)]) {
        for (const share of [back, deep]) {
          expect(share).toBeGreaterThanOrEqual(0);
          expect(share).toBeLessThanOrEqual(1);
        }
      }
      expect(stretched(places, count)).toEqual(places);
    }
  });

  it('of no lines is level', () => expect(stretched([], 3)).toEqual(placesOf('level', 3)));

  it('of lines that are all out alike is the middle, else from the nearest to the farthest', () => {
    const [line] = demoSpreads[0]!.lines;
    const of = (...metres: number[]) =>
      placesOfSpread(metres.map((lineM) => ({ ...line!, lineM, cableM: undefined }) as SpreadLineDocument)).map(
        ({ back }) => back,
      );
    expect(of(20, 20, 20)).toEqual([0.5, 0.5, 0.5]);
    expect(of(10, 20, 30)).toEqual([0, 0.5, 1]);
  });
});

describe('where a line is wanted', () => {
  const towed = demoFiles.find(({ file }) => file.presentation.kind === 'towed')!.file.presentation;
  const cast = demoFiles.find(({ file }) => file.presentation.kind === 'cast')!.file.presentation;
  it.each([
    ['as said from the surface', { of: 'surface', fromM: 3, toM: 5 }, undefined, { fromM: 3, toM: 5 }],
    ['about the break', { of: 'break', fromM: -2, toM: 1 }, 10, { fromM: 8, toM: 11 }],
    ['no higher than the surface', { of: 'break', fromM: -20, toM: 1 }, 10, { fromM: 0, toM: 11 }],
    ['nowhere yet, where the break is not known', { of: 'break', fromM: -2, toM: 1 }, undefined, null],
  ] as const)('%s', (_, wants, breakM, expected) => expect(wantedBand({ wants }, { breakM }, towed)).toEqual(expected));
  it('as its setup has it, if that is towed', () => {
    expect(wantedBand({ wants: null }, {}, towed)).toEqual((towed as { wanted: { depth: unknown } }).wanted.depth);
    expect(wantedBand({ wants: null }, {}, cast)).toBeNull();
    expect(wantedBand({ wants: null }, {}, undefined)).toBeNull();
  });
});

describe('a strike', () => {
  const pair = (a: string, b: string, straightM: number | null, crosses = false) => ({ a, b, straightM, crosses });
  it('counts a line with its cable and its board as one, by its nearest piece', () => {
    const apart = linesApart([
      pair('a', 'a cable', 0),
      pair('a', 'b', 5),
      pair('a cable', 'b', 2),
      pair('a', 'b board', null, true),
    ] as unknown as Parameters<typeof linesApart>[0]);
    expect(apart).toEqual([{ a: 'a', b: 'b', straightM: 2, crosses: true }]);
  });

  it('clears what crosses before what is near, and never the probe', () => {
    const apart = [
      pair('a', 'b', 1),
      pair('c', 'a', 4, true),
      pair('a', 'probe', 0.5),
      pair('b', 'c', 0.1),
      pair('a', 'd', null),
    ];
    expect(inTheWay(apart, 'a')).toEqual(['c', 'b', 'd']);
  });

  const line = (id: string, change: Partial<SpreadLineDocument> = {}): SpreadLineDocument => ({
    ...demoSpreads[0]!.lines[0]!,
    id,
    board: undefined,
    cableM: undefined,
    ...change,
  });

  it('lets out the probe, boards from the outside, balls, flat lines; the user’s own order stands before', () => {
    const lines = [
      line('flat-short', { lineM: 10 }),
      line('flat-long', { lineM: 40 }),
      line('inside', { board: { lineM: 20, outM: 10 } }),
      line('outside', { board: { lineM: 40, outM: 25 } }),
      line('ball', { cableM: 12 }),
    ];
    const probe = { pointId: 'downrigger-1', cableM: 10, ballKg: 4 };
    expect(orderOut({ lines, order: null, probe }, [])).toEqual([
      'probe',
      'outside',
      'inside',
      'ball',
      'flat-long',
      'flat-short',
    ]);
    expect(orderOut({ lines, order: ['ball', 'gone'], probe: null }, [])).toEqual([
      'ball',
      'outside',
      'inside',
      'flat-long',
      'flat-short',
    ]);
  });

  it('slides the boards of one side out by a place and leaves the other side', () => {
    const lines = [
      line('p-far', { pointId: 'p1', board: { lineM: 40, outM: 30 } }),
      line('p-mid', { pointId: 'p2', board: { lineM: 30, outM: 20 } }),
      line('p-near', { pointId: 'p3', board: { lineM: 20, outM: 10 } }),
      line('s-far', { pointId: 's1', board: { lineM: 40, outM: 30 } }),
    ];
    const side = (pointId: string) => (pointId.startsWith('p') ? -1 : 1);
    const outs = (struck: string) =>
      Object.fromEntries(slidOut(lines, struck, side).map(({ id, board }) => [id, board!.outM]));
    expect(outs('p-far')).toEqual({ 'p-mid': 30, 'p-near': 20, 'p-far': 10, 's-far': 30 });
    expect(outs('p-mid')).toEqual({ 'p-far': 30, 'p-near': 20, 'p-mid': 10, 's-far': 30 });
    expect(slidOut(lines, 'p-near', side)).toBe(lines);
    expect(slidOut(lines, 's-far', side)).toBe(lines);
    expect(slidOut(lines, 'no-line', side)).toBe(lines);
  });
});

it('lets line out by the half metre, and never less', () => {
  expect([0, 0.2, 0.74, 0.76, 12.24, 12.26].map(toHalfMetre)).toEqual([0.5, 0.5, 0.5, 1, 12, 12.5]);
});

it('is refused where two lines have one id', () => {
  const [one] = demoSpreads[0]!.lines;
  const spread = { ...usualSpread(null), lines: [one, { ...one!, rodId: partIdSchema.parse('rod-heron') }] };
  expect(problemsOf(spread).join()).toMatch(/lines\.1\.id/);
});
