import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { seeded } from '../../base/numeric';
import { sharePath, trialLiveShare, type LiveTry } from './trial-live-share';
import { ENOUGH, evidencePath, trialLive, type LiveEvent } from './trial-live';
import { trialSize } from './trial-size';

const drawn = (n: number, better: number, seed: number): LiveEvent[] => {
  const random = seeded(seed);
  return Array.from({ length: n }, () => ({ version: random() < better ? 'b' : 'a', aLines: 1, bLines: 1 }));
};

describe('how long a trial takes', () => {
  it('is what trials that are drawn take', () => {
    const { needed } = trialSize({ kind: 'rate', ratio: 3 });
    const over = Array.from({ length: 200 }, (_, seed) => trialLive(drawn(needed!, 0.75, seed)).outcome);
    const share = over.filter((outcome) => outcome === 'b-better').length / over.length;
    // Of 200 the share scatters by 3 %.
    expect(Math.abs(share - 0.8)).toBeLessThan(0.09);
  });
  it('grows as the difference shrinks, and is beyond where it is too small', () => {
    const sizes = [4, 3, 2, 1.5].map((ratio) => trialSize({ kind: 'rate', ratio }).needed!);
    expect(sizes.toSorted((a, b) => a - b)).toEqual(sizes);
    expect(trialSize({ kind: 'rate', ratio: 1.1 })).toMatchObject({ outcome: 'beyond', needed: null });
  });
  it('of 2 to 1 is some hundred strikes, of 1.5 to 1 some three hundred', () => {
    expect(trialSize({ kind: 'rate', ratio: 2 })).toMatchObject({ needed: 118, half: 64, lookedTo: 112 });
    expect(trialSize({ kind: 'rate', ratio: 1.5 }).needed).toBe(346);
  });
  it('names the wrong one in next to none', () =>
    expect(trialSize({ kind: 'rate', ratio: 1.5 }).wrong).toBeLessThan(0.001));
  it('of shares is told by tries of each', () => {
    const { needed, half } = trialSize({ kind: 'share', a: 0.3, b: 0.8 });
    expect(needed).toBeGreaterThan(20);
    expect(needed).toBeLessThan(60);
    expect(half).toBeLessThan(needed!);
  });
  it.each([
    [{ kind: 'rate', ratio: 1 }, 'ratio'],
    [{ kind: 'rate', ratio: 2, chance: 1 }, 'chance'],
    [{ kind: 'share', a: 0, b: 0.5 }, 'a'],
  ] as const)('refuses %j', (input, field) => expect(() => trialSize(input)).toThrow(field));
});

describe('evidence after each strike', () => {
  it('ends where the trial stands now', () => {
    const events = drawn(60, 0.7, 3);
    expect(evidencePath(events).at(-1)).toBeCloseTo(trialLive(events).evidence, 9);
    expect(evidencePath(events.slice(0, 20))).toEqual(evidencePath(events).slice(0, 20));
  });
});

describe('two shares looked at after every try', () => {
  const tries = (n: number, a: number, b: number, seed: number): LiveTry[] => {
    const random = seeded(seed);
    return Array.from({ length: 2 * n }, (_, i) => ({
      version: i % 2 === 0 ? 'a' : 'b',
      hit: random() < (i % 2 === 0 ? a : b),
    }));
  };
  it('claim a difference where there is none in one of twenty at most, whatever the share', () => {
    for (const share of [0.15, 0.5, 0.9]) {
      const claims = Array.from({ length: 200 }, (_, seed) => trialLiveShare(tries(80, share, share, seed)).outcome);
      expect(claims.filter((outcome) => outcome !== 'not-yet').length / claims.length).toBeLessThanOrEqual(0.05);
    }
  });
  it('find one that is there, and which is the better', () => {
    expect(trialLiveShare(tries(150, 0.4, 0.8, 1)).outcome).toBe('b-better');
    expect(trialLiveShare(tries(150, 0.8, 0.4, 1)).outcome).toBe('a-better');
  });
  it('wait for a try of the other beside each', () => {
    const lone = Array.from({ length: 30 }, (): LiveTry => ({ version: 'b', hit: true }));
    expect(trialLiveShare(lone)).toMatchObject({ outcome: 'not-yet', evidence: 1, pairs: 0 });
  });
  it('are the same whichever version is called A', () =>
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.boolean(), fc.boolean()), { maxLength: 60 }), (pairs) => {
        const given = pairs.flatMap(([a, b]): LiveTry[] => [
          { version: 'a', hit: a },
          { version: 'b', hit: b },
        ]);
        const turned = given.map(({ version, hit }): LiveTry => ({ version: version === 'a' ? 'b' : 'a', hit }));
        expect(trialLiveShare(turned).evidence).toBeCloseTo(trialLiveShare(given).evidence, 6);
      }),
      { numRuns: 40 },
    ));
  it('have a mean of evidence of at most one under no difference', () => {
    const last = Array.from({ length: 400 }, (_, seed) => sharePath(tries(20, 0.6, 0.6, seed)).at(-1)!);
    expect(last.reduce((sum, each) => sum + each, 0) / last.length).toBeLessThan(1.3);
    expect(ENOUGH).toBe(20);
  });
});
