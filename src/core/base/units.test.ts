import { expect, it } from 'vitest';
import { SI_PER_UNIT } from './units';

// Exact by definition: NIST SP 811, appendix B.
it.each([
  ['deg', 180, Math.PI],
  ['ft', 1, 12 * 0.0254],
  ['yd', 1, 0.9144],
  ['lb', 1, 16 * 0.028349523125],
  ['lbf', 1, 0.45359237 * 9.80665],
  ['kgf·m', 1, 9.80665],
  ['ft·lbf', 1, 0.3048 * 4.4482216152605],
  ['kn', 3600, 1852],
  ['km/h', 3.6, 1],
  ['mph', 3600, 1609.344],
] as const)('%s: %d of it is %d in SI', (unit, count, si) => expect(count * SI_PER_UNIT[unit]).toBeCloseTo(si, 12));
