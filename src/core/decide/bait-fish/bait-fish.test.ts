import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoParts } from '@/db/demo';
import { hookStep, type RodPart } from '../../tackle';
import { DEFAULT_CLASSES } from '../../tackle/defaults/classes';
import { rodHoldsN } from '../../rig';
import { baitFish, type BaitFishInput } from './bait-fish';

const rods = demoParts.filter((part) => part.kind === 'rod') as readonly RodPart[];
const ask: BaitFishInput = { baitsM: [0.1], fishKg: [3], cover: 'open', mouth: 'firm', rods };
const one = (change: Partial<BaitFishInput> = {}) => baitFish({ ...ask, ...change })[0]!;
const baitM = fc.double({ min: 0.03, max: 0.28, noNaN: true });
const fishKg = fc.double({ min: 0.2, max: 60, noNaN: true });

describe('hook by bait', () => {
  // A live bait of a hand's length goes on a 1/0 or 2/0, one of a foot on a hook of 8/0 to 10/0, a minnow on a 6 or an 8.
  it.each([
    [0.1, ['1/0', '2/0']],
    [0.25, ['8/0', '9/0', '10/0']],
    [0.05, ['8', '6', '4']],
  ])('of %d m', (length, sizes) => expect(sizes).toContain(one({ baitsM: [length] }).hook!.size));
  it('grows with the bait', () =>
    fc.assert(
      fc.property(baitM, fc.double({ min: 1, max: 1.5, noNaN: true }), (length, more) => {
        const [small, large] = baitFish({ ...ask, baitsM: [length, Math.min(0.28, length * more)] });
        expect(hookStep(large!.hook!.size)!).toBeGreaterThanOrEqual(hookStep(small!.hook!.size)!);
      }),
    ));
  it('is none where no such hook is made', () =>
    expect(one({ baitsM: [0.6] })).toMatchObject({ hook: null, rodId: null }));
});

describe('leader and drag', () => {
  it('hold the share of the fish that its cover asks, after knots and teeth', () => {
    const inWeed = one({ cover: 'dense', fishKg: [5] });
    expect(inWeed.leaderN).toBeCloseTo((5 * 9.80665) / 0.56, 9);
    expect(one({ cover: 'sparse', fishKg: [5] }).leaderN).toBeCloseTo(inWeed.leaderN / 2, 9);
  });
  it('let the hook be buried below half of what the leader holds', () =>
    fc.assert(
      fc.property(baitM, fishKg, (length, mass) => {
        const { dragN, leaderN } = one({ baitsM: [length], fishKg: [mass] });
        expect(dragN[1]).toBeLessThanOrEqual((leaderN * 0.56) / 1.8 + 1e-9);
        expect(dragN[0]).toBeGreaterThan(0);
      }),
    ));
  it('ask for stouter wire for a heavier fish in the weed', () =>
    expect(one({ cover: 'dense', fishKg: [20] }).dragN[1]).toBeGreaterThan(one({ cover: 'dense' }).dragN[1]));
});

describe('the rod', () => {
  const holds = (id: string | null) =>
    rodHoldsN(
      rods.find((rod) => rod.id === id)!,
      DEFAULT_CLASSES,
    );
  it('is the softest that is strong enough for the drag', () => {
    const { rodId, dragN } = one();
    expect(holds(rodId)).toBeGreaterThanOrEqual(dragN[1]);
    const softer = rods.filter((rod) => rodHoldsN(rod, DEFAULT_CLASSES) < holds(rodId));
    for (const rod of softer) expect(rodHoldsN(rod, DEFAULT_CLASSES)).toBeLessThan(dragN[1]);
  });
  it('is none where none is there', () => expect(one({ rods: [] }).rodId).toBeNull());
});

it('goes through every bait and every fish, row by row', () =>
  expect(
    baitFish({ ...ask, baitsM: [0.08, 0.12], fishKg: [1, 2, 4] }).map((each) => [each.baitM, each.fishKg]),
  ).toEqual([
    [0.08, 1],
    [0.08, 2],
    [0.08, 4],
    [0.12, 1],
    [0.12, 2],
    [0.12, 4],
  ]));

it.each([
  [{ baitsM: [0] }, 'baitsM[0]'],
  [{ fishKg: [1, -1] }, 'fishKg[1]'],
])('refuses %j', (change, field) => expect(() => one(change)).toThrow(field));
