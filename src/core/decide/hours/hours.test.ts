import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { lightAt } from './light';
import { moonAt } from './moon';
import { noonS, sunHeightRad, sunPasses, TWILIGHT_RAD } from './sun';
import { TIDE_PERIOD_S, tideAt } from './tide';

const deg = (value: number) => (value * Math.PI) / 180;
const NOON = 43_200;
const latitude = fc.double({ min: -1.5, max: 1.5, noNaN: true });
const dayOfYear = fc.integer({ min: 1, max: 365 });
const instant = fc.double({ min: 0, max: 86_400, noNaN: true });

describe('the sun', () => {
  // Declinations at noon UT of the almanac: solstices, equinox, and Meeus' example 25.a, 1992 October 13.
  it.each([
    [172, 23.44],
    [355, -23.43],
    [80, 0],
    [287, -7.78],
  ])('stands at noon of day %d as its declination of %d° says', (day, declination) =>
    expect(sunHeightRad({ latitudeRad: deg(50), dayOfYear: day, noonS: NOON }, NOON)).toBeCloseTo(
      deg(40 + declination),
      2,
    ),
  );
  // Equation of time of the almanac [min]: sundial ahead of the clock.
  it.each([
    [43, -14.2],
    [134, 3.7],
    [207, -6.5],
    [307, 16.4],
  ])('is highest on day %d with the equation of time of %d min', (day, ahead) =>
    expect(noonS(0, 0, day)).toBeCloseTo(NOON - ahead * 60, -2),
  );
  it('is highest four minutes later for each degree west, and by the clock in use', () => {
    expect(noonS(deg(-15), 0, 100) - noonS(0, 0, 100)).toBeCloseTo(3600, 6);
    expect(noonS(deg(15), 7200, 100)).toBeCloseTo(noonS(0, 0, 100) + 3600, 6);
  });
  it('has twelve hours of day everywhere at the equinox, refraction apart', () =>
    fc.assert(
      fc.property(fc.double({ min: -1, max: 1, noNaN: true }), (latitudeRad) => {
        const passes = sunPasses({ latitudeRad, dayOfYear: 80, noonS: NOON }, 0);
        expect(passes.kind === 'passes' ? passes.setS - passes.riseS : null).toBeCloseTo(43_200, -3);
      }),
    ));
  it('stands at the height that it passes, at both times', () =>
    fc.assert(
      fc.property(latitude, dayOfYear, (latitudeRad, day) => {
        const sun = { latitudeRad, dayOfYear: day, noonS: NOON };
        const passes = sunPasses(sun, TWILIGHT_RAD);
        if (passes.kind !== 'passes') return;
        expect(sunHeightRad(sun, passes.riseS)).toBeCloseTo(TWILIGHT_RAD, 9);
        expect(sunHeightRad(sun, passes.setS)).toBeCloseTo(TWILIGHT_RAD, 9);
      }),
    ));
  it('neither sets in a northern June nor rises in its December', () => {
    expect(sunPasses({ latitudeRad: deg(70), dayOfYear: 172, noonS: NOON }).kind).toBe('stays-above');
    expect(sunPasses({ latitudeRad: deg(70), dayOfYear: 355, noonS: NOON }).kind).toBe('stays-below');
  });
  it('is highest at noon', () =>
    fc.assert(
      fc.property(latitude, dayOfYear, instant, (latitudeRad, day, atS) => {
        const sun = { latitudeRad, dayOfYear: day, noonS: NOON };
        expect(sunHeightRad(sun, atS)).toBeLessThanOrEqual(sunHeightRad(sun, NOON) + 1e-12);
      }),
    ));
  it.each([
    [{ latitudeRad: 2, dayOfYear: 1 }, 'latitudeRad'],
    [{ latitudeRad: 0, dayOfYear: 0 }, 'dayOfYear'],
  ])('refuses %j', (sun, field) => expect(() => sunHeightRad({ ...sun, noonS: NOON }, 0)).toThrow(field));
});

describe('the light', () => {
  it.each([
    [30, 'bright'],
    [4, 'dusk'],
    [-5, 'dusk'],
    [-7, 'dark'],
  ] as const)('at %d° is %s', (height, light) => expect(lightAt(deg(height), 'bright')).toBe(light));
  it('is dull under clouds', () => expect(lightAt(deg(30), 'overcast')).toBe('overcast'));
});

describe('the moon', () => {
  it('is lit as in Meeus’ example 48.a, 1992 April 12', () =>
    expect(moonAt(Date.UTC(1992, 3, 12)).litShare).toBeCloseTo(0.6786, 2));
  // New and full moons of the almanac.
  it.each([
    [Date.UTC(2000, 0, 6, 18, 14), 0],
    [Date.UTC(2024, 3, 8, 18, 21), 0],
    [Date.UTC(2000, 0, 21, 4, 40), 1],
    [Date.UTC(2023, 7, 31, 1, 36), 1],
  ])('at %d has the lit share %d', (ms, share) => expect(moonAt(ms).litShare).toBeCloseTo(share, 2));
  it('waxes after new and wanes after full', () => {
    expect(moonAt(Date.UTC(2024, 3, 12)).waxing).toBe(true);
    expect(moonAt(Date.UTC(2023, 8, 3)).waxing).toBe(false);
  });
});

describe('the tide', () => {
  it.each([
    [0, 1, 0, 'slack-high'],
    [0.25, 0, 1, 'ebb'],
    [0.5, -1, 0, 'slack-low'],
    [0.75, 0, 1, 'flood'],
    [-1, 1, 0, 'slack-high'],
  ] as const)('%d periods after high water', (turns, heightShare, streamShare, stage) => {
    const now = tideAt(20_000, 20_000 + turns * TIDE_PERIOD_S);
    expect(now.heightShare).toBeCloseTo(heightShare, 9);
    expect(now.streamShare).toBeCloseTo(streamShare, 9);
    expect(now.stage).toBe(stage);
  });
  it('counts from the last high or low water, and comes again each period', () =>
    fc.assert(
      fc.property(instant, instant, (highS, atS) => {
        const now = tideAt(highS, atS);
        expect(now.since.timeS).toBeGreaterThanOrEqual(0);
        expect(now.since.timeS).toBeLessThanOrEqual(TIDE_PERIOD_S / 2);
        expect(tideAt(highS + TIDE_PERIOD_S, atS).heightShare).toBeCloseTo(now.heightShare, 6);
      }),
    ));
  it('is two hours after high water two hours after it', () => {
    const { water, timeS } = tideAt(6 * 3600, 8 * 3600).since;
    expect(water).toBe('high');
    expect(timeS).toBeCloseTo(7200, 6);
  });
});
