import { v7 as newRequestId } from 'uuid';
import { demoLeaders } from '@/db/demo';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { loadMixedInteger } from '@/core/base/numeric';
import type { Db } from '@/db/client';
import { demoBenchId, loadDemo } from '@/db/load-demo';
import {
  findBench,
  insertBench,
  listBox,
  listLeaders,
  listMovements,
  listParts,
  listRevisions,
  listSetups,
} from '@/db/repo';
import { transact } from '@/db/transact';
import { benchIdSchema, partIdSchema, setupIdSchema } from '@/domain/ids';
import type { Part } from '@/domain/parts';
import { completePart } from '@/domain/parts/class-part';
import { stockOf } from '@/domain/stock';
import { changeBox } from '@/server/box/change-box';
import { aBench, demoDatabase } from '../helpers/database';
import { here } from '../helpers/here';
import { demoFile } from '../helpers/demo';
import { savedSetup } from '../helpers/saved-setup';
import { sent } from '../helpers/sent';
import { wholeRevision } from '../helpers/setups';

let db: Db;
let close: () => Promise<void>;
beforeAll(async () => {
  ({ db, close } = await demoDatabase());
  await loadMixedInteger();
});
afterAll(() => close());

const now = new Date('2026-11-27T10:00:00.000Z');
let made = 0;
function aPart(kind: Part['kind'], given: object = {}): Part {
  made += 1;
  const result = completePart({ id: `${kind}-${made}`, kind, ...given });
  if (!result.ok) throw new Error(JSON.stringify(result.problems));
  return result.data;
}

describe('a change that arrives twice', () => {
  it('is done once and answered alike, one after the other and at once', async () => {
    const { startSetupAction } = await import('@/server/actions/setups');
    here.benchId = demoBenchId;
    const { name, chain, presentation } = demoFile('setup-drowned-wall');
    const input = { name: `${name} again`, reason: 'copied', chain, presentation, parts: [] };
    const before = (await listSetups(db, demoBenchId)).length;
    const id = newRequestId();
    const first = await startSetupAction(sent(input, id));
    expect(first).toMatchObject({ ok: true });
    expect(await startSetupAction(sent(input, id))).toEqual(first);
    const other = newRequestId();
    const replies = await Promise.all(Array.from({ length: 6 }, () => startSetupAction(sent(input, other))));
    expect(new Set(replies.map((reply) => JSON.stringify(reply))).size).toBe(1);
    expect((await listSetups(db, demoBenchId)).length).toBe(before + 2);
  });

  it('with another input under the same id is refused, and so is one without an id', async () => {
    const { moveStockAction } = await import('@/server/actions/box');
    here.benchId = demoBenchId;
    const id = newRequestId();
    const input = { partId: 'line-nylon-30', amount: -1, reason: 'once' };
    expect(await moveStockAction(sent(input, id))).toMatchObject({ ok: true });
    expect(await moveStockAction(sent({ ...input, amount: -2 }, id))).toMatchObject({ ok: false, code: 'other-input' });
    expect(await moveStockAction(input)).toMatchObject({ ok: false, code: 'bad-input' });
    expect(await moveStockAction(sent(input, 'not-an-id'))).toMatchObject({ ok: false, code: 'bad-input' });
    expect(await listMovements(db, demoBenchId, partIdSchema.parse('line-nylon-30'))).toHaveLength(1);
  });

  it('is told the same refusal', async () => {
    const { moveStockAction } = await import('@/server/actions/box');
    const id = newRequestId();
    const input = { partId: 'line-nylon-30', amount: -90_000, reason: 'far' };
    expect(await moveStockAction(sent(input, id))).toMatchObject({ code: 'not-so-much' });
    expect(await moveStockAction(sent(input, id))).toMatchObject({ code: 'not-so-much' });
  });

  it.each([
    ['half a surrogate pair', { partId: 'line-nylon-30', amount: 1, reason: 'a\ud800' }],
    ['nesting without end', { partId: 'line-nylon-30', amount: 1, reason: nested(60) }],
  ])('is refused at its field with %s', async (_, input) => {
    const { moveStockAction } = await import('@/server/actions/box');
    expect(await moveStockAction(sent(input))).toMatchObject({ ok: false, code: 'bad-input' });
  });
});

