import { describe, expect, it } from 'vitest';
import { demoParts } from '@/db/demo';
import { guidesOf } from './kinds';
import { GUIDES, type Guide } from './names';
import { PART_KINDS, partSchema, type Part, type PartKind } from '../parts';
import { completePart } from '../parts/class-part';
import { valueAt } from '@/core/decide';
import { withValueAt } from '../parts/with-value-at';
import { GUIDE_DEFINITIONS } from './definitions';
import { judgeRows, measured, type Ask, type Asked, type ReadingRow } from './guide';

const part = (kind: PartKind, given: object = {}): Part => {
  const result = completePart({ id: `a-${kind}`, kind, ...given });
  if (!result.ok) throw new Error(JSON.stringify(result.problems));
  return result.data;
};
const demo = (id: string) => demoParts.find((each) => each.id === id)!;

/** Answers as the guide starts with them, but for those given. */
function answers(asks: readonly Ask[], given: Readonly<Record<string, number | string | null>> = {}): Asked {
  const start = (name: string) => asks.find((ask) => ask.name === name)?.start ?? null;
  const of = (name: string) => (name in given ? given[name]! : start(name));
  return {
    figure: (name) => (typeof of(name) === 'number' ? Number(of(name)) : null),
    word: (name) => String(of(name)),
  };
}
const judge = (
  guide: Guide,
  of: Part,
  rows: readonly ReadingRow[],
  given?: Readonly<Record<string, number | string | null>>,
) => judgeRows(GUIDE_DEFINITIONS[guide], of, rows, answers(GUIDE_DEFINITIONS[guide].asks(of), given));

/** Readings that each guide can use, and a part to use them on. */
const USABLE: Readonly<
  Record<
    Guide,
    {
      readonly part: Part;
      readonly rows: readonly ReadingRow[];
      readonly given?: Readonly<Record<string, number | string | null>>;
    }
  >
> = {
  weigh: { part: part('hook'), rows: [{ pileKg: 0.014 }, { pileKg: 0.0142 }], given: { count: 20 } },
  'hang-test': {
    part: demo('rod-tern'),
    rows: [
      { massKg: 0.2, dropM: 0.31 },
      { massKg: 0.4, dropM: 0.53 },
    ],
    given: { tipAngleRad: 0.9 },
  },
  'sink-test': {
    part: demo('bait-paddle-tail-125'),
    rows: [
      { depthM: 1.2, timeS: 3.1 },
      { depthM: 1.2, timeS: 3.3 },
      { depthM: 1.2, timeS: 3 },
    ],
  },
  'float-test': {
    part: part('hard-lure', { massKg: { value: 0.01, unit: 'kg', provenance: 'measured' } }),
    rows: [{ addedKg: 0.002 }],
  },
  calliper: { part: part('hook'), rows: [{ readingM: 0.00112 }, { readingM: 0.00113 }] },
  'pull-test': {
    part: demo('knot-doubled-eye'),
    rows: [{ pullN: 60 }, { pullN: 64 }],
    given: { material: 'nylon', onLineN: 80 },
  },
  'line-test': {
    part: demo('line-nylon-30'),
    rows: [
      { forceN: 10, stretchM: 0.6 },
      { forceN: 20, stretchM: 1.3 },
    ],
  },
  'clutch-test': {
    part: demo('reel-cast'),
    rows: [
      { mark: 2, pullN: 10 },
      { mark: 6, pullN: 31 },
      { mark: 4, pullN: 26, fill: 0.8 },
    ],
  },
  'spool-fill': { part: demo('reel-cast'), rows: [{ diameterM: 0.00028, topShotM: 80 }] },
  'window-test': { part: part('attractor'), rows: [{ startsMps: 0.6, failsMps: 1.6 }, { startsMps: 0.7 }] },
  'dive-test': {
    part: part('hard-lure'),
    rows: [
      { bottomM: 2.4, lineM: 25, speedMps: 1.2 },
      { bottomM: 3, lineM: 40, speedMps: 1.2 },
    ],
  },
  'accuracy-test': {
    part: demo('rod-tern'),
    rows: [{ missesM: 0.4 }, { missesM: 1.1 }, { missesM: 0.7 }],
    given: { distanceM: 15 },
  },
  'set-test': { part: demo('rod-heron'), rows: [{ peakN: 20 }, { peakN: 22 }] },
};

describe('every guide', () => {
  it.each(GUIDES)('%s makes something of readings that can be, and the part takes it', (guide) => {
    const { part: of, rows, given } = USABLE[guide];
    const { found, refused, problem } = judge(guide, of, rows, given);
    expect(refused.size).toBe(0);
    expect(problem).toBeNull();
    expect(found!.results.length).toBeGreaterThan(0);
    for (const { value, spread } of found!.results) {
      expect(Number.isFinite(value)).toBe(true);
      if (spread !== undefined) expect(spread).toBeGreaterThan(0);
    }
    const next = Object.entries(found!.after).reduce<object>(
      (held, [path, value]) => withValueAt(held, path, value),
      of,
    );
    expect(partSchema.safeParse(next).success).toBe(true);
  });

  it.each(GUIDES)('%s has nothing to say of no readings', (guide) => {
    expect(judge(guide, USABLE[guide].part, [])).toEqual({ found: null, refused: new Map(), problem: null });
  });

  it('has a place in the order of some kind, and no kind names one twice', () => {
    expect(GUIDES.filter((guide) => !PART_KINDS.some((kind) => guidesOf(kind).includes(guide)))).toEqual([]);
    for (const kind of PART_KINDS) expect(new Set(guidesOf(kind)).size).toBe(guidesOf(kind).length);
  });
});

