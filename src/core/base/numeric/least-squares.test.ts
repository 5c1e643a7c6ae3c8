import fc from 'fast-check';
import { expect, it } from 'vitest';
import { leastSquares } from './least-squares';

const wide = (n: number) => ({ min: Array.from({ length: n }, () => -1e6), max: Array.from({ length: n }, () => 1e6) });
const XS = [0, 1, 2, 3, 4];

it('fits a straight line as the closed form does, with its spreads', () => {
  const ys = [1.1, 2.9, 5.2, 6.8, 9.1];
  const fit = leastSquares({
    field: 'readings',
    observed: ys,
    sd: XS.map(() => 0.2),
    model: ([a, b]) => XS.map((x) => a! + b! * x),
    start: [0, 1],
    ...wide(2),
  });
  const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / values.length;
  const sxx = XS.reduce((sum, x) => sum + (x - 2) ** 2, 0);
  const b = XS.reduce((sum, x, i) => sum + (x - 2) * (ys[i]! - mean(ys)), 0) / sxx;
  expect(fit.parameters[1]).toBeCloseTo(b, 8);
  expect(fit.parameters[0]).toBeCloseTo(mean(ys) - 2 * b, 8);
  expect(fit.sd[1]).toBeCloseTo(0.2 / Math.sqrt(sxx), 6);
  expect(fit.sd[0]).toBeCloseTo(0.2 * Math.sqrt(1 / 5 + 4 / sxx), 6);
});

it('takes one reading for one parameter, at the spread of that reading', () => {
  const fit = leastSquares({
    field: 'readings',
    observed: [6],
    sd: [0.3],
    model: ([a]) => [3 * a!],
    start: [1],
    ...wide(1),
  });
  expect(fit.parameters[0]).toBeCloseTo(2, 8);
  expect(fit.sd[0]).toBeCloseTo(0.1, 8);
});

it('grows the spread when readings scatter more than stated, and never shrinks it when they agree by chance', () => {
  const constant = (observed: readonly number[]) =>
    leastSquares({
      field: 'readings',
      observed,
      sd: observed.map(() => 0.1),
      model: ([a]) => observed.map(() => a!),
      start: [1],
      ...wide(1),
    }).sd[0]!;
  expect(constant([2, 2, 2, 2])).toBeCloseTo(0.05, 8);
  expect(constant([1, 3, 1, 3])).toBeCloseTo(Math.sqrt(4 / 3 / 4), 6);
});

it('finds what made the readings, wherever it starts', () =>
  fc.assert(
    fc.property(
      fc.double({ min: -1, max: 1, noNaN: true }),
      fc.double({ min: -0.5, max: 0.5, noNaN: true }),
      (a, b) => {
        const model = ([p, q]: readonly number[]) => XS.map((x) => Math.exp(p! + q! * x));
        const fit = leastSquares({
          field: 'readings',
          observed: model([a, b]),
          sd: XS.map(() => 0.01),
          model,
          start: [0.2, 0.1],
          ...wide(2),
        });
        expect(fit.parameters[0]).toBeCloseTo(a, 5);
        expect(fit.parameters[1]).toBeCloseTo(b, 5);
        expect(fit.iterations).toBeLessThanOrEqual(40);
      },
    ),
  ));

it('says so when the readings tell nothing of a parameter', () => {
  const fit = leastSquares({
    field: 'readings',
    observed: [1, 2],
    sd: [0.1, 0.1],
    model: ([a]) => [a!, 2 * a!],
    start: [0.5, 1],
    ...wide(2),
  });
  expect(fit.sd).toEqual([Infinity, Infinity]);
});

it('stays inside its bounds', () => {
  const fit = leastSquares({
    field: 'readings',
    observed: [9],
    sd: [1],
    model: ([a]) => [a!],
    start: [1],
    min: [0],
    max: [2],
  });
  expect(fit.parameters[0]).toBe(2);
});