function nested(depth: number): unknown {
  return depth === 0 ? 1 : { deeper: nested(depth - 1) };
}

describe('taking back', () => {
  it('a tied batch: leaders are gone, line and pieces are there again', async () => {
    const { tieBatchAction, untieBatchAction, setLeaderStateAction } = await import('@/server/actions/tying');
    here.benchId = demoBenchId;
    const stock = async () => new Map((await listParts(db, demoBenchId)).map((part) => [part.id, stockOf(part)]));
    const before = await stock();
    const input = { items: [{ setupId: 'setup-crimped-minnow', count: 2 }], allowances: {}, reason: 'tied' };
    const id = newRequestId();
    expect(await tieBatchAction(sent(input, id))).toMatchObject({ ok: true });
    expect((await listLeaders(db, demoBenchId)).rows).toHaveLength(demoLeaders.length + 2);
    expect(await untieBatchAction(sent({ tieRequestId: id, reason: 'undone' }))).toMatchObject({ ok: true });
    expect((await listLeaders(db, demoBenchId)).rows).toHaveLength(demoLeaders.length);
    for (const [part, left] of await stock()) expect(left, part).toBeCloseTo(before.get(part) ?? 0, 6);
    expect(await untieBatchAction(sent({ tieRequestId: id, reason: 'undone' }))).toMatchObject({ code: 'used' });

    const again = newRequestId();
    const tied = await tieBatchAction(sent(input, again));
    await setLeaderStateAction(sent({ leaderId: tied.ok ? tied.data.leaderIds[0] : '', state: 'in-use' }));
    expect(await untieBatchAction(sent({ tieRequestId: again, reason: 'undone' }))).toMatchObject({ code: 'used' });
    expect(await untieBatchAction(sent({ tieRequestId: newRequestId(), reason: 'x' }))).toMatchObject({
      code: 'not-found',
    });
  });

  it('two entries that were joined: both stand as before, and the setup has the part it had', async () => {
    const { mergePartsAction, unmergePartsAction, changeBoxAction } = await import('@/server/actions/box');
    const { benchId, parts, setupId } = await savedSetup(db, demoFile('setup-drowned-wall'), now);
    here.benchId = benchId;
    const drop = { ...parts.find((part) => part.kind === 'hook')!, left: 3 };
    const keep = { ...drop, id: partIdSchema.parse(`keep-${benchId}`), left: 4 };
    const put = (part: Part, expectedVersion: number | null) =>
      changeBoxAction(sent({ changes: [{ id: part.id, part, expectedVersion }], reason: 'test' }));
    await put(keep, null);
    await put(drop, 1);
    const join = async (id: string) =>
      mergePartsAction(sent({ merge: { keepId: keep.id, dropId: drop.id }, reason: 'same' }, id));
    const id = newRequestId();
    expect(await join(id)).toMatchObject({ ok: true, data: { setups: [{ name: 'Test' }] } });
    expect(await unmergePartsAction(sent({ mergeRequestId: id, reason: 'apart' }))).toMatchObject({ ok: true });
    const box = new Map((await listBox(db, benchId)).rows.map(({ part }) => [part.id, part]));
    expect([box.get(keep.id), box.get(drop.id)]).toEqual([keep, drop]);
    const revision = await wholeRevision(db, benchId, setupId);
    expect(revision).toMatchObject({ number: 3, reason: 'apart' });
    expect(revision.chain.some(({ partId }) => partId === drop.id)).toBe(true);
    expect(await unmergePartsAction(sent({ mergeRequestId: id, reason: 'apart' }))).toMatchObject({ code: 'stale' });

    const second = newRequestId();
    await join(second);
    await put({ ...keep, words: 'changed since' }, 4);
    expect(await unmergePartsAction(sent({ mergeRequestId: second, reason: 'apart' }))).toMatchObject({
      code: 'stale',
    });
    expect(await listRevisions(db, benchId, setupId)).toHaveLength(4);
  });
});

