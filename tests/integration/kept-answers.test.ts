import { afterAll, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Db } from '@/db/client';
import { SCHOOLS } from '@/core/tackle/defaults/schools';
import { loadDemo } from '@/db/load-demo';
import { deleteBench, findBenchState, renewBenchState } from '@/db/repo';
import { transact } from '@/db/transact';
import { anglerIdSchema, benchIdSchema } from '@/domain/ids';
import { unpacked } from '@/domain/packed';
import { asAsker } from '@/server/asker';
import { keptAnswer } from '@/server/kept-answers';
import { person } from '../helpers/crew';
import { aBench, emptyDatabase } from '../helpers/database';
import { here } from '../helpers/here';
import { sent } from '../helpers/sent';

let db: Db;
let close: () => Promise<void>;

beforeAll(async () => {
  ({ db, close } = await emptyDatabase());
});
afterAll(() => close());
beforeEach(async () => {
  here.benchId = await aBench(db);
});

/** Counts how often it is asked. */
function counted<T>(answer: () => T) {
  const ask = vi.fn(async () => answer());
  return ask;
}
const renew = () => transact(db, (tx) => renewBenchState(tx, here.benchId));

describe('an answer that follows from the bench', () => {
  it('is worked out once for each state, also when many ask at once', async () => {
    await renew();
    const ask = counted(() => ({}));
    const kept = () => keptAnswer(here.benchId, ['a'], ask);
    const [one, ...others] = await Promise.all([kept(), kept(), kept(), kept()]);
    for (const other of [...others, await kept()]) expect(other).toBe(one);
    expect(ask).toHaveBeenCalledTimes(1);
    await renew();
    expect(await kept()).not.toBe(one);
    expect(ask).toHaveBeenCalledTimes(2);
  });
  it('is another one for another question, bench or angler', async () => {
    await renew();
    const first = here.benchId;
    const other = await aBench(db);
    await transact(db, (tx) => renewBenchState(tx, other));
    const ask = counted(() => ({}));
    const answers = [
      await keptAnswer(first, ['a'], ask),
      await keptAnswer(first, ['a', 'b'], ask),
      await keptAnswer(other, ['a'], ask),
      await asAsker(anglerIdSchema.parse('angler-2'), () => keptAnswer(first, ['a'], ask)),
    ];
    expect(new Set(answers).size).toBe(4);
  });
  it('that failed is asked for again', async () => {
    await renew();
    const ask = vi.fn<() => Promise<string>>().mockRejectedValueOnce(new Error('away')).mockResolvedValue('there');
    await expect(keptAnswer(here.benchId, ['a'], ask)).rejects.toThrow('away');
    expect(await keptAnswer(here.benchId, ['a'], ask)).toBe('there');
  });
  it('is asked for each time on a bench that nothing was ever changed on', async () => {
    const ask = counted(() => ({}));
    await keptAnswer(here.benchId, ['a'], ask);
    await keptAnswer(here.benchId, ['a'], ask);
    expect(ask).toHaveBeenCalledTimes(2);
  });
  it('does not grow without end', async () => {
    await renew();
    const ask = counted(() => ({}));
    for (let i = 0; i < 201; i += 1) await keptAnswer(here.benchId, [i], ask);
    await keptAnswer(here.benchId, [0], ask);
    expect(ask).toHaveBeenCalledTimes(202);
  });
});

describe('what was changed is on the next page', () => {
  beforeEach(async () => {
    here.benchId = benchIdSchema.parse(`bench-${crypto.randomUUID()}`);
    await loadDemo(db, here.benchId);
  });
  const rodName = async () => {
    const { getBoxPage } = await import('@/server/queries/box-page');
    return unpacked((await getBoxPage()).parts).find(({ part }) => part.id === 'rod-heron')!;
  };

  it('each time, while others read', async () => {
    const { changeBoxAction } = await import('@/server/actions/box');
    const { getLogPage } = await import('@/server/queries/log-page');
    let { part, version } = await rodName();
    for (let i = 1; i <= 10; i += 1) {
      const reading = [rodName(), getLogPage(), rodName()];
      part = { ...part, name: `Heron ${i}` };
      const answer = await changeBoxAction(
        sent({ changes: [{ id: part.id, part, expectedVersion: version }], reason: 'test' }),
      );
      expect(answer).toMatchObject({ ok: true });
      version += 1;
      expect(await rodName()).toMatchObject({ part: { name: `Heron ${i}` }, version });
      expect((await getLogPage()).rods.some(({ name }) => name === `Heron ${i}`)).toBe(true);
      await Promise.all(reading);
    }
  });
  it('when a rule of the house changed, in every answer that has it', async () => {
    const { changeHouseAction } = await import('@/server/actions/house');
    const { getHouse, getRules } = await import('@/server/queries/house');
    const from = (await getHouse()).schools.strike ?? null;
    const to = SCHOOLS.strike.sides.find((each) => each !== from);
    expect(
      await changeHouseAction(
        sent({ changes: [{ kind: 'entry', document: 'schools', id: '', key: 'strike', from, to }] }),
      ),
    ).toMatchObject({ ok: true });
    expect((await getHouse()).schools.strike).toBe(to);
    expect((await getRules()).house.schools.strike).toBe(to);
  });
  it('when somebody joined', async () => {
    const { getRules } = await import('@/server/queries/house');
    const before = (await getRules()).anglers.length;
    await person(db, 'Nora', here.benchId);
    expect((await getRules()).anglers).toHaveLength(before + 1);
  });
});

it('a bench that is deleted leaves no state behind', async () => {
  await renew();
  await transact(db, (tx) => deleteBench(tx, here.benchId));
  expect(await findBenchState(db, here.benchId)).toBeNull();
});

it('a change that is taken back leaves the state as it was', async () => {
  await renew();
  const before = await findBenchState(db, here.benchId);
  await transact(db, async (tx) => {
    await renewBenchState(tx, here.benchId);
    throw new Error('taken back');
  }).catch(() => undefined);
  expect(await findBenchState(db, here.benchId)).toBe(before);
});
