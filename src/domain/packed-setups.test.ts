import { describe, expect, it } from 'vitest';
import { demoFiles } from '../../tests/helpers/demo';
import { setupIdSchema } from './ids';
import { filesById, packedSetups, unpackedSetups, type NamedSetup } from './packed-setups';

const named = demoFiles.map(({ id, file }): NamedSetup => ({ id: setupIdSchema.parse(id), name: file.name, file }));

describe('setups packed for a page', () => {
  it('come out as they went in, with a house and without one', () => {
    const bare = named.slice(0, 2).map((each) => ({ ...each, file: { ...each.file, house: undefined } }));
    for (const setups of [named, bare, []]) expect(unpackedSetups(packedSetups(setups))).toEqual(setups);
  });

  it('hold a part that two of them share once', () => {
    const [first] = named;
    const twice = [first!, { ...named[1]!, file: { ...first!.file } }];
    const [id] = first!.file.parts.map((part) => part.id);
    expect(packedSetups(twice).text.split(`{"id":"${id}"`)).toHaveLength(2);
  });

  it('are packed once, and again when one is called otherwise or was measured anew', () => {
    const before = packedSetups([...named]);
    expect(packedSetups([...named])).toBe(before);
    expect(packedSetups(named.map((each, i) => (i === 3 ? { ...each, name: 'Other' } : each)))).not.toEqual(before);
    expect(packedSetups(named.map((each, i) => (i === 3 ? { ...each, file: { ...each.file } } : each)))).not.toBe(
      before,
    );
  });

  it('are found by id', () => expect(filesById(named.slice(0, 1))[named[0]!.id]).toBe(named[0]!.file));
});
