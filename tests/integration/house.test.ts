import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Db } from '@/db/client';
import { evaluate } from '@/core/judge';
import { clearBench, FIRST_ANGLER, insertBench, putAngler, putCraft, putHouseDocument } from '@/db/repo';
import { transact } from '@/db/transact';
import { demoHouse } from '@/db/demo';
import { benchFileSchema } from '@/domain/bench-file';
import { emptyHouseDocument, type House } from '@/domain/house';
import { benchIdSchema, type BenchId } from '@/domain/ids';
import { benchFileAsNow } from '@/domain/upgrades';
import { benchToFile } from '@/server/exchange/bench-to-file';
import { fileToBench } from '@/server/exchange/file-to-bench';
import { findHouse } from '@/server/house/house';
import { demoFile } from '../helpers/demo';
import { aBench, emptyDatabase } from '../helpers/database';
import { here } from '../helpers/here';
import { savedSetup } from '../helpers/saved-setup';
import { sent } from '../helpers/sent';
import { wholeFile, wholePage, wholeRevision } from '../helpers/setups';

const now = new Date('2026-11-01T10:00:00.000Z');
let db: Db;
let close: () => Promise<void>;

beforeAll(async () => {
  ({ db, close } = await emptyDatabase());
});
afterAll(() => close());

const { angler, ...document } = demoHouse;
const keep = async (benchId: BenchId, house: House) => {
  const { angler: entries, crafts, ...documents } = house;
  await transact(db, async (tx) => {
    for (const name of ['schools', 'sheet', 'classes', 'rigWords'] as const)
      await putHouseDocument(tx, benchId, name, documents[name], now);
    for (const [i, craft] of crafts.entries()) await putCraft(tx, benchId, craft.id, i, craft, now);
    await putAngler(tx, benchId, { id: FIRST_ANGLER, name: '', usual: true, entries }, now);
  });
};

