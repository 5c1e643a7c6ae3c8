import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { seeded } from '../../base/numeric';
import { changePoint } from './change-point';
import { steadiness } from './steadiness';
import { whatMovedAfloat, type Watch } from './what-moved';

const times = (n: number) => Array.from({ length: n }, (_, i) => 5 * i);
const noise = (n: number, seed: number) => {
  const random = seeded(seed);
  return Array.from({ length: n }, () => random() + random() + random() - 1.5);
};

describe('a change of mean', () => {
  it('is found between its neighbours, with both means and the step over the scatter', () => {
    const values = noise(40, 3).map((value, i) => 1.2 + 0.05 * value + (i < 25 ? 0 : 0.3));
    const found = changePoint({ tS: times(40), values });
    expect(found).toMatchObject({ outcome: 'changed', atS: 122.5 });
    expect(found.after! - found.before).toBeCloseTo(0.3, 1);
    expect(found.stepSd).toBeGreaterThan(5);
  });
  it('is none in scatter alone, as good as always', () => {
    const changed = Array.from({ length: 200 }, (_, seed) =>
      changePoint({ tS: times(30), values: noise(30, seed + 1) }),
    );
    expect(changed.filter(({ outcome }) => outcome === 'changed').length).toBeLessThan(6);
  });
  it('is none where all are equal, and certain where readings come in whole steps', () => {
    expect(changePoint({ tS: times(9), values: Array(9).fill(0.1) as number[] })).toEqual({
      outcome: 'no-change',
      atS: null,
      before: expect.closeTo(0.1, 12),
      after: null,
      stepSd: null,
    });
    expect(changePoint({ tS: times(8), values: [1, 1, 1, 1, 2, 2, 2, 2] })).toEqual({
      outcome: 'changed',
      atS: 17.5,
      before: 1,
      after: 2,
      stepSd: null,
    });
  });
  it('leaves three readings on each side', () =>
    expect(changePoint({ tS: times(8), values: [0, 0, 0, 0, 0, 0, 0, 50] }).atS).not.toBe(32.5));
  it('holds a known scatter against the step', () => {
    const values = [1, 1.01, 0.99, 1, 1.2, 1.21, 1.19, 1.2];
    expect(changePoint({ tS: times(8), values, sd: 0.02 }).outcome).toBe('changed');
    expect(changePoint({ tS: times(8), values, sd: 0.5 }).outcome).toBe('no-change');
  });
  it('does not hang on the unit or the zero of the readings', () =>
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 500 }), fc.double({ min: -50, max: 50, noNaN: true }), (seed, zero) => {
        const values = noise(20, seed).map((value, i) => value + (i < 9 ? 0 : 4));
        const [a, b] = [values, values.map((value) => 3 * value + zero)].map((each) =>
          changePoint({ tS: times(20), values: each }),
        );
        expect(b!.atS).toBe(a!.atS);
        expect(b!.stepSd! / a!.stepSd!).toBeCloseTo(1, 6);
      }),
    ));
  it.each([
    [{ tS: times(7), values: times(7) }, 'tS'],
    [{ tS: [0, 1, 2, 2, 3, 4, 5, 6], values: times(8) }, 'tS[3]'],
    [{ tS: times(8), values: times(9) }, 'values'],
    [{ tS: times(8), values: times(8), sd: 0 }, 'sd'],
  ])('refuses %j', (input, field) => expect(() => changePoint(input)).toThrow(field));
});

describe('steadiness', () => {
  it('is mean, scatter and slope a minute of the last minute', () => {
    const tS = times(40);
    const found = steadiness({ tS, values: tS.map((t) => 1 + 0.01 * t) });
    expect(found).toMatchObject({ outcome: 'ok', trendPerMin: expect.closeTo(0.6, 9) as number });
    // The last minute: 135 to 195 s.
    expect(found.mean).toBeCloseTo(1 + 0.01 * 165, 9);
  });
  it('is that of a window that was asked for', () =>
    expect(steadiness({ tS: [0, 10, 20, 30, 40], values: [9, 9, 1, 2, 3], windowS: 20 })).toEqual({
      outcome: 'ok',
      mean: 2,
      sd: 1,
      trendPerMin: expect.closeTo(6, 9),
    }));
  it.each([[[]], [[1, 2]]])('says that %j are too few', (values) =>
    expect(steadiness({ tS: times(values.length), values })).toEqual({
      outcome: 'too-few',
      mean: null,
      sd: null,
      trendPerMin: null,
    }),
  );
  it('refuses times that stand still', () => expect(() => steadiness({ tS: [1, 1], values: [0, 0] })).toThrow('tS[1]'));
});

