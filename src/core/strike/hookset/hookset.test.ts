import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { rodBend } from '../../tackle';
import { hookset, type HooksetInput } from './hookset';
import { neededForceN, openingForceN, tearForceN } from './hook-forces';

const base: HooksetInput = {
  rod: { lengthM: 1.86, stiffness: { kind: 'class', power: 'heavy', action: 'fast' } },
  sweep: { startRad: 0.4, endRad: 1.8, timeS: 0.35, peakMomentNm: 55 },
  line: [
    { lengthM: 20, eaN: 2400, strengthN: 170 },
    { lengthM: 1.1, eaN: 460, strengthN: 90 },
  ],
  hook: {
    distanceM: 22,
    dropM: 4,
    wireMm: 1.28,
    gapMm: 14,
    points: 'single',
    barb: 'barbed',
    sharpness: 'needle',
    guardN: 2,
  },
  slackM: 0.3,
  crushM: 0.005,
  drag: { settingN: 45 },
  mouth: 'bony',
  fishKg: 3,
  through: 0.85,
};

/** The take-up by coordinates, and the balance checked with nothing but rod-bend: an answer that shares no step with the solver. */
function imbalanceM(input: HooksetInput, T: number): number {
  const { rod, sweep, hook, fishKg } = input;
  const X = [Math.sqrt(hook.distanceM ** 2 + hook.dropM ** 2), 0] as const;
  const toHook = (a: number) => Math.hypot(rod.lengthM * Math.cos(a) - X[0], rod.lengthM * Math.sin(a) - X[1]);
  const takeUp = toHook(sweep.endRad) - toHook(sweep.startRad) + (sweep.stepBackM ?? 0) + (sweep.woundM ?? 0);
  const { tip } = rodBend({ ...rod, pull: { forceN: T, angleRad: sweep.endRad } });
  const alongPull =
    tip.xM * Math.cos(sweep.endRad) + tip.yM * Math.sin(sweep.endRad) - rod.lengthM * Math.cos(sweep.endRad);
  const stretch = input.line.reduce((sum, piece) => sum + (T * piece.lengthM) / piece.eaN, 0);
  const give = fishKg === null ? 0 : (T * sweep.timeS ** 2) / (6 * 1.5 * fishKg);
  return takeUp - input.slackM - (input.crushM ?? 0) - stretch - alongPull - give;
}

describe('hookset: reference', () => {
  it('needs, opens and tears by the closed forms', () => {
    // By hand: (π/4)(1.45·1.28)²·9·0.8 + 2; 1.7·1800·π·1.28³/(16·14); 250·1.28.
    expect(neededForceN(base.hook, 'bony')).toBeCloseTo((Math.PI / 4) * (1.45 * 1.28) ** 2 * 9 * 0.8 + 2, 10);
    expect(openingForceN(base.hook)).toBeCloseTo((1.7 * 1800 * Math.PI * 1.28 ** 3) / (16 * 14), 10);
    expect(tearForceN(1.28, 'bony')).toBeCloseTo(320, 10);
  });

  it('gives a stiff rod on a snag the straight-line answer', () => {
    // A rod too stiff to bend: the whole take-up goes into the line.
    const stiff: HooksetInput = {
      ...base,
      rod: { lengthM: 2, stiffness: { kind: 'taper', buttEiNm2: 1e6, tipRatio: 1 } },
      fishKg: null,
      drag: null,
      sweep: { ...base.sweep, peakMomentNm: 1000 },
      line: [{ lengthM: 50, eaN: 300, strengthN: 1e4 }],
      crushM: 0,
    };
    const result = hookset(stiff);
    expect(result.ruledBy).toBe('sweep');
    expect(result.tensionN).toBeCloseTo(((result.takeUpM - 0.3) * 300) / 50, 2);
  });

  it.each([
    ['wrist', { sweep: { ...base.sweep, peakMomentNm: 12 } }, 'leverage'],
    ['light clutch', { drag: { settingN: 10 } }, 'drag'],
    ['thin leader', { line: [base.line[0]!, { lengthM: 1.1, eaN: 460, strengthN: 20 }] }, 'strength'],
    ['plain sweep', { drag: null }, 'sweep'],
  ] as const)('%s rules: the pull stays at that limit', (_name, change, ruledBy) => {
    const input = { ...base, ...change };
    const result = hookset(input);
    expect(result.ruledBy).toBe(ruledBy);
    if (ruledBy === 'drag') expect(result.tensionN).toBeCloseTo(10 * Math.exp(0.15 * 1.8), 10);
    if (ruledBy === 'strength') expect(result.tensionN).toBe(20);
    if (ruledBy === 'leverage') {
      const { leverArmM } = rodBend({ ...input.rod, pull: { forceN: result.tensionN, angleRad: 1.8 } });
      expect(result.tensionN * leverArmM).toBeCloseTo(12, 5);
    }
    if (ruledBy === 'sweep') expect(Math.abs(imbalanceM(input, result.tensionN))).toBeLessThan(2e-4);
  });

  it('a tie goes to the first named', () => {
    const free = hookset({ ...base, drag: null });
    const tied = hookset({ ...base, drag: { settingN: free.tensionN, wrapRad: 0 } });
    expect(tied.ruledBy).toBe('sweep');
    expect(
      hookset({
        ...base,
        drag: { settingN: 90, wrapRad: 0 },
        slackM: 0,
        fishKg: null,
        sweep: { ...base.sweep, woundM: 5, peakMomentNm: 1000 },
      }).ruledBy,
    ).toBe('drag');
  });

  it('reports slack with nothing but what is known', () =>
    expect(hookset({ ...base, slackM: 10 })).toMatchObject({
      outcome: 'slack',
      tensionN: 0,
      ruledBy: 'sweep',
      margin: 0,
      openingMargin: null,
      tearMargin: null,
      strengthMargin: null,
      timeToSetS: null,
      verdict: { set: 'will-not-bury', dangers: [] },
    }));

  it.each([
    [0.999, 'will-not-bury'],
    [1, 'marginal'],
    [1.4, 'sets'],
    [4, 'sets'],
    [4.01, 'more-than-needed'],
  ] as const)('a margin of %d reads %s', (margin, word) => {
    const needed = neededForceN(base.hook, 'soft');
    // A hair inside each word, so that rounding does not decide.
    const inside = margin === 4 ? 1 - 1e-12 : 1 + 1e-12;
    const result = hookset({
      ...base,
      mouth: 'soft',
      through: 1,
      drag: { settingN: margin * needed * inside, wrapRad: 0 },
    });
    expect(result.ruledBy).toBe('drag');
    expect(result.verdict.set).toBe(word);
  });

  it('names a danger below 1.3', () => {
    const opening = openingForceN(base.hook);
    const at = (share: number) =>
      hookset({
        ...base,
        through: 1,
        fishKg: null,
        sweep: { ...base.sweep, woundM: 4, peakMomentNm: 900 },
        line: [{ lengthM: 20, eaN: 2400, strengthN: 900 }],
        drag: { settingN: opening / share, wrapRad: 0 },
      });
    expect(at(1.31).verdict.dangers).not.toContain('opening');
    expect(at(1.29).verdict.dangers).toContain('opening');
  });
});

