import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { InputRangeError } from '../../base/guard';
import { bendRod, resolveRod } from '../../tackle';
import { sink } from '../../water';
import { clutchTest } from './clutch-test';
import { floatTest } from './float-test';
import { lineTest } from './line-test';
import { pullTest } from './pull-test';
import { meanOf } from './readings';
import { setTest } from './set-test';
import { sinkTest } from './sink-test';
import { weighed } from './weigh';
import { windowTest } from './window-test';

const WATER = { temperatureC: 15, salinity: 0 } as const;

describe('repeats', () => {
  it('give mean and spread as by hand', () => {
    const { value, sd, spread } = meanOf([10, 12, 11], { step: 0, loneSd: 9 });
    expect(value).toBe(11);
    expect(sd).toBeCloseTo(1 / Math.sqrt(3), 12);
    expect(spread).toBeCloseTo(sd / 11, 12);
  });
  it('never beat the instrument', () =>
    expect(meanOf([5, 5, 5, 5], { step: 0.1, loneSd: 0 }).sd).toBeCloseTo(0.1 / Math.sqrt(12), 12));
  it('want one at least', () => expect(() => meanOf([], { step: 1, loneSd: 1 })).toThrow(InputRangeError));
});

describe('weighing a pile', () => {
  it('divides mass and step by the count', () => {
    const pile = weighed({ pilesKg: [0.014], count: 20, stepKg: 1e-4 });
    expect(pile.value).toBeCloseTo(0.0007, 12);
    expect(pile.sd).toBeCloseTo(1e-4 / Math.sqrt(12) / 20, 12);
  });
  it('a pile of n knows one piece n times better than one alone', () => {
    const alone = weighed({ pilesKg: [0.0007], count: 1, stepKg: 1e-4 });
    expect(alone.sd / weighed({ pilesKg: [0.014], count: 20, stepKg: 1e-4 }).sd).toBeCloseTo(20, 9);
  });
  it('refuses an empty scale', () =>
    expect(() => weighed({ pilesKg: [0], count: 1, stepKg: 1e-4 })).toThrow(/pilesKg\[0\]/));
});

describe('float test', () => {
  it('finds the volume by Archimedes, whatever was hung on it', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0.002, max: 0.2, noNaN: true }),
        fc.double({ min: 1.02, max: 3, noNaN: true }),
        fc.constantFrom('lead', 'tungsten', 'steel', 'brass'),
        (massKg, times, addedMaterial) => {
          const rho = 999.1026; // fresh, 15 °C
          const volumeM3 = (massKg * times) / rho;
          const density = { lead: 11340, tungsten: 17500, steel: 7850, brass: 8500 }[addedMaterial as 'lead'];
          const added = (rho * volumeM3 - massKg) / (1 - rho / density);
          const found = floatTest({ water: WATER, massKg, addedKg: [added], addedMaterial: addedMaterial as 'lead' });
          expect(found.volumeM3 / volumeM3).toBeCloseTo(1, 5);
          expect(found.densityKgPm3).toBeCloseTo(massKg / found.volumeM3, 9);
        },
      ),
    ));
  it('refuses an added mass that floats', () =>
    expect(() => floatTest({ water: WATER, massKg: 0.01, addedKg: [0.001], addedMaterial: 'soft-floating' })).toThrow(
      /addedMaterial/,
    ));
});

describe('sink test', () => {
  const body = { massKg: 0.012, volumeM3: 5e-6 };
  /** The fall by the sink model, which integrates where the fit uses a closed form. */
  const fall = (dragAreaM2: number, depthM: number) =>
    sink({
      water: WATER,
      bodies: [{ ...body, dragAreaM2 }],
      line: { diameterM: 1e-6, densityKgPm3: 1000, tangentialCt: 0 },
      mode: 'free',
      depthsM: [depthM],
    }).table[0]!.timeS!;

  it('gives back the drag area that the sink model fell with', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 1e-4, max: 3e-3, noNaN: true }),
        fc.double({ min: 0.4, max: 4, noNaN: true }),
        (A, depthM) => {
          const result = sinkTest({ water: WATER, ...body, falls: [{ depthM, timeS: fall(A, depthM) }] });
          expect(result.outcome === 'ok' && result.dragAreaM2 / A).toBeCloseTo(1, 3);
        },
      ),
      { numRuns: 25 },
    ));
  it('is surer in deeper water, and says how deep is deep enough', () => {
    const at = (depthM: number) => {
      const result = sinkTest({ water: WATER, ...body, falls: [{ depthM, timeS: fall(6e-4, depthM) }] });
      if (result.outcome !== 'ok') throw new Error('floats');
      return result;
    };
    expect(at(2).spread).toBeLessThan(at(0.5).spread);
    expect(at(at(1).depthForTenthM).spread).toBeCloseTo(0.1, 2);
  });
  it('knows a floater', () =>
    expect(sinkTest({ water: WATER, massKg: 0.004, volumeM3: 5e-6, falls: [{ depthM: 1, timeS: 3 }] })).toEqual({
      outcome: 'floats',
    }));
  it('refuses a fall quicker than without drag, by its place', () =>
    expect(() =>
      sinkTest({
        water: WATER,
        ...body,
        falls: [
          { depthM: 1, timeS: 2 },
          { depthM: 1, timeS: 0.3 },
        ],
      }),
    ).toThrow(/falls\[1\]\.timeS/));
});

