import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { finish } from '../../decide';
import { clearanceM, spread, type SpreadLine } from '../spread';
import { arrange, type ArrangeInput } from './arrange';
import { bestChoice } from './assign';

const flat = (name: string, x: number, outM: number, depthM: number, depthSdM = 0): SpreadLine => ({
  name,
  tipM: [x, 0, -1],
  profileM: [
    [0, -1],
    [3, 0],
    [outM, depthM],
  ],
  depthSdM,
});

/** A line that may go from each of the places, with each of the lengths. */
const anywhere = (name: string, xs: readonly number[], lengths: readonly number[], depthM = 4) => ({
  name,
  options: xs.flatMap((x) => lengths.map((outM) => ({ position: `at ${x}`, chain: [flat(name, x, outM, depthM)] }))),
});
const found = (input: ArrangeInput) => finish(arrange(input));

describe('the best choice', () => {
  const distance = fc.oneof(fc.integer({ min: 0, max: 9 }), fc.constant(-Infinity));
  it('is that of trying all of them', () =>
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 3 }), { minLength: 1, maxLength: 4 }),
        fc.infiniteStream(distance),
        (counts, stream) => {
          const made = new Map<string, number>();
          const of = (key: string): number => {
            if (!made.has(key)) made.set(key, stream.next().value as number);
            return made.get(key)!;
          };
          const apart = (i: number, a: number, j: number, b: number) => of(`${i} ${a} ${j} ${b}`);
          const alone = (i: number, a: number) => of(`${i} ${a}`);
          const leastOf = (choice: readonly number[]): number =>
            Math.min(
              ...choice.map((a, i) => alone(i, a)),
              ...choice.flatMap((a, i) => choice.slice(i + 1).map((b, k) => apart(i, a, i + 1 + k, b))),
            );
          const all = counts.reduce<number[][]>(
            (so, count) => so.flatMap((each) => Array.from({ length: count }, (_, k) => [...each, k])),
            [[]],
          );
          const best = Math.max(...all.map(leastOf));
          const chosen = bestChoice({ counts, apart, alone });
          expect(chosen?.leastM ?? -Infinity).toBe(best);
          if (chosen) expect(leastOf(chosen.choice)).toBe(best);
        },
      ),
    ));
});

describe('lines are arranged', () => {
  it('as far apart as their places allow, and the figure is that of the spread', () => {
    const places = [-2, -0.7, 0.9, 2.2];
    const input: ArrangeInput = {
      lines: ['a', 'b', 'c'].map((name) => anywhere(name, places, [20, 26])),
      clearM: 1,
      speedMps: 1.2,
    };
    const { outcome, choice, leastM, because } = found(input);
    expect(outcome).toBe('ok');
    expect(new Set(choice!.map(({ position }) => position)).size).toBe(3);
    const chosen = choice!.map(({ option }, i) => input.lines[i]!.options[option]!.chain[0]!);
    const { closest } = spread({ lines: chosen, clearM: 1, speedMps: 1.2 });
    expect(leastM).toBeCloseTo(closest!.distanceM, 9);
    expect([...because!.pair].sort()).toEqual([closest!.a, closest!.b].sort());
    expect(because).toMatchObject({ in: 'straight', radiusM: null });
  });
  it('mends two that touch in a turn', () => {
    // A short line inside of a long one at the same depth: in a turn the long one swings in behind the short one.
    const both = (a: SpreadLine, b: SpreadLine) =>
      Math.min(
        ...(['port', 'starboard'] as const).map(
          (side) => spread({ lines: [a, b], turn: { radiusM: 40, side } }).closest!.distanceM,
        ),
      );
    expect(both(flat('short', 2.5, 12, 3), flat('long', -1, 30, 3))).toBeLessThan(1);
    const ways = (name: string, outM: number) => ({
      name,
      options: [-2.5, -1, 1, 2.5].flatMap((x) =>
        [3, 5].map((depthM) => ({ position: `at ${x}`, chain: [flat(name, x, outM, depthM)] })),
      ),
    });
    const lines = [ways('short', 12), ways('long', 30)];
    const { outcome, choice } = found({ lines, clearM: 1, radiusM: 40 });
    expect(outcome).toBe('ok');
    const [short, long] = choice!.map(({ option }, i) => lines[i]!.options[option]!.chain[0]!);
    expect(both(short!, long!)).toBeGreaterThanOrEqual(1);
  });
  it('pinned lines keep their way, and what hangs in the way is kept clear of', () => {
    const lines = [{ ...anywhere('a', [-2, 2], [20]), pinned: 1 }, anywhere('b', [-2, 2], [20])];
    expect(found({ lines }).choice).toMatchObject([
      { name: 'a', position: 'at 2' },
      { name: 'b', position: 'at -2' },
    ]);
    const probe = flat('probe', -2, 20, 4);
    const free = [anywhere('a', [-2, 0, 2], [20])];
    expect(found({ lines: free, fixed: [probe] }).choice![0]!.position).toBe('at 2');
  });
  it('says what cannot be: more lines than places, lines too near, lines that go slack', () => {
    const two = ['a', 'b'].map((name) => anywhere(name, [0], [20]));
    expect(found({ lines: two })).toEqual({ outcome: 'no-place', choice: null, leastM: null, because: null });
    expect(found({ lines: ['a', 'b'].map((name) => anywhere(name, [0, 1], [20])), clearM: 1.5 }).outcome).toBe(
      'too-close',
    );
    expect(found({ lines: [anywhere('a', [0], [60])], radiusM: 40 }).outcome).toBe('no-place');
  });
  it('leaves room for depths that are not sure', () => {
    const lines = [
      { name: 'a', options: [{ position: 'p', chain: [flat('a', -1, 20, 4, 0.5)] }] },
      { name: 'b', options: [{ position: 's', chain: [flat('b', 1, 20, 4, 0.5)] }] },
    ];
    const room = clearanceM(0, lines[0]!.options[0]!.chain[0]!, lines[1]!.options[0]!.chain[0]!);
    expect(found({ lines }).leastM).toBeCloseTo(2 - room, 9);
  });
  it.each<[string, ArrangeInput, string]>([
    ['a name twice', { lines: [anywhere('a', [0], [20]), anywhere('a', [1], [20])] }, 'lines[1].name'],
    ['a way that is not there', { lines: [{ ...anywhere('a', [0], [20]), pinned: 1 }] }, 'lines[0].pinned'],
    ['a turn of no radius', { lines: [anywhere('a', [0], [20])], radiusM: 0 }, 'radiusM'],
    [
      'a chain without a tip',
      {
        lines: [
          {
            name: 'a',
            options: [
              {
                position: 'p',
                chain: [
                  {
                    name: 'x',
                    after: 'y',
                    profileM: [
                      [0, 0],
                      [1, 1],
                    ],
                  },
                ],
              },
            ],
          },
        ],
      },
      'lines[0].options[0].chain[0].tipM',
    ],
  ])('refuses %s', (_, input, field) => expect(() => found(input)).toThrow(field));
});
