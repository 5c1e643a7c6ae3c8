import { describe, expect, it } from 'vitest';
import { finish } from '../../decide';
import { bestCut, drops, headStanding, jigStand, land, tipPullN, type Head } from '.';

const ball: Head = {
  shape: 'ball',
  material: 'lead',
  headKg: 0.01,
  hook: { shankM: 0.038, gapM: 0.013, wireM: 1.2e-3 },
  eyeRad: 1.2,
  collarM: 0.006,
  bait: { massKg: 0.006, lengthM: 0.09, densityKgPm3: 1080 },
  cuts: [],
};

describe('a head by its parts', () => {
  it('a ball of ten grams of lead is as large as its volume says', () =>
    expect(headStanding(ball).radiiM[0]).toBeCloseTo(Math.cbrt((3 * 0.01) / 11340 / (4 * Math.PI)), 12));
  it('weighs in water what its parts do', () => {
    const bare = { ...ball, bait: null, collarM: 0, hook: { ...ball.hook, wireM: 2e-4 } };
    const lead = headStanding(bare).masses[0]!.submergedN;
    expect(lead).toBeCloseTo(0.01 * 9.80665 * (1 - 1000 / 11340), 9);
  });
  it('half a ball filed off takes half of it, and its centre moves by three eighths of the radius', () => {
    const { filedKg, masses, radiiM } = headStanding({ ...ball, cuts: [{ atM: [0, 0], normalRad: 0 }] });
    expect(filedKg).toBeCloseTo(0.005, 5);
    expect(masses[0]!.xM).toBeCloseTo((-3 / 8) * radiiM[0], 4);
  });
  it('a bait lighter than water lifts it', () =>
    expect(
      headStanding({ ...ball, bait: { ...ball.bait!, densityKgPm3: 900 } }).masses.at(-1)!.submergedN,
    ).toBeLessThan(0));
  it('refuses by name', () => expect(() => headStanding({ ...ball, headKg: 1 })).toThrow(/headKg/));
});

describe('drops', () => {
  it('ten thousand on a level floor land as the shares say', () => {
    const standing = headStanding(ball);
    const { poses, pointUpShare } = jigStand(standing);
    const {
      histogram,
      pointUpShare: up,
      goodShare,
      rolledShare,
    } = finish(drops({ jig: standing, drops: 10_000, slopeRad: 0, seed: 3 }));
    expect(histogram.reduce((sum, count) => sum + count, 0)).toBe(10_000);
    expect(rolledShare).toBe(0);
    expect(Math.abs(up - pointUpShare)).toBeLessThan(0.015);
    expect(
      Math.abs(
        goodShare -
          poses.reduce((sum, { pointUp, fallsTo, share }) => sum + (pointUp && fallsTo !== 'line' ? share : 0), 0),
      ),
    ).toBeLessThan(0.015);
  });
  it('are the same for the same seed', () => {
    const asked = { jig: headStanding(ball), drops: 800, slopeRad: 0.2, seed: 5 };
    expect(finish(drops(asked))).toEqual(finish(drops(asked)));
  });
});

describe('the best cut', () => {
  const found = finish(bestCut(ball));
  it('lands the ball visibly otherwise', () => {
    expect(found.one!.cuts).toHaveLength(1);
    expect(found.one!.after.goodShare).toBeGreaterThan(found.before.goodShare + 0.3);
    expect(found.one!.after.standing.filedKg).toBeGreaterThan(1e-4);
    expect(found.one!.tooSmall).toBeNull();
  });
  it('is at least as good as a flat filed by hand under the ball, and as any of a coarse round of flats', () => {
    const r = found.before.standing.radiiM[0];
    for (let i = 0; i < 12; i += 1) {
      const normalRad = (i * Math.PI) / 6;
      const byHand = land({
        ...ball,
        cuts: [{ atM: [0.75 * r * Math.cos(normalRad), 0.75 * r * Math.sin(normalRad)], normalRad }],
      });
      expect(found.one!.after.goodShare + 0.01).toBeGreaterThanOrEqual(byHand.goodShare);
    }
  });
});

describe('two flats, and what a file can do', () => {
  it('take a second flat only where it lands visibly more', () => {
    for (const head of [ball, { ...ball, shape: 'bullet', bait: null } as const]) {
      const { one, two } = finish(bestCut(head));
      if (!two) continue;
      expect(two.cuts).toHaveLength(2);
      expect(two.cuts[0]).toEqual(one!.cuts[0]);
      expect(two.after.goodShare).toBeGreaterThanOrEqual(one!.after.goodShare + 0.02);
    }
  });
  it('say of a head of a fifth of a gram that its flat is too small to file', () => {
    const tiny = { ...ball, headKg: 3e-4, hook: { shankM: 0.006, gapM: 0.0025, wireM: 3e-4 }, bait: null, collarM: 0 };
    const { one } = finish(bestCut(tiny));
    expect(one === null || one.tooSmall !== null).toBe(true);
  });
});

describe('twitch', () => {
  const block = {
    profile: [
      [-0.01, -0.005],
      [0.01, -0.005],
      [0.01, 0.005],
      [-0.01, 0.005],
    ] as const,
    masses: [{ xM: 0, yM: 0, submergedN: 0.1 }],
    pointM: [0.02, 0.01] as const,
    eyeM: [-0.01, 0.005] as const,
  };
  const belly = jigStand(block).poses.find(({ downRad }) => Math.abs(downRad + Math.PI / 2) < 1e-9)!;
  const tip = (twitch: Partial<Parameters<typeof tipPullN>[2]> = {}) =>
    tipPullN(block, belly, { lineRad: 0, slopeRad: 0, softM: 0, ...twitch });
  it('a level pull tips a block at weight · half its length / its height', () =>
    expect(tip()).toBeCloseTo((0.1 * 0.01) / 0.01, 12));
  it('a line that rises straight from its edge cannot', () => expect(tip({ lineRad: Math.PI / 2 })).toBeNull());
  it('a slope toward the line makes it easier, until it does not stand', () => {
    expect(tip({ slopeRad: 0.3 })!).toBeLessThan(tip()!);
    expect(tip({ slopeRad: 1.2 })).toBe(0);
  });
  it('a soft floor holds a round head wider', () => {
    const standing = headStanding(ball);
    const pose = jigStand(standing).poses.reduce((a, b) => (b.share > a.share ? b : a));
    const at = (softM: number) => tipPullN(standing, pose, { lineRad: 0.3, slopeRad: 0, softM });
    expect(at(2e-3)!).toBeGreaterThan(at(0)!);
  });
});
