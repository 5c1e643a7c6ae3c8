import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { RodAction, RodPower } from '../../tackle/defaults/rod-classes';
import { rodBend } from '../../tackle';
import { castFit } from './cast-fit';
import { castWindow } from './cast-window';

const rod = (power: RodPower = 'heavy', action: RodAction = 'fast') => ({
  lengthM: 1.86,
  stiffness: { kind: 'class' as const, power, action },
});
const fit = (massKg: number, ratingKg: readonly [number, number] | null = null, weakestN = 90) =>
  castFit({ rod: rod(), massKg, ratingKg, style: 'overhead', weakestN });

describe('castFit: reference', () => {
  // r by hand: window 10 to 40 g has centre 20 g and half-width ln 2.
  it.each([
    [0.02, 0, 'in'],
    [0.04, 1, 'heavy-edge'],
    [0.01, -1, 'light-edge'],
    [0.02 * 2 ** 1.16, 1.16, 'over'],
    [0.02 * 2 ** -1.16, -1.16, 'under'],
    [0.02 * 2 ** 0.85, 0.85, 'in'],
  ] as const)('%d kg in a window of 10 to 40 g stands at %d: %s', (massKg, r, label) => {
    const result = fit(massKg, [0.01, 0.04]);
    expect(result.r).toBeCloseTo(r, 10);
    expect(result.label).toBe(label);
  });

  it('reads a single printed weight as ±20 %', () => {
    expect(fit(0.024, [0.02, 0.02]).r).toBeCloseTo(
      Math.log(0.024 / (0.02 * Math.sqrt(0.96))) / (Math.log(1.5) / 2),
      10,
    );
  });

  it('bends the rod as rod-bend does under m·a', () => {
    const { tip } = rodBend({ ...rod(), pull: { forceN: 0.03 * 75, angleRad: Math.PI / 2 } });
    expect(fit(0.03).dropShare).toBeCloseTo(tip.yM / 1.86, 9);
    expect(fit(0.03).snapOffMargin).toBeCloseTo(90 / (3 * 0.03 * 75), 12);
  });

  it('has neither label nor disagreement without a printed window', () =>
    expect(fit(0.001)).toMatchObject({ r: null, label: null, disagreement: false, bend: 'does-not-load' }));

  it('says when print and bend lie two steps apart', () => {
    expect(fit(0.025, [0.001, 0.004])).toMatchObject({ label: 'over', bend: 'loads', disagreement: true });
    expect(fit(0.025, [0.024, 0.1]).disagreement).toBe(false);
  });

  it.each([
    [0.0543, 'does-not-load'],
    [0.06, 'light-edge'],
    [0.1, 'loads'],
    [0.2, 'heavy-edge'],
    [0.25, 'too-heavy'],
    [0.3, 'overload'],
  ] as const)('a drop share of %d reads %s', (share, word) => {
    // The mass that bends to the share, by bisection on the drop alone.
    let lo = 1e-4;
    let hi = 0.5;
    for (let i = 0; i < 60; i += 1) {
      const mid = (lo + hi) / 2;
      if (fit(mid).dropShare < share) lo = mid;
      else hi = mid;
    }
    expect(fit(lo).bend).toBe(word);
  });
});

describe('castWindow: the inverse of castFit', () => {
  const mass = fc.double({ min: 0.002, max: 0.12, noNaN: true });
  const rating = fc.option(
    fc.tuple(fc.double({ min: 0.004, max: 0.02, noNaN: true }), fc.double({ min: 0.021, max: 0.1, noNaN: true })),
  );

  it('is sound just where castFit is', () =>
    fc.assert(
      fc.property(mass, rating, fc.double({ min: 5, max: 300, noNaN: true }), (massKg, ratingKg, weakestN) => {
        const window = castWindow({ rod: rod(), ratingKg, style: 'overhead', weakestN });
        const result = fit(massKg, ratingKg, weakestN);
        const sound = result.bend === 'loads' && (result.label ?? 'in') === 'in' && result.snapOffMargin >= 5;
        const near = [window.soundFrom, window.soundTo].some((edge) => Math.abs(massKg / edge - 1) < 1e-4);
        expect(near || sound === (massKg >= window.soundFrom && massKg <= window.soundTo)).toBe(true);
      }),
    ));

  it('orders its limits', () =>
    fc.assert(
      fc.property(rating, (ratingKg) => {
        const window = castWindow({ rod: rod('medium', 'moderate'), ratingKg, style: 'pitch', weakestN: 200 });
        return window.failsBelow <= window.soundFrom && window.soundTo <= window.failsAbove;
      }),
    ));
});

it('castFit refuses by name', () => {
  expect(() => fit(0)).toThrow(/massKg/);
  expect(() => fit(0.02, [0.03, 0.02])).toThrow(/ratingKg\[1\]/);
  expect(() => fit(0.02, null, -1)).toThrow(/weakestN/);
});
