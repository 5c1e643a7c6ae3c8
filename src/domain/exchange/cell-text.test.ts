import fc from 'fast-check';
import { expect, it } from 'vitest';
import { plainCell, quotedCell } from './cell-text';

it.each(['=1+1', '+49 oz', '-dull', '@home', '\tcmd', "'=x"])('%j is no formula in a table', (text) => {
  expect(quotedCell(text)).toBe(`'${text}`);
});

it('leaves ordinary words and apostrophes alone', () => {
  expect(['7\'2" rod', "'tis", '3/0', ''].map(quotedCell)).toEqual(['7\'2" rod', "'tis", '3/0', '']);
});

it('comes back as it was', () => fc.assert(fc.property(fc.string(), (text) => plainCell(quotedCell(text)) === text)));
