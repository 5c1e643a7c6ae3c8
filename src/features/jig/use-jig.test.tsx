import { beforeEach, describe, expect, it, vi } from 'vitest';
import { cutOf, headStanding, type Flat } from '@/core/make';
import { AskedPool } from '../../../tests/helpers/asked-pool';
import { doing, inAPage, waitFor } from '../../../tests/helpers/in-a-page';
import { BY_HAND, SAMPLE } from './sample';
import { useJig } from './use-jig';

const here = { pool: new AskedPool() };
vi.mock('@/workers/browser-pool', () => ({ browserPool: () => here.pool }));
beforeEach(() => {
  here.pool = new AskedPool();
});
const jig = () => inAPage(() => useJig());
const asked = (kind: 'drops' | 'best-cut') => waitFor(() => here.pool.last(kind));

describe('a head and its flat', () => {
  it('begins with the flat that was filed by hand, and lands better for it', () => {
    const { result } = jig();
    expect(result.current.head).toBe(SAMPLE);
    expect(result.current.flat).toBe(BY_HAND);
    expect(result.current.before.standing.filedKg).toBe(0);
    expect(result.current.after.standing.filedKg).toBeGreaterThan(0);
    expect(result.current.after.goodShare).toBeGreaterThan(result.current.before.goodShare);
  });

  it('files nothing where the flat has no depth, and goes back to the one by hand', async () => {
    const { result } = jig();
    await doing(() => result.current.unfile());
    expect(result.current.after).toEqual(result.current.before);
    await doing(() => result.current.byHand());
    expect(result.current.flat).toBe(BY_HAND);
    expect(result.current.after).not.toEqual(result.current.before);
  });

  it('lands as the head that is changed does', async () => {
    const { result } = jig();
    const before = result.current.before;
    await doing(() => result.current.change({ headKg: 0.02 }));
    expect(result.current.head).toEqual({ ...SAMPLE, headKg: 0.02 });
    expect(result.current.before).not.toEqual(before);
  });
});

describe('ten thousand drops', () => {
  it('are made when asked, of the filed head on the floor that is told', async () => {
    const { result } = jig();
    expect(here.pool.asked).toEqual([]);
    await doing(() => result.current.setFloor({ lineRad: 0.3, slopeRad: -0.1, softM: 0 }));
    await doing(() => result.current.drop());
    const drops = await asked('drops');
    expect(drops.question).toMatchObject({
      input: { drops: 10_000, slopeRad: 0.1, jig: result.current.after.standing },
    });
    expect(result.current.dropping).toBe(true);
    await doing(() => drops.answer());
    expect(result.current.dropping).toBe(false);
    expect(result.current.drops).not.toBeNull();
  });

  it('go on with every change once they were asked for, and the ones before are given up', async () => {
    const { result } = jig();
    await doing(() => result.current.drop());
    const first = await asked('drops');
    await doing(() => result.current.setFlat({ ...BY_HAND, depth: 0.2 }));
    const second = await asked('drops');
    expect(first.isGivenUp()).toBe(true);
    expect(second).not.toBe(first);
  });
});

describe('the best flats', () => {
  const filed = (...flats: readonly Flat[]) => ({
    cuts: flats.map((flat) => cutOf(flat, headStanding(SAMPLE).radiiM)),
  });
  const [ONE, OTHER]: readonly Flat[] = [
    { normalRad: -1.5, depth: 0.2 },
    { normalRad: 2.5, depth: 0.1 },
  ];
  const searched = async (given: object) => {
    const { result } = jig();
    await doing(() => result.current.search());
    await doing(async () => (await asked('best-cut')).answer(given));
    return result;
  };

  it('are looked for once, for the head without any flat', async () => {
    const { result } = jig();
    await doing(() => result.current.search());
    expect((await asked('best-cut')).question).toMatchObject({ head: { ...SAMPLE, cuts: [] } });
    expect(result.current.searching).toBe(true);
    await doing(() => result.current.setFlat(ONE!));
    expect(here.pool.kinds()).toEqual(['best-cut']);
  });

  it('are taken over as the flat in hand', async () => {
    const result = await searched({ one: filed(ONE!), two: null });
    expect(result.current.searching).toBe(false);
    await doing(() => result.current.takeOne());
    expect(result.current.flat.normalRad).toBeCloseTo(ONE!.normalRad, 9);
    expect(result.current.flat.depth).toBeCloseTo(ONE!.depth, 9);
    await doing(() => result.current.takeTwo());
    expect(result.current.after.head.cuts).toHaveLength(1);
  });

  it('of two stand both, and moving one by hand lets go of the other', async () => {
    const result = await searched({ one: filed(ONE!), two: filed(ONE!, OTHER!) });
    await doing(() => result.current.takeTwo());
    expect(result.current.after.head.cuts).toHaveLength(2);
    await doing(() => result.current.setFlat(BY_HAND));
    expect(result.current.after.head.cuts).toHaveLength(1);
  });

  it('are those of the head that was asked about, and of no other', async () => {
    const result = await searched({ one: filed(ONE!), two: null });
    expect(result.current.found).not.toBeNull();
    await doing(() => result.current.change({ headKg: 0.03 }));
    expect(result.current.found).toBeNull();
  });

  it('take nothing over where none is better, or nothing was looked for', async () => {
    const { result } = jig();
    await doing(() => result.current.takeOne());
    expect(result.current.flat).toBe(BY_HAND);
    const none = await searched({ one: null, two: null });
    await doing(() => none.current.takeOne());
    expect(none.current.flat).toBe(BY_HAND);
  });
});
