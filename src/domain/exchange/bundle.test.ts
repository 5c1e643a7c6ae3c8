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

describe('setups of a bundle', () => {
  const setup = (craftId: string | null) =>
    ({
      id: 's',
      name: 'S',
      chain: [{ partId: 'theirs' }, { partId: 'other' }],
      presentation: { craftId, fishKg: 2 },
    }) as unknown as Bundle['setups'][0];
  const moved = (craftId: string | null) =>
    setupsWith(
      { setups: [setup(craftId)] } as unknown as Bundle,
      { idOf: new Map([['theirs', rod.id]] as never), fresh: [] },
      new Map([['skiff', 'skiff-2']]),
    )[0]!;
  it('name parts as the Box does', () => {
    expect(moved(null).chain.map(({ partId }) => partId)).toEqual([rod.id, 'other']);
  });
  it('stand on the boat that came along, and on none of another bench', () => {
    expect(['skiff', 'dunlin', null].map((craftId) => moved(craftId).presentation)).toEqual([
      { craftId: 'skiff-2', fishKg: 2 },
      { craftId: null, fishKg: 2 },
      { craftId: null, fishKg: 2 },
    ]);
  });
});

describe('boats of a bundle', () => {
  const boat = (id: string, name: string) => ({ id, name }) as never;
  it('that are there are those', () =>
    expect(matchCrafts([boat('skiff', 'Skiff')], [boat('ours', 'Skiff')], 20)).toEqual({
      idOf: new Map([['skiff', 'ours']]),
      fresh: [],
    }));
  it('whose id another has get one that is free', () =>
    expect(matchCrafts([boat('skiff', 'Skiff')], [boat('skiff', 'Other')], 20).fresh).toEqual([
      boat('skiff-2', 'Skiff'),
    ]));
  it('come as long as there is room; nothing stands on those that do not', () => {
    const { idOf, fresh } = matchCrafts(
      [boat('a', 'A'), boat('b', 'B'), boat('c', 'Held')],
      [boat('x', 'X'), boat('held', 'Held')],
      3,
    );
    expect(fresh).toEqual([boat('a', 'A')]);
    expect([...idOf]).toEqual([
      ['a', 'a'],
      ['c', 'held'],
    ]);
  });
});
