import { describe, expect, it } from 'vitest';
import { idKey, makesAddress } from './ids';
import { outsideProblems } from './problems';

const nested = (depth: number): unknown => (depth === 0 ? 1 : [nested(depth - 1)]);

describe('what comes from outside', () => {
  it.each([
    ['half a surrogate pair', { a: { b: ['x', 'y\udfff'] } }, 'a.b[1]'],
    ['a zero byte', { a: 'x\0' }, 'a'],
    ['a name that means something', JSON.parse('{"a":{"__proto__":{"b":1}}}'), 'a.?'],
  ])('is refused with %s, at its path', (_, input, path) =>
    expect(outsideProblems(input).map((problem) => problem.path)).toEqual([path]),
  );
  it('may nest as deep as anything sensible does, and no deeper', () => {
    expect(outsideProblems(nested(31))).toEqual([]);
    expect(outsideProblems(nested(60))).toHaveLength(1);
  });
  it('is left alone otherwise', () => expect(outsideProblems({ a: ['é', '🎣', 1, null, true] })).toEqual([]));
});

it.each([
  ['rod-heron', true],
  ['crimp-1_6', true],
  ['new', false],
  ['New', false],
  ['a/b?c#d', false],
  ['a b', false],
  ['', false],
  ['..', false],
  ['é', false],
])('the id %j makes an address: %s', (id, makes) => expect(makesAddress(id)).toBe(makes));

it('two ids that differ by case or a space at an end are one to a person', () => {
  expect(idKey(' Hook-3 ')).toBe(idKey('hook-3'));
  expect(idKey('hook-3')).not.toBe(idKey('hook-4'));
});
