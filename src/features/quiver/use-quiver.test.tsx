import { beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import { loadMixedInteger } from '@/core/base/numeric';
import { demoParts } from '@/db/demo';
import { setupIdSchema } from '@/domain/ids';
import { classRods } from '@/domain/quiver/class-rods';
import type { QuiverPage } from '@/server/queries/quiver-page';
import { AskedPool } from '../../../tests/helpers/asked-pool';
import { demoFiles } from '../../../tests/helpers/demo';
import { doing, inAPage } from '../../../tests/helpers/in-a-page';
import { useQuiver } from './use-quiver';

const here = { pool: new AskedPool() };
vi.mock('@/workers/browser-pool', () => ({ browserPool: () => here.pool }));
beforeAll(() => loadMixedInteger());
beforeEach(() => {
  here.pool = new AskedPool();
});

const setups = demoFiles
  .filter(({ newest }) => newest)
  .map(({ id, file }) => ({ id: setupIdSchema.parse(id), name: file.name, number: 1, file }));
const cast = setups.filter(({ file }) => file.presentation.kind === 'cast').slice(0, 4);
const towed = setups.filter(({ file }) => file.presentation.kind === 'towed').slice(0, 2);
const toBuy = { cast: classRods(['cast', 'spin']).slice(0, 6), towed: classRods(['trolling', 'boat']).slice(0, 6) };
const page: QuiverPage = {
  setups: [...cast, ...towed],
  box: demoParts,
  lures: [],
  toBuy,
  decks: [],
  broken: [],
  brokenDecks: [],
};
const quiver = (given: Partial<QuiverPage> = {}) => {
  const own = { ...page, ...given };
  return inAPage(() => useQuiver(own));
};
const soon = () => doing(() => new Promise((resume) => setTimeout(resume, 5)));
/** Answers every question until none is left. */
async function answered(): Promise<void> {
  const done = new Set<unknown>();
  for (;;) {
    await soon();
    const next = here.pool.asked.find((each) => !done.has(each) && !each.isGivenUp());
    if (!next) return;
    done.add(next);
    await doing(() => next.answer());
  }
}

describe('the table', () => {
  it('is made for casting or trolling, as chosen; who only trolls begins with that', async () => {
    expect(quiver().result.current).toMatchObject({ work: 'cast' });
    const { result } = quiver({ setups: towed });
    expect(result.current).toMatchObject({ work: 'towed', scoring: true, table: null });
    await answered();
    expect(result.current.table).toHaveLength(2);
    expect(result.current.scoring).toBe(false);
  });

  it('serves each job by the rods that reach the floor, and names holes', async () => {
    const { result } = quiver();
    await answered();
    expect(result.current.served).toHaveLength(cast.length);
    const holes = result.current.holes.length;
    await doing(() => result.current.setFloor(0));
    await answered();
    expect(result.current.holes).toEqual([]);
    expect(result.current.served.every(({ by }) => by.length === result.current.rods.length)).toBe(true);
    await doing(() => result.current.setFloor(1.01));
    await answered();
    expect(result.current.holes.length).toBeGreaterThanOrEqual(holes);
    expect(result.current.holes).toHaveLength(cast.length);
  });

  it('leaves a job out without asking anew, and puts it back', async () => {
    const { result } = quiver();
    await answered();
    const asked = here.pool.kinds().filter((kind) => kind === 'rod-scores').length;
    await doing(() => result.current.setFloor(0));
    await doing(() => result.current.leaveOut(cast[0]!.id));
    expect([result.current.presented.length, result.current.leftOut]).toEqual([cast.length - 1, 1]);
    await doing(() => result.current.putBack());
    await answered();
    expect(result.current.presented).toHaveLength(cast.length);
    expect(here.pool.kinds().filter((kind) => kind === 'rod-scores').length - asked).toBeLessThanOrEqual(1);
  });

  it('that takes long can be stopped and gone on with', async () => {
    const { result } = quiver();
    await soon();
    await doing(() => result.current.stop());
    expect([result.current.isStopped, here.pool.asked[0]!.isGivenUp()]).toEqual([true, true]);
    await doing(() => result.current.goOn());
    await answered();
    expect(result.current.table).toHaveLength(cast.length);
  });
});

describe('the choice of rods', () => {
  const chosen = (state: ReturnType<typeof useQuiver>) => state.answer?.rods ?? [];

  it('the fewest: all that can be served are, and no rod can be spared', async () => {
    const { result } = quiver();
    await doing(() => result.current.setFloor(0.5));
    await answered();
    const { served } = result.current;
    const canBe = served.filter(({ by }) => by.length > 0);
    expect(canBe.every(({ by }) => by.some((r) => chosen(result.current).includes(r)))).toBe(true);
    for (const r of chosen(result.current)) {
      const rest = chosen(result.current).filter((each) => each !== r);
      expect(canBe.every(({ by }) => by.some((other) => rest.includes(other)))).toBe(false);
    }
  });

  it('the best of so many: no more than asked, those that must come among them', async () => {
    const { result } = quiver();
    await doing(() => result.current.setAsk({ kind: 'best', k: 2 }));
    await answered();
    expect(chosen(result.current).length).toBeGreaterThan(0);
    expect(chosen(result.current).length).toBeLessThanOrEqual(2);
    const spare = result.current.rods.findIndex((_, r) => !chosen(result.current).includes(r));
    await doing(() => result.current.cycle(result.current.rods[spare]!.id));
    await answered();
    expect(chosen(result.current)).toContain(spare);
    expect(chosen(result.current).length).toBeLessThanOrEqual(2);
  });

  it('a rod that must stay at home is never chosen', async () => {
    const { result } = quiver();
    await doing(() => result.current.setAsk({ kind: 'best', k: 1 }));
    await answered();
    const [best] = chosen(result.current);
    const { id } = result.current.rods[best!]!;
    await doing(() => result.current.cycle(id));
    await doing(() => result.current.cycle(id));
    expect(result.current.marks[id]).toBe('out');
    await answered();
    expect(chosen(result.current)).not.toContain(best);
    await doing(() => result.current.cycle(id));
    expect(result.current.marks[id]).toBeUndefined();
  });

  it('a purchase keeps to what may be spent', async () => {
    const { result } = quiver();
    await doing(() => result.current.setAsk({ kind: 'buy', budget: 0 }));
    await answered();
    const owned = result.current.rods.length;
    expect(chosen(result.current).every((r) => r < owned)).toBe(true);
    await doing(() => result.current.setAsk({ kind: 'buy', budget: 1e6 }));
    await answered();
    const bought = chosen(result.current).filter((r) => r >= owned);
    expect(bought.reduce((sum, r) => sum + result.current.candidates[r - owned]!.price, 0)).toBeLessThanOrEqual(1e6);
  });
});

it('a Box without rods asks nothing and chooses none', async () => {
  const { result } = quiver({ box: demoParts.filter(({ kind }) => kind !== 'rod') });
  await answered();
  expect(here.pool.asked).toEqual([]);
  expect(result.current).toMatchObject({ table: null, answer: null, scoring: false });
});
