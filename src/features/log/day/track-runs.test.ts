import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { trackRuns } from './track-runs';

const point = (tS: number, level: number | null) => ({ tS, at: [tS, 2 * tS] as const, level });

describe('the track in its colours', () => {
  it('is one piece while its colour stays, and another from the point where it changes', () => {
    expect(trackRuns([point(0, 1), point(1, 1), point(2, 1), point(3, 2), point(4, 2)])).toEqual([
      { level: 1, path: 'M0.0,0.0L1.0,2.0L2.0,4.0' },
      { level: 2, path: 'M2.0,4.0L3.0,6.0L4.0,8.0' },
    ]);
  });
  it('is broken where nothing was read for three minutes', () => {
    expect(trackRuns([point(0, 1), point(10, 1), point(400, 1), point(410, 1)]).map(({ path }) => path)).toEqual([
      'M0.0,0.0L10.0,20.0',
      'M400.0,800.0L410.0,820.0',
    ]);
  });
  it('is nothing of one point', () => {
    expect(trackRuns([point(0, 1)])).toEqual([]);
    expect(trackRuns([])).toEqual([]);
  });
  it('goes through every point once, whatever its colours are', () =>
    fc.assert(
      fc.property(fc.array(fc.option(fc.integer({ min: 0, max: 4 })), { minLength: 2, maxLength: 60 }), (levels) => {
        const points = levels.map((level, i) => point(i, level));
        const runs = trackRuns(points);
        const steps = runs.reduce((sum, { path }) => sum + path.split('L').length - 1, 0);
        expect(steps).toBe(points.length - 1);
        expect(runs.every(({ level }, i) => i === 0 || level !== runs[i - 1]!.level)).toBe(true);
      }),
    ));
});