describe('what moved', () => {
  const steady = (mean: number, sd: number) => ({ mean, sd });
  const before: Watch = {
    n: 30,
    boatMps: steady(1.2, 0.05),
    sensorMps: steady(1.1, 0.06),
    sensorC: steady(8, 0.05),
    sensorDepthM: steady(20, 0.2),
  };
  const now = (after: Partial<Watch>, first: Partial<Watch> = {}) =>
    whatMovedAfloat({ before: { ...before, ...first }, after: { ...before, ...first, ...after } });
  it.each<[string, Partial<Watch>, string]>([
    ['nothing', {}, 'nothing'],
    ['the sensor, deeper', { sensorDepthM: steady(24, 0.2), sensorMps: steady(0.8, 0.06) }, 'sensor'],
    ['the boat, and the sensor with it', { boatMps: steady(1.5, 0.05), sensorMps: steady(1.4, 0.06) }, 'boat'],
    ['the water', { sensorMps: steady(0.7, 0.06) }, 'water'],
    [
      'the water, colder, while the boat changed too',
      { boatMps: steady(1.5, 0.05), sensorC: steady(6, 0.05) },
      'water',
    ],
  ])('%s', (_, after, outcome) => expect(now(after).outcome).toBe(outcome));
  it('a boat that turned changes every speed, the short way round', () => {
    expect(now({ courseRad: 0.4, sensorMps: steady(0.7, 0.06) }, { courseRad: 0 }).outcome).toBe('course');
    expect(now({ courseRad: 6.2 }, { courseRad: 0 }).outcome).toBe('nothing');
  });
  it('a faster boat lifts the ball, and nobody moved it', () => {
    const faster = { boatMps: steady(1.5, 0.05), sensorMps: steady(1.4, 0.06), sensorDepthM: steady(18.3, 0.2) };
    expect(now(faster).outcome).toBe('sensor');
    expect(now({ ...faster, expectedDepthM: 18.35 }, { expectedDepthM: 20 }).outcome).toBe('boat');
  });
  it('cannot tell without a depth, without a boat’s speed, or without anything', () => {
    expect(now({ sensorMps: steady(0.7, 0.06) }, { sensorDepthM: null }).outcome).toBe('cant-tell');
    expect(now({ sensorMps: steady(0.7, 0.06) }, { boatMps: null }).outcome).toBe('cant-tell');
    const nothing = { boatMps: null, sensorMps: null, sensorC: null, sensorDepthM: null };
    expect(now({}, nothing)).toEqual({
      outcome: 'cant-tell',
      z: { boat: null, sensor: null, temperature: null, depth: null },
      unexplainedMps: null,
    });
  });
  it('says what the boat does not explain', () =>
    expect(now({ boatMps: steady(1.3, 0.05), sensorMps: steady(0.9, 0.06) }).unexplainedMps).toBeCloseTo(-0.3, 12));
  it('counts the floor of the instruments: steady readings are not sure to the last digit', () => {
    const { z } = now({ sensorMps: steady(1.13, 0) }, { sensorMps: steady(1.1, 0) });
    expect(z.sensor).toBeCloseTo(0.03 / 0.02, 9);
  });
  it.each<[Partial<Watch>, string]>([
    [{ sensorC: null }, 'after.sensorC'],
    [{ courseRad: 1 }, 'after.courseRad'],
    [{ n: 1 }, 'after.n'],
  ])('refuses %j', (after, field) => expect(() => now(after)).toThrow(field));
});
