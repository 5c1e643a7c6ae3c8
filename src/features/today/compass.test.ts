import { expect, it } from 'vitest';
import { COMPASS, pointOf, radOf } from './compass';

it('reads each point back', () => {
  for (const point of COMPASS) expect(pointOf(radOf(point))).toBe(point);
});

it.each([
  [6.2, 'N'],
  [-0.1, 'N'],
  [Math.PI / 2 + 0.3, 'E'],
  [2 * Math.PI, 'N'],
])('%d rad is %s', (rad, point) => expect(pointOf(rad)).toBe(point));
