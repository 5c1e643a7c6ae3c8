import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import type { Db } from '@/db/client';
import { evaluate } from '@/core/evaluate';
import { findHouse, insertBench, putAngler, putHouse } from '@/db/repo';
import { demoHouse } from '@/db/demo';
import { benchFileSchema } from '@/domain/bench-file';
import { emptyHouseDocument, type House } from '@/domain/house';
import { benchIdSchema, type BenchId } from '@/domain/ids';
import { benchToFile } from '@/server/exchange/bench-to-file';
import { fileToBench } from '@/server/exchange/file-to-bench';
import { setupFileOf, setupPage } from '@/server/setup-page';
import { demoFile } from '../helpers/demo';
import { aBench, emptyDatabase } from '../helpers/database';
import { savedSetup } from '../helpers/saved-setup';

const now = new Date('2026-11-01T10:00:00.000Z');
let db: Db;
let close: () => Promise<void>;
const here: { benchId: BenchId } = { benchId: benchIdSchema.parse('none') };

vi.mock('next/cache', () => ({ revalidatePath: () => undefined }));
vi.mock('@/server/current-bench', () => ({ currentBench: async () => here.benchId }));
vi.mock('@/server/database', () => ({ database: () => db }));

beforeAll(async () => {
  ({ db, close } = await emptyDatabase());
});
afterAll(() => close());

const { angler, ...document } = demoHouse;
const keep = async (benchId: BenchId, house: House) => {
  const { angler: who, ...rest } = house;
  await putHouse(db, benchId, rest, now);
  await putAngler(db, benchId, who, now);
};

describe('what a bench holds to', () => {
  it('is empty until something is said, and comes back as it was kept', async () => {
    const benchId = await aBench(db);
    expect(await findHouse(db, benchId)).toEqual({ ...emptyHouseDocument, angler: {} });
    await keep(benchId, demoHouse);
    expect(await findHouse(db, benchId)).toEqual(demoHouse);
    expect(await findHouse(db, await aBench(db))).toEqual({ ...emptyHouseDocument, angler: {} });
  });

  it('is changed field by field: what is not given stays, and what cannot be is refused at its field', async () => {
    const { changeHouseAction } = await import('@/server/actions/house');
    here.benchId = await aBench(db);
    await keep(here.benchId, demoHouse);
    const reply = await changeHouseAction({ schools: { strike: 'give-line' } });
    expect(reply).toEqual({ ok: true, data: { ...document, schools: { strike: 'give-line' }, angler } });
    expect((await findHouse(db, here.benchId)).crafts).toEqual(demoHouse.crafts);
    expect(await changeHouseAction({ schools: { strike: 'sometimes' } })).toMatchObject({
      ok: false,
      code: 'bad-input',
      fields: [{ path: 'schools.strike' }],
    });
    expect(await changeHouseAction({ crafts: [{ ...demoHouse.crafts[0]!, freeboardM: -1 }] })).toMatchObject({
      ok: false,
      fields: [{ path: 'crafts[0].freeboardM' }],
    });
    expect(await changeHouseAction({ classes: { 'mouths.soft.strengthMpa': 100 } })).toMatchObject({
      ok: false,
      code: 'bad-input',
    });
    expect(await changeHouseAction({ colour: 'red' })).toMatchObject({ ok: false, fields: [{ path: 'colour' }] });
    expect((await findHouse(db, here.benchId)).schools).toEqual({ strike: 'give-line' });
  });

  it('goes out with the bench and comes in with it', async () => {
    const benchId = await aBench(db);
    await keep(benchId, demoHouse);
    const file = (await benchToFile(db, benchId))!;
    expect(file.house).toEqual(document);
    const other = await aBench(db);
    await fileToBench(db, other, benchFileSchema.parse(JSON.parse(JSON.stringify(file))));
    expect(await findHouse(db, other)).toEqual(demoHouse);
  });

  it('lets a bench file from before it come in, with nothing said', () => {
    const { house: _, ...older } = {
      version: 1,
      kind: 'bench',
      id: 'old',
      name: 'Old',
      angler: {},
      house: 0,
      parts: [],
      readings: [],
      movements: [],
      setups: [],
    };
    expect(benchFileSchema.parse(older).house).toEqual(emptyHouseDocument);
  });

  it('is what every setup of the bench is judged in, on page and in its file', async () => {
    const { benchId, setupId } = await savedSetup(db, demoFile('setup-drowned-wall'), now);
    const before = (await setupPage(db, benchId, setupId))!;
    expect(before.evaluation.checks.map(({ id }) => id)).toEqual(['weight-hold']);
    await keep(benchId, { ...demoHouse, sheet: { barbless: true }, classes: { 'mouths.bony.strengthMpa': 18 } });
    const after = (await setupPage(db, benchId, setupId))!;
    expect(after.evaluation.checks.map(({ id, code }) => `${id} ${code ?? ''}`)).toContain('rules-sheet barbs');
    expect(after.evaluation.verdicts.set.value!).toBeLessThan(before.evaluation.verdicts.set.value!);
    const file = (await setupFileOf(db, benchId, setupId))!;
    expect(JSON.stringify(evaluate(file))).toBe(JSON.stringify(after.evaluation));
  });
});

it('a bench that is gone takes its house with it', async () => {
  const benchId = benchIdSchema.parse(`house-${Date.now()}`);
  await insertBench(db, { id: benchId, name: 'Gone', createdAt: now });
  await keep(benchId, demoHouse);
  const { clearBench } = await import('@/db/repo');
  await db.transaction((tx) => clearBench(tx, benchId, 'Empty'));
  expect(await findHouse(db, benchId)).toEqual({ ...emptyHouseDocument, angler: {} });
});
