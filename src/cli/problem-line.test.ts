import { describe, expect, it } from 'vitest';
import { MODELS } from './models';
import { problemLine } from './problem-line';

describe('a problem on one line', () => {
  it.each([
    [{ kind: 'at-least', bound: 0, of: 'number' }, -1, 'x: given -1, allowed at least 0'],
    [{ kind: 'at-most', bound: 40, of: 'items' }, [], 'x: given [], allowed at most 40 items'],
    [{ kind: 'above', bound: 2, of: 'number' }, 2, 'x: given 2, allowed more than 2'],
    [{ kind: 'below', bound: 2, of: 'number' }, 2, 'x: given 2, allowed less than 2'],
    [{ kind: 'type', type: 'number' }, 'ten', 'x: given "ten", allowed a value of type number'],
    [{ kind: 'one-of', options: ['a', 'b'] }, 'c', 'x: given "c", allowed one of a, b'],
    [{ kind: 'no-such-field' }, 1, 'x: given 1, allowed no field of this name'],
    [{ kind: 'format', format: 'date' }, 'today', 'x: given "today", allowed the format date'],
    [{ kind: 'rule', rule: 'a hook somewhere' }, undefined, 'x: given nothing, allowed a hook somewhere'],
  ] as const)('%o', (allowed, given, line) => expect(problemLine({ path: 'x', given, allowed } as never)).toBe(line));

  it('cuts what is long', () => {
    const line = problemLine({ path: 'x', given: 'a'.repeat(500), allowed: { kind: 'no-such-field' } });
    expect(line.length).toBeLessThan(130);
    expect(line).toContain('...');
  });

  it.each(MODELS.map((model) => [model.name, model] as const))(
    '%s: nothing at all is told, field by field',
    (_, model) => {
      for (const input of [{}, null, [], 'text', 7]) {
        const result = model.run(input);
        if (result.ok) throw new Error(`${JSON.stringify(input)} was answered`);
        for (const problem of result.problems) expect(problemLine(problem)).toMatch(/^.+: given .+, allowed .+$/);
      }
      const unknown = model.run({ 'no such field': 1 });
      if (unknown.ok) throw new Error('a field that there is none of was taken');
      // Which fields there are is known once it is said which of several kinds it is.
      const kinds = unknown.problems.map(({ allowed }) => allowed.kind);
      expect(kinds.includes('no-such-field') || kinds.join() === 'one-of', kinds.join()).toBe(true);
    },
  );
});