describe('what a bench holds to', () => {
  it('is empty until something is said, and comes back as it was kept', async () => {
    const benchId = await aBench(db);
    expect(await findHouse(db, benchId)).toEqual({ ...emptyHouseDocument, angler: {} });
    await keep(benchId, demoHouse);
    expect(await findHouse(db, benchId)).toEqual(demoHouse);
    expect(await findHouse(db, await aBench(db))).toEqual({ ...emptyHouseDocument, angler: {} });
  });

  it('is changed entry by entry: the others stay, and what cannot be is told with what stands', async () => {
    const { changeHouseAction } = await import('@/server/actions/house');
    here.benchId = await aBench(db);
    await keep(here.benchId, demoHouse);
    const change = (...changes: readonly object[]) => changeHouseAction(sent({ changes }));
    const entry = (document: string, key: string, from: unknown, to: unknown, id = '') => ({
      kind: 'entry',
      document,
      id,
      key,
      from,
      to,
    });
    expect(await change(entry('schools', 'strike', null, 'give-line'))).toMatchObject({
      ok: true,
      data: { refused: [], house: { ...document, schools: { ...document.schools, strike: 'give-line' }, angler } },
    });
    expect(await change(entry('schools', 'strike', 'give-line', 'sometimes'))).toMatchObject({
      data: { refused: [{ at: 0, why: 'not-allowed', stands: 'give-line', problems: [{ path: 'strike' }] }] },
    });
    const craft = demoHouse.crafts[0]!;
    expect(await change(entry('craft', 'freeboardM', craft.freeboardM, -1, craft.id))).toMatchObject({
      data: { refused: [{ why: 'not-allowed', problems: [{ path: 'freeboardM' }] }] },
    });
    expect(await change(entry('classes', 'mouths.soft.strengthMpa', null, 100))).toMatchObject({
      data: { refused: [{ why: 'not-allowed' }] },
    });
    expect(await changeHouseAction(sent({ colour: 'red' }))).toMatchObject({ ok: false, code: 'bad-input' });
    const { schools, crafts } = await findHouse(db, here.benchId);
    expect(schools).toEqual({ ...document.schools, strike: 'give-line' });
    expect(crafts).toEqual(demoHouse.crafts);
  });

  it('is not written over by an older window: it is told, and what it changed besides is kept', async () => {
    const { changeHouseAction } = await import('@/server/actions/house');
    here.benchId = await aBench(db);
    await keep(here.benchId, demoHouse);
    const strike = (from: string | null, to: string) => ({
      kind: 'entry',
      document: 'schools',
      id: '',
      key: 'strike',
      from,
      to,
    });
    await changeHouseAction(sent({ changes: [strike(null, 'give-line')] }));
    const words = { kind: 'entry', document: 'rigWords', id: '', key: 'split-leader', from: null, to: 'the dragger' };
    const older = await changeHouseAction(sent({ changes: [strike(null, 'let-load'), words] }));
    expect(older).toMatchObject({
      data: {
        refused: [{ at: 0, why: 'changed-meanwhile', stands: 'give-line' }],
        house: { rigWords: { 'split-leader': 'the dragger' } },
      },
    });
    expect((await findHouse(db, here.benchId)).schools.strike).toBe('give-line');
  });

  it('takes twenty changes of different entries at the same moment, and loses none', async () => {
    const { changeHouseAction } = await import('@/server/actions/house');
    here.benchId = await aBench(db);
    const keys = Array.from({ length: 20 }, (_, i) => `rig-${i}`);
    const replies = await Promise.all(
      keys.map((key) =>
        changeHouseAction(
          sent({ changes: [{ kind: 'entry', document: 'rigWords', id: '', key, from: null, to: key }] }),
        ),
      ),
    );
    expect(replies.every((reply) => reply.ok)).toBe(true);
    expect((await findHouse(db, here.benchId)).rigWords).toEqual(Object.fromEntries(keys.map((key) => [key, key])));
  });

  it('goes on when one entry cannot be used, and names it', async () => {
    here.benchId = await aBench(db);
    await keep(here.benchId, demoHouse);
    await transact(db, (tx) =>
      putHouseDocument(tx, here.benchId, 'classes', { 'no.such.figure': 3, 'mouths.bony.strengthMpa': 12 }, now),
    );
    await transact(db, (tx) => putCraft(tx, here.benchId, 'raft', 9, { id: 'raft', name: 'Raft' }, now));
    const { readHouse } = await import('@/server/house/house');
    const read = await readHouse(db, here.benchId);
    expect(read.house.classes).toEqual({ 'mouths.bony.strengthMpa': 12 });
    expect(read.house.crafts).toEqual(demoHouse.crafts);
    expect(read.broken.map(({ document: name, id, key }) => [name, id, key])).toEqual([
      ['classes', '', 'no.such.figure'],
      ['craft', 'raft', ''],
    ]);
  });

  it('has several anglers, one of them the usual one; who signed anything stays', async () => {
    const { changeHouseAction } = await import('@/server/actions/house');
    const { benchId, setupId, chain } = await savedSetup(db, demoFile('setup-drowned-wall'), now);
    here.benchId = benchId;
    await keep(benchId, demoHouse);
    const change = (...changes: readonly object[]) => changeHouseAction(sent({ changes }));
    await change({ kind: 'add-angler', id: 'mate', name: 'Mate' }, { kind: 'usual-angler', id: 'mate' });
    expect((await findHouse(db, benchId)).angler).toEqual({});
    const { saveRevisionAction } = await import('@/server/actions/save-revision');
    const { presentation } = demoFile('setup-drowned-wall');
    await saveRevisionAction(sent({ setupId, expectedVersion: 1, reason: 'by the mate', chain, presentation }));
    expect((await wholeRevision(db, benchId, setupId)).authorId).toBe('mate');
    const back = await change({ kind: 'usual-angler', id: FIRST_ANGLER }, { kind: 'remove-angler', id: 'mate' });
    expect(back).toMatchObject({ data: { refused: [{ at: 1, why: 'in-use', stands: 'Mate' }] } });
    expect((await findHouse(db, benchId)).angler).toEqual(angler);
  });

  it('goes out with the bench and comes in with it', async () => {
    const benchId = await aBench(db);
    await keep(benchId, demoHouse);
    const file = (await benchToFile(db, benchId))!;
    expect(file.house).toEqual(document);
    const other = await aBench(db);
    const came = benchFileSchema.parse(JSON.parse(JSON.stringify(file)));
    await transact(db, (tx) => fileToBench(tx, other, came, now));
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
    expect(benchFileSchema.parse(benchFileAsNow(older)).house).toEqual(emptyHouseDocument);
  });

  it('is what every setup of the bench is judged in, on page and in its file', async () => {
    const { benchId, setupId } = await savedSetup(db, demoFile('setup-drowned-wall'), now);
    const before = await wholePage(db, benchId, setupId);
    expect(before.evaluation.checks.map(({ id }) => id)).toEqual(['weight-hold']);
    await keep(benchId, { ...demoHouse, sheet: { barbless: true }, classes: { 'mouths.bony.strengthMpa': 18 } });
    const after = await wholePage(db, benchId, setupId);
    expect(after.evaluation.checks.map(({ id, code }) => `${id} ${code ?? ''}`)).toContain('rules-sheet barbs');
    expect(after.evaluation.verdicts.set.value!).toBeLessThan(before.evaluation.verdicts.set.value!);
    const file = await wholeFile(db, benchId, setupId);
    expect(JSON.stringify(evaluate(file))).toBe(JSON.stringify(after.evaluation));
  });
});

it('a bench that is gone takes its house with it', async () => {
  const benchId = benchIdSchema.parse(`house-${Date.now()}`);
  await insertBench(db, { id: benchId, name: 'Gone', createdAt: now });
  await keep(benchId, demoHouse);
  await db.transaction((tx) => clearBench(tx, benchId, 'Empty'));
  expect(await findHouse(db, benchId)).toEqual({ ...emptyHouseDocument, angler: {} });
});