describe('ids are of their bench', () => {
  it('the demo loads into a second bench beside the first', async () => {
    const second = benchIdSchema.parse('second-demo');
    expect(await loadDemo(db, second)).toBe(true);
    expect(await findBench(db, second)).not.toBeNull();
    expect((await listParts(db, second)).length).toBe((await listParts(db, demoBenchId)).length);
    const heron = partIdSchema.parse('rod-heron');
    const [rod] = (await listBox(db, second)).rows.filter(({ part }) => part.id === heron);
    const renamed = { ...rod!.part, words: 'only here' };
    await transact(db, (tx) => changeBox(tx, second, [{ id: heron, part: renamed, expectedVersion: 1 }], 'test', now));
    expect((await listParts(db, demoBenchId)).find(({ id }) => id === heron)).not.toHaveProperty('words', 'only here');
  });

  it('no action of one bench reads or changes a row of another, even by its id', async () => {
    const actions = { ...(await import('@/server/actions/setups')), ...(await import('@/server/actions/box')) };
    here.benchId = await aBench(db);
    const setupId = setupIdSchema.parse('setup-drowned-wall');
    expect(await actions.renameSetupAction(sent({ setupId, name: 'Mine now' }))).toMatchObject({ code: 'not-found' });
    expect(await actions.putSetupAwayAction(sent({ setupId, away: true }))).toMatchObject({ code: 'not-found' });
    expect(await actions.copySetupAction(sent({ setupId, name: 'Copy', reason: 'x' }))).toMatchObject({
      code: 'not-found',
    });
    expect(await actions.moveStockAction(sent({ partId: 'line-nylon-30', amount: -1, reason: 'x' }))).toMatchObject({
      code: 'not-found',
    });
    expect(await actions.partHistory({ partId: 'line-nylon-30' })).toMatchObject({
      data: { movements: [], readings: [] },
    });
  });
});

describe('many at once', () => {
  it('eight writers of new parts all come through', async () => {
    const benchId = await aBench(db);
    const write = (writer: number) =>
      Promise.all(
        Array.from({ length: 12 }, async () => {
          const parts = [aPart('hook', { id: `w${writer}-${made}` }), aPart('weight', { id: `v${writer}-${made}` })];
          const changes = parts.map((part) => ({ id: part.id, part, expectedVersion: null }));
          const outcome = await transact(db, (tx) => changeBox(tx, benchId, changes, 'test', now));
          expect(outcome.kind).toBe('changed');
        }),
      );
    await Promise.all(Array.from({ length: 8 }, (_, writer) => write(writer)));
    expect(await listParts(db, benchId)).toHaveLength(8 * 12 * 2);
  });

  it('writers that lock the same parts in opposite orders are tried again and come through', async () => {
    const benchId = await aBench(db);
    const [a, b] = [aPart('hook', { left: 100 }), aPart('hook', { left: 100 })];
    const put = (changes: { id: Part['id']; part: Part; expectedVersion: null }[]) =>
      transact(db, (tx) => changeBox(tx, benchId, changes, 'test', now));
    await put([a, b].map((part) => ({ id: part.id, part, expectedVersion: null })));
    const { moveStock } = await import('@/server/box/move-stock');
    const takeBoth = (order: readonly Part[]) =>
      transact(db, async (tx) => {
        for (const { id } of order) await moveStock(tx, benchId, { partId: id, amount: -1, reason: 'x' }, now);
      });
    await Promise.all(Array.from({ length: 20 }, (_, i) => takeBoth(i % 2 ? [a, b] : [b, a])));
    expect((await listParts(db, benchId)).map(stockOf)).toEqual([80, 80]);
  });

  it('a bench that is made twice is made once', async () => {
    const id = benchIdSchema.parse('twice');
    const make = () => insertBench(db, { id, name: 'Twice', createdAt: now });
    const outcomes = await Promise.allSettled([make(), make()]);
    expect(outcomes.map(({ status }) => status).sort()).toEqual(['fulfilled', 'rejected']);
  });
});
