import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { exposure, type BandSeries, type ExposureInput, type FishingLine } from './exposure';

const line = (fromS: number, toS: number, keys: Record<string, string> = { lure: 'a' }): FishingLine => ({
  fromS,
  toS,
  keys,
});
const depth = (more: Partial<BandSeries> = {}): BandSeries => ({
  name: 'depth',
  tS: [0, 60],
  values: [4, 12],
  edges: [5, 10],
  ...more,
});

/** Seconds by band of a line, second by second. */
function slowly({ lines, series = [] }: ExposureInput): Map<string, number> {
  const names = [...new Set(series.map(({ name }) => name))];
  const sums = new Map<string, number>();
  lines.forEach(({ fromS, toS, keys }, i) => {
    for (let t = fromS; t < toS; t += 1) {
      const bands = names.map((name) => {
        const own =
          series.find((each) => each.name === name && each.line === i) ??
          series.find((each) => each.name === name && each.line === undefined);
        if (!own) return null;
        const at = own.tS.findLastIndex((each) => each <= t);
        const value = own.values[at] ?? null;
        if (at < 0 || value === null || t - own.tS[at]! >= (own.holdS ?? 120)) return null;
        return own.edges.filter((edge) => value >= edge).length;
      });
      const key = JSON.stringify([keys, bands]);
      sums.set(key, (sums.get(key) ?? 0) + 1);
    }
  });
  return sums;
}

describe('hours in the water', () => {
  it('go to the band that holds; an edge belongs to the band above', () => {
    const { cells } = exposure({ lines: [line(0, 120)], series: [depth({ values: [5, 12] })] });
    expect(cells.map(({ bands, hours }) => [bands['depth'], hours * 3600])).toEqual([
      [1, 60],
      [2, 60],
    ]);
  });
  it('are unknown before the first reading, at none, and once the last is too old', () => {
    const { cells } = exposure({
      lines: [line(-30, 400)],
      series: [depth({ tS: [0, 50, 100], values: [3, null, 3], holdS: 90 })],
    });
    expect(cells.map(({ bands, hours }) => [bands['depth'], Math.round(hours * 3600)])).toEqual([
      [null, 30 + 50 + 210],
      [0, 50 + 90],
    ]);
  });
  it('of one line follow its own series, also where it knows nothing', () => {
    const { cells } = exposure({
      lines: [line(0, 60, { rod: '1' }), line(0, 60, { rod: '2' })],
      series: [depth({ tS: [0], values: [3] }), depth({ line: 1, tS: [30], values: [20] })],
    });
    expect(cells.map(({ keys, bands, hours }) => [keys['rod'], bands['depth'], Math.round(hours * 3600)])).toEqual([
      ['1', 0, 60],
      ['2', null, 30],
      ['2', 2, 30],
    ]);
  });
  it('of lines with equal keys are pooled, whatever the order of their keys', () => {
    const { cells } = exposure({ lines: [line(0, 3600, { a: '1', b: '2' }), line(7200, 9000, { b: '2', a: '1' })] });
    expect(cells).toEqual([{ keys: { a: '1', b: '2' }, bands: {}, hours: 1.5, events: {} }]);
  });
  it('stand in the order in which they first appear', () => {
    const { cells } = exposure({
      lines: [line(50, 60, { l: 'late' }), line(0, 10, { l: 'early' }), line(50, 60, { l: 'tie' })],
    });
    expect(cells.map(({ keys }) => keys['l'])).toEqual(['early', 'late', 'tie']);
  });
  it('are those of counting second by second', () =>
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(fc.integer({ min: 0, max: 300 }), fc.integer({ min: 0, max: 200 }), fc.constantFrom('a', 'b')),
          { minLength: 1, maxLength: 4 },
        ),
        fc.array(
          fc.tuple(
            fc.constantFrom('depth', 'speed'),
            fc.option(fc.integer({ min: 0, max: 3 }), { nil: undefined }),
            fc.uniqueArray(fc.tuple(fc.integer({ min: 0, max: 500 }), fc.option(fc.integer({ min: 0, max: 9 }))), {
              selector: ([t]) => t,
              minLength: 1,
              maxLength: 8,
            }),
            fc.integer({ min: 1, max: 150 }),
          ),
          { maxLength: 4 },
        ),
        (given, made) => {
          const lines = given.map(([fromS, forS, lure]) => line(fromS, fromS + forS, { lure }));
          const series = made
            .filter(([, at]) => at === undefined || at < lines.length)
            .filter(([name, at], i, all) => all.findIndex((each) => each[0] === name && each[1] === at) === i)
            .map(([name, at, readings, holdS]): BandSeries => {
              const sorted = [...readings].sort(([a], [b]) => a - b);
              return {
                name,
                ...(at === undefined ? {} : { line: at }),
                tS: sorted.map(([t]) => t),
                values: sorted.map(([, v]) => v),
                edges: [3, 6],
                holdS,
              };
            });
          const input = { lines, series };
          const names = [...new Set(series.map(({ name }) => name))];
          const found = new Map(
            exposure(input).cells.map(({ keys, bands, hours }) => [
              JSON.stringify([keys, names.map((name) => bands[name])]),
              Math.round(hours * 3600),
            ]),
          );
          expect(Object.fromEntries(found)).toEqual(Object.fromEntries(slowly(input)));
        },
      ),
      { numRuns: 60 },
    ));
});

describe('events', () => {
  it('fall into the cell of their line at their time, both ends of it included', () => {
    const { cells } = exposure({
      lines: [line(0, 60)],
      series: [depth()],
      events: [
        { tS: 0, line: 0 },
        { tS: 59, line: 0, kind: 'follow' },
        { tS: 60, line: 0 },
      ],
    });
    expect(cells).toEqual([
      { keys: { lure: 'a' }, bands: { depth: 0 }, hours: 60 / 3600, events: { strike: 1, follow: 1 } },
      { keys: { lure: 'a' }, bands: { depth: 2 }, hours: 0, events: { strike: 1 } },
    ]);
  });
  it('and nothing else make a cell of a line without hours', () => {
    expect(exposure({ lines: [line(5, 5)] }).cells).toEqual([]);
    expect(exposure({ lines: [line(5, 5)], events: [{ tS: 5, line: 0 }] }).cells).toHaveLength(1);
  });
});

it.each<[string, ExposureInput, string]>([
  ['a line that ends before it begins', { lines: [line(5, 4)] }, 'lines[0].toS'],
  ['times that do not rise', { lines: [], series: [depth({ tS: [0, 0] })] }, 'series[0].tS[1]'],
  ['too few values', { lines: [], series: [depth({ values: [1] })] }, 'series[0].values'],
  ['edges that fall', { lines: [], series: [depth({ edges: [5, 4] })] }, 'series[0].edges[1]'],
  ['a line that is not there', { lines: [], series: [depth({ line: 0 })] }, 'series[0].line'],
  ['a name twice', { lines: [], series: [depth(), depth()] }, 'series[1].name'],
  [
    'other edges of the same name',
    { lines: [line(0, 1)], series: [depth(), depth({ line: 0, edges: [5] })] },
    'series[1].edges',
  ],
  ['an event outside its line', { lines: [line(0, 5)], events: [{ tS: 6, line: 0 }] }, 'events[0].tS'],
  ['an event of no line', { lines: [line(0, 5)], events: [{ tS: 1, line: 1 }] }, 'events[0].line'],
])('refuses %s', (_, input, field) => expect(() => exposure(input)).toThrow(field));
