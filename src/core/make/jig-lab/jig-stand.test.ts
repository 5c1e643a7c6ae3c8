import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { jigStand, type JigStandInput, type XY } from '.';
import { readJig } from './jig-stand';

const square: readonly XY[] = [
  [-0.01, -0.01],
  [0.01, -0.01],
  [0.01, 0.01],
  [-0.01, 0.01],
];
const at = (xM: number, yM: number, submergedN = 0.1) => ({ xM, yM, submergedN });
const jig = (change: Partial<JigStandInput> = {}): JigStandInput => ({
  profile: square,
  masses: [at(0, 0)],
  pointM: [0.03, 0.01],
  eyeM: [-0.012, 0],
  ...change,
});
const degrees = (rad: number) => (rad * 180) / Math.PI;

/** Rolls it down by small steps of the support function, as a slow oracle: the down direction it ends at; null, no edge. */
function rolled({ hull, centre }: ReturnType<typeof readJig>, startRad: number): number {
  const height = (rad: number) =>
    Math.max(...hull.map(([x, y]) => (x - centre[0]) * Math.cos(rad) + (y - centre[1]) * Math.sin(rad)));
  let rad = startRad;
  for (let step = 1e-3; step > 1e-7;) {
    const [left, here, right] = [height(rad - step), height(rad), height(rad + step)];
    if (left < here && left <= right) rad -= step;
    else if (right < here) rad += step;
    else step /= 2;
  }
  return rad;
}

describe('jig-stand by hand', () => {
  it('a square stands on each side alike', () => {
    const { outcome, poses, pointUpShare } = jigStand(jig());
    expect(outcome).toBe('ok');
    expect(poses.map(({ downRad }) => degrees(downRad)).sort((a, b) => a - b)).toEqual([
      -90,
      0,
      90,
      expect.closeTo(180, 9),
    ]);
    for (const { share, tipMomentsNm, fallsTo } of poses) {
      expect(share).toBeCloseTo(0.25, 12);
      expect(tipMomentsNm[0]).toBeCloseTo(0.001, 12);
      expect(fallsTo).toBe('neither');
    }
    // The point is aft and up: higher than the centre on the belly and on the nose.
    expect(pointUpShare).toBeCloseTo(0.5, 12);
  });

  it('a centre low in it takes more arrivals to the belly: twice the angle to its corner', () => {
    const { poses } = jigStand(jig({ masses: [at(0, -0.005)] }));
    const belly = poses.find(({ downRad }) => Math.abs(downRad + Math.PI / 2) < 1e-9)!;
    expect(belly.share).toBeCloseTo((2 * Math.atan2(0.01, 0.005)) / (2 * Math.PI), 12);
  });

  it('falls to the side of the smaller moment, which is the line’s when the eye is there', () => {
    const belly = (x: number) =>
      jigStand(jig({ masses: [at(x, 0)] })).poses.find(({ downRad }) => Math.abs(downRad + Math.PI / 2) < 1e-9)!;
    expect(belly(-0.004).fallsTo).toBe('line');
    expect(belly(0.004).fallsTo).toBe('away');
    expect(belly(0.0002).fallsTo).toBe('neither');
    expect(belly(0.004).tipMomentsNm).toEqual([expect.closeTo(0.1 * 0.014, 12), expect.closeTo(0.1 * 0.006, 12)]);
  });

  it('a cut takes a corner off and gives a new edge to stand on', () => {
    const { poses } = jigStand(jig({ cuts: [{ atM: [-0.006, -0.006], normalRad: -0.75 * Math.PI }] }));
    expect(poses).toHaveLength(5);
    expect(poses.some(({ downRad }) => Math.abs(downRad + 0.75 * Math.PI) < 1e-9)).toBe(true);
  });

  it('floats with its bait, and then rests nowhere', () =>
    expect(jigStand(jig({ masses: [at(0, 0, 0.1), at(0.02, 0, -0.12)] }))).toEqual({
      outcome: 'floats',
      poses: [],
      pointUpShare: 0,
    }));

  it.each([
    [{ profile: square.slice(0, 2) }, 'profile'],
    [{ masses: [] }, 'masses'],
    [{ pointM: [2, 0] as XY }, 'pointM[0]'],
    [{ cuts: [{ atM: [-0.05, 0] as XY, normalRad: 0 }] }, 'cuts[0]'],
  ])('refuses by name', (change, field) =>
    expect(() => jigStand(jig(change))).toThrow(expect.objectContaining({ field })),
  );
});

describe('jig-stand against rolling it step by step', () => {
  const corner = fc.tuple(
    fc.double({ min: -0.01, max: 0.01, noNaN: true }),
    fc.double({ min: -0.01, max: 0.01, noNaN: true }),
  );
  it('the shares are where arrivals end', () =>
    fc.assert(
      fc.property(
        fc.array(corner, { minLength: 4, maxLength: 9 }),
        fc.double({ min: 0.1, max: 0.9, noNaN: true }),
        (points, mix) => {
          const cornersOf = points.map(([x, y]): XY => [x + 0.02 * Math.sign(x || 1), y]);
          const profile: readonly XY[] = [...cornersOf, [-0.02, -0.02], [0.02, -0.02], [0, 0.03]];
          const input = jig({ profile, masses: [at(0.01 * mix, 0, 0.06), at(-0.005, -0.004 * mix, 0.05)] });
          const { poses } = jigStand(input);
          const read = readJig(input);
          const arrivals = Array.from({ length: 180 }, (_, i) => ((i + 0.37) * 2 * Math.PI) / 180 - Math.PI);
          const ends = arrivals.map((rad) => rolled(read, rad));
          for (const { downRad, share } of poses) {
            const here = ends.filter((end) => Math.cos(end - downRad) > Math.cos(0.01)).length;
            expect(Math.abs(here / 180 - share)).toBeLessThan(0.02);
          }
          expect(poses.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
        },
      ),
      { numRuns: 25 },
    ));
});
