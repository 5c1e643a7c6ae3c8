import { describe, expect, it } from 'vitest';
import { chainProblems } from './chain-rules';
import { newJoint } from './new-joint';
import { partIdSchema } from './ids';
import { RIG_IDS, rigPattern } from './rigs';
import type { Joint } from './joint';

const chain = (...kinds: Joint['kind'][]) => kinds.map((kind, i) => ({ id: `${kind}-${i}`, kind }));
const codes = (...kinds: Joint['kind'][]) => chainProblems(chain(...kinds)).map(({ at, code }) => `${at} ${code}`);

describe('chainProblems', () => {
  it('has none for every built-in rig', () => {
    for (const rig of RIG_IDS)
      expect(chainProblems(rigPattern(rig).slots.map(({ id, seed }) => ({ id, kind: seed.kind })))).toEqual([]);
  });
  it.each([
    [['rod', 'reel', 'line', 'knot', 'hook'], []],
    [
      ['reel', 'rod', 'line', 'hook'],
      ['0 head', '1 head'],
    ],
    [['rod', 'reel', 'line', 'line', 'hook'], ['3 head']],
    [['rod', 'reel', 'line', 'knot'], ['4 no-hook']],
    [['rod', 'reel', 'line', 'knot', 'bait', 'hook'], ['4 needs-hook']],
    [['rod', 'reel', 'line', 'hook', 'knot', 'bait'], ['5 needs-hook']],
    [['rod', 'reel', 'line', 'skirt', 'hook'], ['3 needs-something']],
    [['rod', 'reel', 'line', 'weight', 'skirt', 'hook'], []],
    [['rod', 'reel', 'line', 'lure', 'hardware', 'hook'], []],
    [
      ['rod', 'reel', 'line', 'stinger'],
      ['3 needs-hook', '4 no-hook'],
    ],
    [['rod', 'reel', 'line', 'jig-head', 'bait', 'stinger', 'hardware'], []],
  ] as const)('%j: %j', (kinds, expected) => expect(codes(...kinds)).toEqual(expected));
  it('refuses a leg that starts nowhere, at the head or at itself', () => {
    const legged = (from: string) =>
      chainProblems(
        chain('rod', 'reel', 'line', 'hardware', 'leader', 'hook').map((joint) =>
          joint.kind === 'leader' ? { ...joint, from } : joint,
        ),
      ).map(({ code }) => code);
    expect(['hardware-3', 'gone', 'line-2', 'leader-4', 'hook-5'].map(legged)).toEqual([
      [],
      ['leg'],
      ['leg'],
      ['leg'],
      ['leg'],
    ]);
  });
  it('finds two of one id', () =>
    expect(chainProblems([...chain('rod', 'reel', 'line', 'hook'), { id: 'hook-3', kind: 'bait' }])).toMatchObject([
      { at: 4, field: 'id', code: 'twice' },
    ]));
});

it('makes a joint of a kind as it usually is, under a free id', () => {
  const partId = partIdSchema.parse('p');
  expect(newJoint('leader', partId, [])).toEqual({ id: 'leader', partId, kind: 'leader', lengthM: 0.5 });
  expect(newJoint('knot', partId, [{ id: 'knot' }, { id: 'knot-2' }]).id).toBe('knot-3');
});