describe('pull test', () => {
  it('gives the share of the line and the scatter of one knot', () => {
    const result = pullTest({ pullsN: [60, 64, 68], stepN: 0, onLineN: 80 });
    expect(result.share).toBeCloseTo(0.8, 12);
    expect(result.spread).toBeCloseTo(4 / 64, 12);
    expect(result.leastN).toBe(60);
  });
  it('needs no line for a hook', () => expect(pullTest({ pullsN: [90], stepN: 1 }).share).toBeNull());
  it('refuses a knot far stronger than its line', () =>
    expect(() => pullTest({ pullsN: [60, 120], stepN: 1, onLineN: 80 })).toThrow(/pullsN\[1\]/));
});

describe('line test', () => {
  it('finds EA from exact stretches', () =>
    fc.assert(
      fc.property(fc.double({ min: 50, max: 5000, noNaN: true }), (eaN) => {
        const pulls = [0.01, 0.02, 0.04].map((share) => ({ forceN: share * eaN, stretchM: share * 10 }));
        expect(lineTest({ lengthM: 10, pulls }).eaN / eaN).toBeCloseTo(1, 6);
      }),
    ));
  it('is Σs²-weighted: the long stretch counts most', () => {
    const result = lineTest({
      lengthM: 10,
      pulls: [
        { forceN: 10, stretchM: 0.1 },
        { forceN: 20, stretchM: 0.22 },
      ],
    });
    // c = Σ F·s / Σ F², EA = L/c.
    expect(result.eaN).toBeCloseTo((10 * 500) / (10 * 0.1 + 20 * 0.22), 4);
  });
  it.each([
    [[{ forceN: 10, stretchM: 7 }], /pulls\[0\]\.stretchM/],
    [
      [
        { forceN: 10, stretchM: 0.3 },
        { forceN: 20, stretchM: 0.2 },
      ],
      /pulls\[1\]\.stretchM/,
    ],
  ])('refuses what a line cannot do', (pulls, message) =>
    expect(() => lineTest({ lengthM: 10, pulls })).toThrow(message),
  );
});

describe('clutch test', () => {
  it('finds the line through marks, and sees through a part-empty spool', () => {
    const fit = clutchTest([
      { mark: 2, pullN: 10, fill: 1 },
      { mark: 6, pullN: 30, fill: 1 },
      { mark: 4, pullN: 25, fill: 0.8 },
    ]);
    if (fit.outcome !== 'ok') throw new Error(fit.outcome);
    expect(fit.perMarkN).toBeCloseTo(5, 4);
    expect(fit.atZeroN).toBeCloseTo(0, 3);
    expect(fit.rmsN).toBeLessThan(1e-3);
    expect(fit.strongestN).toBeCloseTo(30, 9);
  });
  it('knows one mark only from readings at one mark', () => {
    const fit = clutchTest([
      { mark: 3, pullN: 20, fill: 1 },
      { mark: 3, pullN: 22, fill: 1 },
    ]);
    expect(fit.outcome).toBe('one-mark');
    expect(fit.outcome === 'one-mark' && fit.pullAtFullN).toBeGreaterThan(20);
  });
});

describe('set test', () => {
  const rod = { lengthM: 1.9, stiffness: { kind: 'class', power: 'heavy', action: 'fast' } } as const;
  const sweep = { startRad: 0.5, endRad: 1.8, stepBackM: 0 };
  it('finds the moment and the slack of a set that it made up', () => {
    const line = { lengthM: 15, eaN: 2400 };
    const T = 20;
    const bend = bendRod(resolveRod(rod), T, sweep.endRad);
    const reach = line.lengthM + rod.lengthM;
    const tip = (a: number) => Math.hypot(reach - 1.9 * Math.cos(a), 1.9 * Math.sin(a));
    const takeUp = tip(1.8) - tip(0.5);
    const found = setTest({ rod, sweep, line, peaksN: [T] });
    expect(found.peakMoment.value).toBeCloseTo(T * bend.leverArmM, 9);
    expect(found.takeUpM).toBeCloseTo(takeUp, 9);
    expect(found.slack.value).toBeCloseTo(takeUp - (T * 15) / 2400 - bend.yieldM, 9);
  });
  it('refuses a peak that the sweep cannot reach', () =>
    expect(() =>
      setTest({
        rod,
        sweep: { startRad: 1.7, endRad: 1.8, stepBackM: 0 },
        line: { lengthM: 15, eaN: 500 },
        peaksN: [80],
      }),
    ).toThrow(InputRangeError));
});

describe('window test', () => {
  it('gives both ends, or one', () => {
    expect(windowTest({ startsMps: [0.6, 0.8], failsMps: [] })).toMatchObject({ from: { value: 0.7 }, to: null });
    expect(windowTest({ startsMps: [0.6], failsMps: [2, 2.2] }).to?.value).toBeCloseTo(2.1, 12);
  });
  it('refuses one that rolls before it starts', () =>
    expect(() => windowTest({ startsMps: [1], failsMps: [0.8] })).toThrow(/failsMps\[0\]/));
});
