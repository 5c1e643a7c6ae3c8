import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fitCurrent, groundSpeedFor, speedThroughWater, type CurrentRun } from '.';

const TURN = 2 * Math.PI;

/** What the instruments would read of a boat in this water. */
function run(headingRad: number, probeMps: number, { scale = 1, offset = 0, current = 0, toward = 0 }): CurrentRun {
  const through = scale * probeMps + offset;
  const north = through * Math.cos(headingRad) + current * Math.cos(toward);
  const east = through * Math.sin(headingRad) + current * Math.sin(toward);
  return { sogMps: Math.hypot(north, east), cogRad: (Math.atan2(east, north) + TURN) % TURN, headingRad, probeMps };
}

describe('fitCurrent', () => {
  it('finds scale, offset and current from runs that turn and change their speed', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0.7, max: 1.3, noNaN: true }),
        fc.double({ min: -0.2, max: 0.2, noNaN: true }),
        fc.double({ min: 0.02, max: 1, noNaN: true }),
        fc.double({ min: 0, max: TURN - 0.01, noNaN: true }),
        (scale, offset, current, toward) => {
          const water = { scale, offset, current, toward };
          const fit = fitCurrent({
            runs: [run(0.2, 1, water), run(2.4, 1.6, water), run(4.1, 0.8, water), run(5.5, 1.3, water)],
          });
          expect(fit.outcome).toBe('fitted');
          expect(fit.scale).toBeCloseTo(scale, 6);
          expect(fit.offsetMps).toBeCloseTo(offset, 6);
          expect(fit.currentMps).toBeCloseTo(current, 6);
          expect(Math.cos(fit.currentTowardRad! - toward)).toBeCloseTo(1, 6);
          expect(fit.residualMps).toBeCloseTo(0, 6);
        },
      ),
    ));

  it('holds the offset at nothing while the readings are nearly the same, and says what is left over', () => {
    const water = { scale: 1, offset: 0.1, current: 0.3, toward: 1 };
    const there = fitCurrent({
      runs: [run(0, 1, water), run(Math.PI, 1.15, water), run(1.5, 1.05, water), run(4.5, 1.1, water)],
    });
    expect(there).toMatchObject({ outcome: 'fitted', offsetMps: 0 });
    expect(there.residualMps).toBeGreaterThan(1e-4);
    expect(
      fitCurrent({ runs: [run(0, 1, water), run(Math.PI, 1.3, water), run(1.5, 1, water)] }).offsetMps,
    ).toBeCloseTo(0.1, 6);
  });

  it.each([
    ['one run', [run(0.4, 1, { current: 0.3 })]],
    [
      'one heading, however often',
      [run(0.4, 1, { current: 0.3 }), run(0.4, 1.1, { current: 0.3 }), run(0.4, 1.05, { current: 0.3 })],
    ],
    ['headings that a compass hardly tells apart', [run(0.4, 1, { current: 0.3 }), run(0.44, 1, { current: 0.3 })]],
    ['a speed for each heading', [run(0, 1, { current: 0.3 }), run(Math.PI, 1.5, { current: 0.3 })]],
    ['readings of nothing', [run(0, 0, { current: 0.3 }), run(Math.PI, 0, { current: 0.3 })]],
  ])('is not determined by %s', (_name, runs) =>
    expect(fitCurrent({ runs })).toEqual({
      outcome: 'not-determined',
      scale: null,
      offsetMps: null,
      currentMps: null,
      currentTowardRad: null,
      residualMps: null,
    }),
  );
});

describe('speed at depth', () => {
  it('what is made over ground gives the lure what is wanted', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0.3, max: 2, noNaN: true }),
        fc.double({ min: 0, max: TURN, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0, max: TURN, noNaN: true }),
        (wantedMps, courseRad, currentMps, currentTowardRad) => {
          const sogMps = groundSpeedFor({ wantedMps, courseRad, currentMps, currentTowardRad });
          if (sogMps === null) return;
          expect(speedThroughWater({ sogMps, courseRad, currentMps, currentTowardRad })).toBeCloseTo(wantedMps, 9);
        },
      ),
    ));

  it('is the plain sum with the water, and nothing where the water sets across too fast or takes one along', () => {
    expect(groundSpeedFor({ wantedMps: 1, courseRad: 0, currentMps: 0.4, currentTowardRad: 0 })).toBeCloseTo(1.4, 12);
    expect(groundSpeedFor({ wantedMps: 1, courseRad: 0, currentMps: 0.4, currentTowardRad: Math.PI })).toBeCloseTo(
      0.6,
      12,
    );
    expect(groundSpeedFor({ wantedMps: 0.3, courseRad: 0, currentMps: 0.5, currentTowardRad: Math.PI / 2 })).toBeNull();
    expect(groundSpeedFor({ wantedMps: 0.3, courseRad: 0, currentMps: 0.5, currentTowardRad: Math.PI })).toBeNull();
  });
});
