import { beforeEach, describe, expect, it, vi } from 'vitest';
import { setupIdSchema } from '@/domain/ids';
import type { WaterSetup } from '@/server/queries/water-page';
import { AskedPool } from '../../../tests/helpers/asked-pool';
import { demoFile } from '../../../tests/helpers/demo';
import { doing, inAPage } from '../../../tests/helpers/in-a-page';
import { castBandOf, countdownDepths, useWater } from './use-water';

const here = { pool: new AskedPool() };
vi.mock('@/workers/browser-pool', () => ({ browserPool: () => here.pool }));
beforeEach(() => {
  here.pool = new AskedPool();
});

const inWater = (id: string): WaterSetup => ({
  id: setupIdSchema.parse(id),
  name: id,
  number: 1,
  version: 0,
  file: demoFile(id),
});
const copper = inWater('setup-copper-deep');
const minnow = inWater('setup-crimped-minnow');
const wall = inWater('setup-drowned-wall');
const water = (...setups: WaterSetup[]) =>
  inAPage((given: readonly WaterSetup[]) => useWater(given), { props: setups });
const soon = () => doing(() => new Promise((resume) => setTimeout(resume, 5)));
const asked = () => here.pool.asked.map(({ question }) => question);

describe('setups in the picture', () => {
  it('are asked each by its way of fishing: a towed one runs, a cast one falls', async () => {
    const { result } = water(copper, wall);
    await soon();
    expect(here.pool.kinds()).toEqual(['run', 'fall']);
    expect(result.current.lines.map(({ waiting }) => waiting)).toEqual([true, true]);
    await doing(() => here.pool.last('run').answer());
    await doing(() => here.pool.last('fall').answer());
    const [towed, cast] = result.current.lines;
    expect(towed!.run!.running.depthM).toBeGreaterThan(5);
    expect(cast!.fall!.countdowns.length).toBeGreaterThan(0);
    expect(result.current.lines.map(({ waiting, failed }) => [waiting, failed])).toEqual([
      [false, false],
      [false, false],
    ]);
  });

  it('are at most four', async () => {
    const { result } = water(copper, minnow, wall, inWater('setup-char-flasher'), inWater('setup-feather'));
    expect(result.current.lines.map(({ id }) => id)).toEqual(
      [copper, minnow, wall, { id: 'setup-char-flasher' }].map(({ id }) => id),
    );
  });
});

describe('a change', () => {
  it('of one line has only that one solved again', async () => {
    const { result } = water(copper, minnow);
    await soon();
    for (const each of [...here.pool.asked]) await doing(() => each.answer());
    const before = asked().length;
    await doing(() => result.current.dispatch({ kind: 'own', id: copper.id, change: { lineM: 90 } }));
    await soon();
    expect(asked()).toHaveLength(before + 1);
    expect(asked().at(-1)).toMatchObject({ kind: 'run', setup: { presentation: { lineOutM: 90 } } });
    expect(result.current.changed).toBe(true);
    expect(result.current.lines[1]!.waiting).toBe(false);
  });

  it('of the water has all of them solved again; the last answers stay meanwhile', async () => {
    const { result } = water(copper, minnow);
    await soon();
    for (const each of [...here.pool.asked]) await doing(() => each.answer());
    const depth = result.current.lines[0]!.run!.running.depthM;
    await doing(() => result.current.dispatch({ kind: 'scene', change: { speedMps: 0.5 } }));
    await soon();
    expect(result.current.lines.map(({ waiting }) => waiting)).toEqual([true, true]);
    expect(result.current.lines[0]!.run!.running.depthM).toBe(depth);
    await doing(() =>
      here.pool.asked
        .findLast(({ question }) => question.kind === 'run' && question.setup.chain === copper.file.chain)!
        .answer(),
    );
    expect(result.current.lines[0]!.run!.running.depthM).toBeGreaterThan(depth!);
  });

  it('is taken back as a whole', async () => {
    const { result } = water(copper);
    await doing(() => result.current.dispatch({ kind: 'own', id: copper.id, change: { lineM: 90 } }));
    await doing(() => result.current.dispatch({ kind: 'own', id: copper.id, change: { massKg: 1 } }));
    expect(result.current.scene.own).toEqual({ [copper.id]: { lineM: 90, massKg: 1 } });
    await doing(() => result.current.dispatch({ kind: 'put-back' }));
    expect([result.current.changed, result.current.scene.own]).toEqual([false, {}]);
  });

  it('stays while the server sends the same setups again, and goes where one of them is another now', async () => {
    const { result, rerender } = water(copper);
    await doing(() => result.current.dispatch({ kind: 'own', id: copper.id, change: { lineM: 90 } }));
    rerender([structuredClone(copper)]);
    expect(result.current.changed).toBe(true);
    rerender([{ ...copper, number: 2 }]);
    expect(result.current.changed).toBe(false);
  });
});

it('a line that cannot be solved says so, and costs the others nothing', async () => {
  const { result } = water(copper, minnow);
  await soon();
  await doing(() => here.pool.asked[0]!.refuse('outside-limits'));
  await doing(() => here.pool.asked[1]!.answer());
  expect(result.current.lines.map(({ failed }) => failed)).toEqual([true, false]);
  expect(result.current.lines[1]!.run).not.toBeNull();
});

describe('a countdown', () => {
  it.each([
    [2, 0.5],
    [9, 1],
    [24, 2],
    [60, 5],
  ])('to %d m goes by steps of %d m, beyond what is wanted, and has that depth itself', (depthM, step) => {
    const depths = countdownDepths(depthM, { inUnit: (value) => value });
    expect(depths[0]).toBeCloseTo(Math.min(step, depthM), 9);
    expect(depths).toContain(depthM);
    expect(depths.at(-1)!).toBeGreaterThanOrEqual(1.5 * depthM - 1e-9);
    expect(depths).toEqual([...new Set(depths)].sort((a, b) => a - b));
  });
  it('goes by round feet where feet are shown, without one that is next to what is wanted', () => {
    const depths = countdownDepths(3, { inUnit: (value) => value / 0.3048 });
    expect(depths.map((depthM) => Number((depthM / 0.3048).toFixed(1)))).toEqual([2, 4, 6, 8, 9.8, 12, 14, 16]);
  });
  it('has a band around what is wanted', () => {
    const { fromM, toM } = castBandOf(6);
    expect([fromM, toM]).toEqual([4, 8]);
  });
});
