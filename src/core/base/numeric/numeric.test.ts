import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { findRoot } from './find-root';
import { eventIn, hermite, integrate } from './integrate';

describe('findRoot', () => {
  it.each([
    ['a cubic', (x: number) => x ** 3 - 2, 0, 2, Math.cbrt(2)],
    ['a steep exponential', (x: number) => Math.exp(x) - 1e6, 0, 50, Math.log(1e6)],
    ['a step-like curve', (x: number) => Math.atan(1e4 * (x - 0.3)), -5, 5, 0.3],
  ])('finds the root of %s', (_name, f, lo, hi, root) =>
    expect(findRoot(f, { lo, hi, fLo: f(lo), fHi: f(hi) }, 1e-12)).toBeCloseTo(root, 9),
  );

  it('finds it in few steps, and never outside the bracket', () =>
    fc.assert(
      fc.property(
        fc.double({ min: -0.99, max: 0.99, noNaN: true }),
        fc.double({ min: 0.1, max: 8, noNaN: true }),
        (root, steepness) => {
          let calls = 0;
          const f = (x: number) => {
            calls += 1;
            expect(Math.abs(x)).toBeLessThanOrEqual(1);
            return Math.sinh(steepness * (x - root));
          };
          expect(findRoot(f, { lo: -1, hi: 1, fLo: f(-1), fHi: f(1) }, 1e-10)).toBeCloseTo(root, 8);
          expect(calls).toBeLessThan(30);
        },
      ),
    ));

  it('refuses an interval without a change of sign', () =>
    expect(() => findRoot((x) => x, { lo: 1, hi: 2, fLo: 1, fHi: 2 }, 1e-9)).toThrow(/no sign change/));
});

describe('integrate', () => {
  const oscillator = (tolerance: number) => {
    let end = 0;
    const { steps } = integrate(
      (_t, y, out) => {
        out[0] = y[1]!;
        out[1] = -y[0]!;
      },
      { t: 0, y: [1, 0] },
      { tolerance, scale: 1e-3, firstStep: 0.01, maxSteps: 10_000 },
      (step) => {
        if (step.t1 < 10) return true;
        end = hermite(step, 0, 10);
        return false;
      },
    );
    return { error: Math.abs(end - Math.cos(10)), steps };
  };

  it('follows the oscillator, and a tighter tolerance costs steps and buys digits', () => {
    const loose = oscillator(1e-5);
    const tight = oscillator(1e-9);
    expect(loose.error).toBeLessThan(1e-3);
    expect(tight.error).toBeLessThan(1e-6);
    expect(tight.steps).toBeGreaterThan(2 * loose.steps);
    expect(tight.steps).toBeLessThan(500);
  });

  it('reads a force that changes with time at the right moments', () => {
    let worst = 0;
    const { steps } = integrate(
      (t, y, out) => (out[0] = Math.cos(t) - (y[0]! - Math.sin(t))),
      { t: 0, y: [0] },
      { tolerance: 1e-8, scale: 1, firstStep: 0.1, maxSteps: 1000 },
      (step) => {
        worst = Math.max(worst, Math.abs(step.y1[0]! - Math.sin(step.t1)));
        return step.t1 < 12;
      },
    );
    expect(worst).toBeLessThan(1e-6);
    expect(steps).toBeLessThan(150);
  });

  it('makes an error in one step that falls with the sixth power of it, as a method of fifth order must', () => {
    const after = (h: number) => {
      let y = NaN;
      integrate(
        (t, at, out) => (out[0] = at[0]! * Math.cos(t)),
        { t: 0, y: [1] },
        { tolerance: 1e9, scale: 1, firstStep: h, maxSteps: 1 },
        (step) => {
          y = step.y1[0]!;
          return false;
        },
      );
      return Math.abs(y - Math.exp(Math.sin(h)));
    };
    const orders = [0.4, 0.2].map((h) => Math.log2(after(h) / after(h / 2)));
    for (const order of orders) expect(order).toBeCloseTo(6, 0);
  });

  it('ends where it is told, and finds when something happens inside a step', () => {
    let end = 0;
    const hits: number[] = [];
    integrate(
      (_t, y, out) => {
        out[0] = y[1]!;
        out[1] = -9.81;
      },
      { t: 0, y: [2, 5] },
      { tolerance: 1e-8, scale: 1, firstStep: 0.05, maxSteps: 500, until: 1.6 },
      (step) => {
        end = step.t1;
        const at = eventIn(step, (y) => y(0));
        if (at !== null) hits.push(at);
        return true;
      },
    );
    expect(end).toBe(1.6);
    // Thrown up from two metres at five a second, it comes down at (5 + √(25 + 2·9.81·2))/9.81.
    expect(hits).toHaveLength(1);
    expect(hits[0]!).toBeCloseTo((5 + Math.sqrt(25 + 4 * 9.81)) / 9.81, 9);
  });

  it('stops at its step budget', () => {
    let visits = 0;
    integrate(
      (_t, _y, out) => out.fill(1),
      { t: 0, y: [0] },
      { tolerance: 1e-6, scale: 1, firstStep: 1e-6, maxSteps: 7 },
      () => {
        visits += 1;
        return true;
      },
    );
    expect(visits).toBe(7);
  });
});
