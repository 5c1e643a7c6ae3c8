import { expect, it } from 'vitest';
import { demoSetupsOfBench, demoParts } from '@/db/demo';
import { withOwnIds } from './own-ids';

it('gives every part an id of its own, knots their pattern’s, and the chain follows', () => {
  const { chain } = demoSetupsOfBench[0]!.revisions.at(-1)!;
  const parts = demoParts.filter(({ id }) => chain.some(({ partId }) => partId === id));
  const own = withOwnIds({ parts, chain });
  expect(own.chain.map(({ id, kind }) => [id, kind])).toEqual(chain.map(({ id, kind }) => [id, kind]));
  for (const { partId } of own.chain) expect(own.parts.some(({ id }) => id === partId)).toBe(true);
  for (const part of own.parts)
    expect(part.id).toMatch(part.kind === 'knot' ? new RegExp(`^knot-${part.pattern}$`) : /^part-[0-9a-f-]{36}$/);
  expect(new Set(own.parts.map(({ id }) => id)).size).toBe(own.parts.length);
});
