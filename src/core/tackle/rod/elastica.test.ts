import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { InputRangeError } from '../../base/guard';
import { solveElastica, traceElastica } from './elastica';

const solve = (loadRatio: number, tipRatio: number, pullAngleRad: number) =>
  solveElastica({ loadRatio, tipRatio, pullAngleRad });
const load = fc.double({ min: 0.01, max: 25, noNaN: true });
const taper = fc.double({ min: 0.1, max: 1, noNaN: true });
const angle = fc.double({ min: 0.05, max: 3, noNaN: true });

/**
 * An independent slow answer: the rod as a chain of rigid links with springs between, relaxed by sweeping the moment
 * balance from the tip. It shares nothing with the solver but the equations.
 */
function linkedRod(f: number, r: number, a: number, links = 4000) {
  const h = 1 / links;
  const stiffness = Array.from({ length: links }, (_, i) => (1 - (1 - r) * (i * h)) ** 4);
  let lo = 0;
  let hi = a;
  let result = { x: 0, y: 0, root: 0 };
  // Shoot backwards from the tip angle, midpoint rule, and bisect on the angle left at the grip.
  const shoot = (tip: number) => {
    let theta = tip;
    let M = 0;
    let x = 0;
    let y = 0;
    for (let i = links - 1; i >= 0; i -= 1) {
      const EI = (stiffness[i]! + (i + 1 < links ? stiffness[i + 1]! : r ** 4)) / 2;
      const half = theta - ((M / EI) * h) / 2;
      const Mhalf = M + (f * Math.sin(a - theta) * h) / 2;
      x += Math.cos(half) * h;
      y += Math.sin(half) * h;
      theta -= (Mhalf / EI) * h;
      M += f * Math.sin(a - half) * h;
    }
    return { x, y, root: theta };
  };
  for (let i = 0; i < 200; i += 1) {
    const tip = (lo + hi) / 2;
    result = shoot(tip);
    if (result.root > 0) hi = tip;
    else lo = tip;
  }
  return result;
}

describe('solveElastica: reference table', () => {
  // Uniform rod, square pull: Bisshopp and Drucker 1945, table of drops.
  it.each([
    [1, 0.30172],
    [2, 0.49346],
    [3, 0.60325],
    [5, 0.71379],
    [10, 0.81061],
  ])('F·L²/EI = %d drops the tip by %d of its length', (f, drop) =>
    expect(solve(f, 1, Math.PI / 2).tipY).toBeCloseTo(drop, 5),
  );

  it('is the small-deflection beam for a light load', () => {
    const f = 1e-4;
    expect(solve(f, 1, Math.PI / 2).tipY / f).toBeCloseTo(1 / 3, 4);
    expect(solve(f, 1, Math.PI / 2).energy / f ** 2).toBeCloseTo(1 / 6, 4);
  });

  it.each([
    [0.6, 0.2, 1.2],
    [2, 0.36, 2.2],
    [4, 0.5, 0.7],
    [1.5, 0.2, Math.PI / 2],
  ])('agrees with a chain of 4000 links at f=%d r=%d angle=%d', (f, r, a) => {
    const slow = linkedRod(f, r, a);
    const fast = solve(f, r, a);
    expect(Math.abs(fast.tipX - slow.x)).toBeLessThan(5e-4);
    expect(Math.abs(fast.tipY - slow.y)).toBeLessThan(5e-4);
  });
});

describe('solveElastica: physics that must hold for every input', () => {
  it('has moment = force × distance of the tip from the grip, across the pull', () =>
    fc.assert(
      fc.property(load, taper, angle, (f, r, a) => {
        const e = solve(f, r, a);
        expect(e.leverArm).toBeCloseTo(e.tipX * Math.sin(a) - e.tipY * Math.cos(a), 6);
      }),
    ));

  it('yields more under more load, and the compliance is that slope', () =>
    fc.assert(
      fc.property(load, taper, angle, (f, r, a) => {
        const d = 1e-3 * f;
        const slope = (solve(f + d, r, a).yieldAlong - solve(f - d, r, a).yieldAlong) / (2 * d);
        expect(slope).toBeGreaterThan(0);
        expect(Math.abs(slope - solve(f, r, a).compliance)).toBeLessThan(1e-3 * slope + 1e-8);
      }),
    ));

  it('stores the work that the pull has done', () =>
    fc.assert(
      fc.property(fc.double({ min: 0.2, max: 6, noNaN: true }), taper, angle, (f, r, a) => {
        const n = 400;
        let work = 0;
        for (let i = 0; i < n; i += 1)
          work +=
            (((i + 0.5) * f) / n) * (solve(((i + 1) * f) / n, r, a).yieldAlong - solve((i * f) / n, r, a).yieldAlong);
        const { energy } = solve(f, r, a);
        expect(Math.abs(work - energy)).toBeLessThan(2e-3 * energy + 1e-7);
      }),
      { numRuns: 12 },
    ));

  it('bends toward the pull and never past it', () =>
    fc.assert(
      fc.property(load, taper, angle, (f, r, a) => {
        const { tipAngleRad } = solve(f, r, a);
        return tipAngleRad > 0 && tipAngleRad <= a; // equal only where what is left is below a double's last digit
      }),
    ));

  it('gives the same from a neighbour as from nothing', () =>
    fc.assert(
      fc.property(load, taper, angle, (f, r, a) => {
        const near = solve(f * 1.3, r, Math.min(3, a * 1.1));
        expect(solveElastica({ loadRatio: f, tipRatio: r, pullAngleRad: a }, near.start).tipY).toBeCloseTo(
          solve(f, r, a).tipY,
          7,
        );
      }),
    ));
});

describe('solveElastica: effort', () => {
  it('keeps its node count in proportion to the stiffness of the problem', () => {
    const nodes = (f: number, r: number) =>
      traceElastica({ loadRatio: f, tipRatio: r, pullAngleRad: 1 }, solve(f, r, 1).start).u.length;
    expect(nodes(1, 1)).toBe(25);
    expect(nodes(400, 0.2)).toBeLessThan(300);
  });

  it('solves the hardest corner it admits', () => expect(solve(2000, 0.05, 3).tipAngleRad).toBeCloseTo(3, 6));
});

it('names the field it rejects', () => {
  expect(() => solve(Number.NaN, 1, 1)).toThrow(InputRangeError);
  expect(() => solve(1, 0, 1)).toThrow(/tipRatio/);
  expect(() => solve(1, 1, Math.PI)).toThrow(/pullAngleRad/);
  expect(() => solve(2001, 1, 1)).toThrow(/loadRatio/);
});