describe('readings that cannot be', () => {
  it.each<[Guide, readonly ReadingRow[], number, string]>([
    [
      'hang-test',
      [
        { massKg: 0.2, dropM: 0.31 },
        { massKg: 0.4, dropM: 5 },
      ],
      1,
      'dropM',
    ],
    [
      'hang-test',
      [
        { massKg: 0.2, dropM: 0.31 },
        { massKg: 0.4, dropM: 0.2 },
      ],
      1,
      'dropM',
    ],
    [
      'sink-test',
      [
        { depthM: 1.2, timeS: 0.05 },
        { depthM: 1.2, timeS: 3 },
      ],
      0,
      'timeS',
    ],
    ['weigh', [{ pileKg: 0.01 }, { pileKg: -1 }], 1, 'pileKg'],
    [
      'line-test',
      [
        { forceN: 10, stretchM: 0.6 },
        { forceN: 20, stretchM: 9 },
      ],
      1,
      'stretchM',
    ],
    ['window-test', [{ startsMps: 0.6 }, { startsMps: 90 }], 1, 'startsMps'],
  ])('%s puts row %# aside with the range that could be, and goes on with the others', (guide, rows, row, column) => {
    const { found, refused } = judge(guide, USABLE[guide].part, rows);
    expect([...refused.keys()]).toEqual([row]);
    expect(refused.get(row)).toMatchObject({ column });
    expect(refused.get(row)!.min).toBeLessThan(refused.get(row)!.max);
    expect(found!.results.length).toBeGreaterThan(0);
  });

  it('names an asked figure that cannot be, instead of a row', () => {
    expect(judge('weigh', part('hook'), [{ pileKg: 0.01 }], { count: 0 }).problem).toMatchObject({
      field: 'count',
      min: 1,
    });
  });
});

describe('what would make it surer', () => {
  const hints = (
    guide: Guide,
    of: Part,
    rows: readonly ReadingRow[],
    given?: Readonly<Record<string, number | string | null>>,
  ) => judge(guide, of, rows, given).found!.hints;
  it('asks for the tip’s angle first, then for another mass', () => {
    expect(hints('hang-test', demo('rod-tern'), [{ massKg: 0.2, dropM: 0.31 }])).toEqual(['add-tip-angle']);
    expect(hints('hang-test', demo('rod-tern'), [{ massKg: 0.2, dropM: 0.31 }], { tipAngleRad: 0.5 })).toEqual([
      'add-mass',
    ]);
  });
  it('asks for repeats, for a larger pile, for another mark', () => {
    expect(hints('calliper', part('hook'), [{ readingM: 0.001 }])).toEqual(['repeat']);
    expect(hints('weigh', part('hook'), [{ pileKg: 0.0002 }], { count: 1 })).toEqual(['more-pieces']);
    expect(hints('clutch-test', demo('reel-cast'), [{ mark: 3, pullN: 20 }])).toEqual(['another-mark']);
  });
  it('says what must be known first', () => {
    expect(hints('sink-test', part('hard-lure'), [{ depthM: 1, timeS: 3 }])).toEqual(['float-test-first']);
    expect(hints('pull-test', demo('knot-doubled-eye'), [{ pullN: 60 }])).toEqual(['line-strength']);
    expect(hints('spool-fill', demo('reel-cast'), [{ diameterM: 0.001, topShotM: 4000 }])).toEqual(['too-long']);
  });
  it('knows a body that floats', () => {
    const cork = part('soft-bait', {
      volumeM3: { value: 2e-5, unit: 'm³', provenance: 'measured' },
      massKg: { value: 0.01, unit: 'kg', provenance: 'measured' },
    });
    expect(hints('sink-test', cork, [{ depthM: 1, timeS: 3 }])).toEqual(['it-floats']);
  });
});

it('one load alone leaves the taper a class value; with the angle both are measured', () => {
  const after = (given?: Readonly<Record<string, number>>) =>
    judge('hang-test', demo('rod-tern'), [{ massKg: 0.2, dropM: 0.31 }], given).found!.after;
  expect(valueAt(after(), 'stiffness.tipRatio.provenance')).toBe('class');
  expect(valueAt(after({ tipAngleRad: 0.5 }), 'stiffness.tipRatio.provenance')).toBe('measured');
});

it('a set test tells of the angler, not of the rod', () => {
  const { after, angler } = judge('set-test', demo('rod-heron'), [{ peakN: 20 }, { peakN: 22 }, { peakN: 21 }]).found!;
  expect(after).toEqual({});
  expect(angler?.peakMomentNm?.value).toBeGreaterThan(10);
  expect(angler?.setSlackM?.value).toBeGreaterThanOrEqual(0);
});

it('a measured quantity never claims more than a kitchen table can', () => {
  expect(measured(1, 'kg', 0)).toEqual({ value: 1, unit: 'kg', provenance: 'measured', spread: 0.003 });
  expect(measured(1, 'kg', 9).spread).toBe(2);
});