describe('hookset: invariants', () => {
  const input = fc
    .record({
      startRad: fc.double({ min: 0.05, max: 0.9, noNaN: true }),
      sweptRad: fc.double({ min: 0.2, max: 1.4, noNaN: true }),
      distanceM: fc.double({ min: 5, max: 80, noNaN: true }),
      eaN: fc.double({ min: 150, max: 5000, noNaN: true }),
      slackM: fc.double({ min: 0, max: 1.5, noNaN: true }),
      fishKg: fc.option(fc.double({ min: 0.3, max: 30, noNaN: true })),
      woundM: fc.double({ min: 0, max: 1, noNaN: true }),
      drag: fc.option(fc.record({ settingN: fc.double({ min: 2, max: 120, noNaN: true }) })),
    })
    .map((v): HooksetInput => ({
      ...base,
      sweep: { ...base.sweep, startRad: v.startRad, endRad: v.startRad + v.sweptRad, woundM: v.woundM },
      hook: { ...base.hook, distanceM: v.distanceM },
      line: [{ lengthM: v.distanceM, eaN: v.eaN, strengthN: 200 }],
      slackM: v.slackM,
      fishKg: v.fishKg,
      drag: v.drag,
    }));

  it('balances take-up against stretch, yield and give', () =>
    fc.assert(
      fc.property(input, (each) => {
        const result = hookset(each);
        if (result.outcome === 'ok' && result.ruledBy === 'sweep')
          expect(Math.abs(imbalanceM(each, result.tensionN))).toBeLessThan(3e-4);
        // Held down by a limit, take-up is left over.
        if (result.outcome === 'ok' && result.ruledBy !== 'sweep')
          expect(imbalanceM(each, result.tensionN)).toBeGreaterThan(-3e-4);
      }),
    ));

  it('pulls no harder with more slack', () =>
    fc.assert(
      fc.property(
        input,
        (each) => hookset({ ...each, slackM: each.slackM + 0.2 }).tensionN <= hookset(each).tensionN + 1e-6,
      ),
    ));

  it('ends its curve at the answer and starts it slack', () =>
    fc.assert(
      fc.property(input, (each) => {
        const { curve, tensionN } = hookset(each);
        expect(curve).toHaveLength(21);
        expect(curve[20]!.tensionN).toBeCloseTo(tensionN, 9);
        expect(curve[0]!.tensionN).toBe(0);
        expect(curve[10]!.sweepRad).toBeCloseTo((each.sweep.startRad + each.sweep.endRad) / 2, 12);
      }),
    ));

  it('has the needed pull at the moment it names, and not before', () =>
    fc.assert(
      fc.property(input, (each) => {
        const result = hookset(each);
        if (result.timeToSetS === null) return;
        const share = result.timeToSetS / each.sweep.timeS;
        // The state at a share of the sweep is a shorter sweep, with wrap still that of the whole.
        const until = (s: number) =>
          hookset({
            ...each,
            sweep: {
              ...each.sweep,
              endRad: each.sweep.startRad + s * (each.sweep.endRad - each.sweep.startRad),
              timeS: s * each.sweep.timeS,
              woundM: s * (each.sweep.woundM ?? 0),
            },
            drag: each.drag && { ...each.drag, wrapRad: each.sweep.endRad },
          }).atHookN;
        expect(until(share)).toBeCloseTo(result.neededN, 2);
        expect(until(0.9 * share)).toBeLessThan(result.neededN);
      }),
    ));

  it('gives the same answer with and without the curve', () =>
    fc.assert(
      fc.property(input, (each) => {
        const { curve: _a, ...whole } = hookset(each);
        const { curve, ...bare } = hookset(each, { curve: false });
        expect(curve).toEqual([]);
        expect(bare).toEqual(whole);
      }),
    ));
});

it('names the field it rejects', () => {
  expect(() => hookset({ ...base, through: 0 })).toThrow(/through/);
  expect(() => hookset({ ...base, line: [{ lengthM: 1, eaN: -1, strengthN: 1 }] })).toThrow(/line\[0\].eaN/);
  expect(() => hookset({ ...base, sweep: { ...base.sweep, endRad: Math.PI } })).toThrow(/sweep.endRad/);
});
