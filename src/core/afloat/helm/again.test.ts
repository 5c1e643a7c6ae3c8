import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { again, type AgainInput } from './again';
import { flowAt, flowOf, lengthOf, minus, overGround } from './course';
import { translate } from './translate';

const still = [{ depthM: 0, speedMps: 0, towardRad: 0 }];
const copper: AgainInput = {
  water: { temperatureC: 8, salinity: 0 },
  segments: [
    { lengthM: 1, diameterM: 0.9e-3, massPerLengthKgPm: 4.5e-3 },
    { lengthM: 2, diameterM: 0.45e-3, massPerLengthKgPm: 2e-4 },
  ],
  end: { netWeightN: 0.12, dragAreaM2: 4e-4 },
  strike: { sogMps: 1.1, cogRad: 0, lineOutM: 50 },
  then: still,
  now: { cogRad: 1 },
};

describe('a strike again', () => {
  it('in still water asks for the same speed and the same line on any course', () =>
    fc.assert(
      fc.property(fc.double({ min: 0, max: 6, noNaN: true }), (cogRad) => {
        const { outcome, sogMps, lineOutM, surfaceWaterMps } = again({ ...copper, now: { cogRad } });
        expect(outcome).toBe('ok');
        expect(sogMps).toBeCloseTo(1.1, 9);
        expect(surfaceWaterMps).toBeCloseTo(1.1, 9);
        expect(lineOutM).toBeCloseTo(50, 1);
      }),
      { numRuns: 12 },
    ));
  const layered = [
    { depthM: 0, speedMps: 0.3, towardRad: 0.4 },
    { depthM: 8, speedMps: 0.1, towardRad: 2 },
    { depthM: 20, speedMps: 0.15, towardRad: 3.5 },
  ];
  it('on the same course in the same water changes nothing', () => {
    const { sogMps, lineOutM } = again({ ...copper, then: layered, now: { cogRad: 0 } });
    expect(sogMps).toBeCloseTo(1.1, 6);
    expect(lineOutM).toBeCloseTo(50, 1);
  });
  it('into the current of the deep needs less over ground, and the lure has its speed', () => {
    const down = [
      { depthM: 0, speedMps: 0, towardRad: 0 },
      { depthM: 10, speedMps: 0.3, towardRad: 0 },
    ];
    const { depthM, lureWaterMps, sogMps } = again({ ...copper, then: down, now: { cogRad: Math.PI } });
    expect(sogMps!).toBeLessThan(1.1);
    const through = lengthOf(minus(flowOf(sogMps!, Math.PI), flowAt(down, depthM!)));
    expect(through).toBeCloseTo(lureWaterMps!, 9);
  });
  it('is not possible where the water sets across faster than the lure is to go', () => {
    const across = [{ depthM: 0, speedMps: 1.5, towardRad: 0 }];
    const found = again({
      ...copper,
      strike: { ...copper.strike, sogMps: 1.2 },
      then: across,
      now: { cogRad: Math.PI / 2 },
    });
    expect(found).toMatchObject({ outcome: 'not-possible', sogMps: null, surfaceWaterMps: null, lineOutM: null });
    expect(found.depthM).toBeGreaterThan(0);
    expect(found.lureWaterMps).toBeCloseTo(0.3, 9);
  });
  it('knows nothing of a lure that does not go under', () => {
    const floats = {
      ...copper,
      segments: [{ lengthM: 1, diameterM: 0.3e-3, massPerLengthKgPm: 1e-5 }],
      end: { netWeightN: -1, dragAreaM2: 1e-4 },
    };
    expect(again(floats)).toEqual({
      outcome: 'at-surface',
      depthM: null,
      lureWaterMps: null,
      sogMps: null,
      surfaceWaterMps: null,
      lineOutM: null,
    });
  });
  it.each<[Partial<AgainInput>, string]>([
    [{ strike: { ...copper.strike, lineOutM: 2 } }, 'strike.lineOutM'],
    [{ then: [] }, 'then'],
    [{ then: [...still, ...still] }, 'then[1].depthM'],
    [{ now: { cogRad: 0, layers: [...still, ...still] } }, 'now.layers[1].depthM'],
    [{ strike: { ...copper.strike, sogMps: -1 } }, 'strike.sogMps'],
  ])('refuses %j', (change, field) => expect(() => again({ ...copper, ...change })).toThrow(field));
});

describe('over ground', () => {
  it('takes the larger of two speeds, and none backwards', () => {
    expect(overGround(0, [0.5, 0], 0.2)).toBeCloseTo(0.7, 12);
    expect(overGround(0, [-0.5, 0], 0.2)).toBeNull();
    expect(overGround(0, [0, 0.5], 0.3)).toBeNull();
    expect(overGround(0, [0, 0.3], 0.3)).toBeCloseTo(0, 9);
  });
  it('gives back the speed through the water', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 6.28, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 6.28, noNaN: true }),
        fc.double({ min: 0.1, max: 3, noNaN: true }),
        (course, c, toward, w) => {
          const C = flowOf(c, toward);
          const u = overGround(course, C, w);
          if (u !== null) expect(lengthOf(minus(flowOf(u, course), C))).toBeCloseTo(w, 9);
        },
      ),
    ));
});

describe("another boat's figure as mine", () => {
  it('by their sensor and mine', () =>
    expect(
      translate({ theirs: { readingMps: 1, scale: 1.1, offsetMps: 0.05 }, mine: { scale: 0.9, offsetMps: -0.02 } }),
    ).toEqual({
      outcome: 'ok',
      waterMps: expect.closeTo(1.15, 12),
      myReadingMps: expect.closeTo(1.3, 12),
      mySogMps: null,
    }));
  it('by their run over ground, on my course', () => {
    const into = translate({
      theirs: { sogMps: 1, cogRad: 0 },
      layer: { speedMps: 0.3, towardRad: 0 },
      mine: { cogRad: Math.PI, scale: 1, offsetMps: 0 },
    });
    expect(into).toMatchObject({ outcome: 'ok' });
    expect(into.waterMps).toBeCloseTo(0.7, 12);
    expect(into.mySogMps).toBeCloseTo(0.4, 12);
  });
  it('keeps water and reading where no speed over ground does it', () => {
    const none = translate({
      theirs: { sogMps: 1, cogRad: 0 },
      layer: { speedMps: 0.9, towardRad: 0 },
      mine: { cogRad: Math.PI / 2, scale: 2, offsetMps: 0 },
    });
    expect(none).toEqual({
      outcome: 'not-possible',
      waterMps: expect.closeTo(0.1, 12),
      myReadingMps: expect.closeTo(0.05, 12),
      mySogMps: null,
    });
  });
  it('refuses a scale of nothing', () =>
    expect(() =>
      translate({ theirs: { readingMps: 1, scale: 1, offsetMps: 0 }, mine: { scale: 0, offsetMps: 0 } }),
    ).toThrow('mine.scale'));
});
