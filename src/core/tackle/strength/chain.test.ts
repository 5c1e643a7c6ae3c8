import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { InputRangeError } from '../../base/guard';
import { strengthChain } from './chain';

describe('strengthChain: reference', () => {
  it('finds the knot that is weaker than its line, and what is lost beyond it', () => {
    const chain = strengthChain({
      joints: [
        { name: 'braid', strengthN: 180 },
        { name: 'knot', onLineN: 90, share: 0.8 },
        { name: 'leader', strengthN: 90 },
        { name: 'hook', strengthN: 75 },
      ],
      wanted: 1,
    });
    expect(chain).toMatchObject({
      outcome: 'ok',
      weakest: 'knot',
      weakestIndex: 1,
      leftInWater: ['leader', 'hook'],
      asWanted: true,
    });
    expect(chain.strengthN).toBeCloseTo(72, 12);
  });
  it('breaks nearer the reel in a tie', () =>
    expect(
      strengthChain({
        joints: [
          { name: 'a', strengthN: 5 },
          { name: 'b', strengthN: 5 },
        ],
      }),
    ).toMatchObject({ weakestIndex: 0, asWanted: null }));
});

it('is as strong as its weakest joint and loses what lies beyond', () =>
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: 0.1, max: 1e4, noNaN: true }), { minLength: 1, maxLength: 20 }),
      (strengths) => {
        const chain = strengthChain({ joints: strengths.map((strengthN, i) => ({ name: String(i), strengthN })) });
        expect(chain.strengthN).toBe(Math.min(...strengths));
        expect(chain.weakestIndex).toBe(strengths.indexOf(Math.min(...strengths)));
        expect(chain.leftInWater).toHaveLength(strengths.length - 1 - chain.weakestIndex);
      },
    ),
  ));

it('names what it rejects', () => {
  expect(() => strengthChain({ joints: [] })).toThrow(InputRangeError);
  expect(() => strengthChain({ joints: [{ name: 'a', onLineN: 5, share: 1.2 }] })).toThrow(/joints\[0\].share/);
  expect(() => strengthChain({ joints: [{ name: 'a', strengthN: 5 }], wanted: 1 })).toThrow(/wanted/);
});
