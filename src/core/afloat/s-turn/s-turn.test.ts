import { describe, expect, it } from 'vitest';
import { depthAfter, sTurn, type STurnInput } from './s-turn';

const weaving: STurnInput = {
  speedMps: 1.1,
  amplitudeM: 6,
  waveLengthM: 80,
  laybackM: 25,
  depthsAt: [
    { speedMps: 0.3, depthM: 8 },
    { speedMps: 1.1, depthM: 4 },
    { speedMps: 2, depthM: 2 },
  ],
};

describe('a boat that weaves', () => {
  it('on a straight course changes nothing', () => {
    const { settled, lureM, timeS } = sTurn({ ...weaving, amplitudeM: 0 });
    expect(settled).toMatchObject({ slackShare: 0, bottomShare: 0 });
    expect(settled.slowestMps).toBeCloseTo(1.1, 9);
    expect(settled.deepestM).toBeCloseTo(4, 9);
    // Three waves of 80 m at 1.1 m/s.
    expect(timeS.at(-1)).toBeCloseTo(240 / 1.1, 6);
    expect(lureM.at(-1)![0]).toBeCloseTo(240 - 25, 6);
  });
  it('keeps the line as long as it is, or slack', () => {
    const { boatM, lureM } = sTurn(weaving);
    boatM.forEach(([x, y], i) => expect(Math.hypot(x - lureM[i]![0], y - lureM[i]![1])).toBeLessThan(25 + 1e-9));
  });
  it('makes a lure go faster and slower, higher and deeper, the more so the wider it swings', () => {
    const [little, much] = [sTurn(weaving), sTurn({ ...weaving, amplitudeM: 14 })].map(({ settled }) => settled);
    expect(little!.slowestMps).toBeLessThan(1.1);
    expect(much!.slowestMps).toBeLessThan(little!.slowestMps);
    expect(little!.deepestM).toBeGreaterThan(4);
    expect(much!.deepestM - much!.shallowestM).toBeGreaterThan(little!.deepestM - little!.shallowestM);
  });
  it('on a long wave comes to the steady circle of its sharpest bend', () => {
    // 400 m long, 20 m wide: R = 1/(A·k²) = 203 m at the crests, and the lure goes at v·√(R² − ℓ²)/R.
    const R = 1 / (20 * ((2 * Math.PI) / 400) ** 2);
    const { settled } = sTurn({ ...weaving, amplitudeM: 20, waveLengthM: 400 });
    expect(settled.slowestMps).toBeCloseTo((1.1 * Math.sqrt(R ** 2 - 25 ** 2)) / R, 2);
  });
  it('strikes the bottom where it would sink deeper, and says when first', () => {
    const { bottomAtS, settled, depthM } = sTurn({ ...weaving, amplitudeM: 14, bottomM: 4.1 });
    expect(bottomAtS).toBeGreaterThan(0);
    expect(settled.bottomShare).toBeGreaterThan(0);
    expect(Math.max(...depthM)).toBeLessThanOrEqual(4.1);
    expect(sTurn({ ...weaving, bottomM: 30 }).bottomAtS).toBeNull();
  });
  it('slackens a long line in short sharp turns', () =>
    expect(sTurn({ ...weaving, amplitudeM: 20, waveLengthM: 20, laybackM: 40 }).settled.slackShare).toBeGreaterThan(0));
  it.each<[Partial<STurnInput>, string]>([
    [{ speedMps: 0 }, 'speedMps'],
    [{ laybackM: NaN }, 'laybackM'],
    [{ waveLengthM: 1 }, 'waveLengthM'],
    [{ depthsAt: [weaving.depthsAt[1]!, weaving.depthsAt[0]!] }, 'depthsAt[1].speedMps'],
    [{ bottomM: 0 }, 'bottomM'],
  ])('refuses %j', (change, field) => expect(() => sTurn({ ...weaving, ...change })).toThrow(field));
});

it('a burst lifts a lure by and by: two thirds of the way after layback over speed', () => {
  const after = (forS: number) => depthAfter(weaving.depthsAt, { fromMps: 1.1, toMps: 2, forS, laybackM: 25 });
  expect(after(0)).toBeCloseTo(4, 12);
  expect(after(12.5)).toBeCloseTo(2 + 2 / Math.E, 9);
  expect(after(1000)).toBeCloseTo(2, 9);
});
