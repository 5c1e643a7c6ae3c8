import { describe, expect, it } from 'vitest';
import type { Pens } from './chart';
import { chartAxis } from './chart-axis';

const PENS: Pens = { ink: 'i', dim: 'd', faint: 'f', hi: 'h', sheet: 's', ok: 'o', edge: 'e', bad: 'b' };
const number = (value: number, decimals: number) =>
  new Intl.NumberFormat('es', { maximumFractionDigits: decimals }).format(value);
const labels = (...values: readonly number[]) => {
  const { axisLabel } = chartAxis(PENS, number) as { axisLabel: { formatter: (value: number) => string } };
  return values.map((value) => axisLabel.formatter(value));
};

describe('figures at an axis', () => {
  it.each([
    [
      [2.99, 2.995, 3, 3.005],
      ['2,99', '2,995', '3', '3,005'],
    ],
    [
      [0, 1e-30, 0.0125, 0.1 + 0.2],
      ['0', '0', '0,0125', '0,3'],
    ],
    [
      [-1.5, 6000, 12_500],
      ['-1,5', '6000', '12.500'],
    ],
  ])('of %j are told apart, as the language writes them', (values, written) =>
    expect(labels(...values)).toEqual(written),
  );

  it('have a name only where one is given, and what is given besides stays', () => {
    expect(chartAxis(PENS, number)).not.toHaveProperty('name');
    expect(chartAxis(PENS, number, { name: 'm', inverse: true, axisLabel: { fontSize: 11 } })).toMatchObject({
      name: 'm',
      nameGap: 26,
      inverse: true,
      axisLabel: { fontSize: 11, color: 'd' },
    });
  });
});
