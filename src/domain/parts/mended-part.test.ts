import fc from 'fast-check';
import { expect, it } from 'vitest';
import { PART_KINDS, partSchema } from './index';
import { mendedPart } from './mended-part';

it.each(PART_KINDS)('a %s is made of any rubbish that stands there', (kind) =>
  fc.assert(
    fc.property(fc.jsonValue(), (stored) => {
      const result = mendedPart('a-part', kind, stored);
      return result.ok && partSchema.safeParse(result.data).success && result.data.kind === kind;
    }),
    { numRuns: 20 },
  ),
);

it('keeps what can stand', () => {
  const result = mendedPart('w', 'weight', { version: 1, data: { words: 'the old ones', massKg: 3, shape: 'ball?' } });
  expect(result).toMatchObject({ ok: true, data: { id: 'w', words: 'the old ones', massKg: { provenance: 'class' } } });
});

it('says what kinds there are where the kind is none', () => {
  expect(mendedPart('x', 'anchor', {})).toMatchObject({ ok: false, problems: [{ path: 'kind', given: 'anchor' }] });
});
