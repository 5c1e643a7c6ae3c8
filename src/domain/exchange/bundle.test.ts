import { describe, expect, it } from 'vitest';
import { demoParts } from '@/db/demo';
import type { Part } from '../parts';
import { withStock } from '../stock';
import { matchCrafts, matchParts, setupsWith, type Bundle } from './bundle';

const [rod, reel] = [demoParts.find(({ kind }) => kind === 'rod')!, demoParts.find(({ kind }) => kind === 'reel')!];
const renamed = (part: Part, id: string): Part => ({ ...part, id: id as Part['id'] });

describe('parts of a bundle', () => {
  it('that the Box has are those, whatever their id and however many are left', () => {
    const { idOf, fresh } = matchParts([renamed(withStock(reel, 1), 'theirs'), rod], [rod, withStock(reel, 9)]);
    expect(fresh).toEqual([]);
    expect([...idOf]).toEqual([
      ['theirs', reel.id],
      [rod.id, rod.id],
    ]);
  });
  it('whose id another part has are given one that is free', () => {
    const { idOf, fresh } = matchParts([renamed(rod, reel.id)], [reel]);
    expect(fresh).toEqual([{ ...rod, id: `${reel.id}-2` }]);
    expect(idOf.get(reel.id)).toBe(`${reel.id}-2`);
  });
  it('twice in one bundle are one part', () => {
    expect(matchParts([rod, renamed(rod, 'twin')], []).fresh).toHaveLength(1);
  });
});

it('setups name parts as the Box does', () => {
  const setup = {
    id: 's',
    name: 'S',
    chain: [{ partId: 'theirs' }, { partId: 'other' }],
  } as unknown as Bundle['setups'][0];
  const [moved] = setupsWith({ setups: [setup] } as unknown as Bundle, {
    idOf: new Map([['theirs', rod.id]] as never),
    fresh: [],
  });
  expect(moved!.chain.map(({ partId }) => partId)).toEqual([rod.id, 'other']);
});

it('a boat that is the same is that one', () => {
  const boat = { id: 'skiff', name: 'Skiff' } as never;
  expect(matchCrafts([boat], [{ id: 'ours', name: 'Skiff' } as never])).toEqual({
    idOf: new Map([['skiff', 'ours']]),
    fresh: [],
  });
  expect(matchCrafts([boat], [{ id: 'skiff', name: 'Other' } as never]).fresh).toEqual([
    { id: 'skiff-2', name: 'Skiff' },
  ]);
});
