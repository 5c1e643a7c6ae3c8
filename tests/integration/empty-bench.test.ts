import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as newRequestId } from 'uuid';
import type { Db } from '@/db/client';
import { demoParts, demoSetupsOfBench } from '@/db/demo';
import { demoBenchId } from '@/db/load-demo';
import { findBench, isBenchEmpty, listAllSetups, listBox } from '@/db/repo';
import { transact } from '@/db/transact';
import { demoDatabase } from '../helpers/database';

let db: Db;
let close: () => Promise<void>;
beforeAll(async () => {
  const opened = await demoDatabase();
  ({ db, close } = opened);
});
afterAll(() => close());

const actions = () => import('@/server/actions/bench');
const sent = (input: unknown) => ({ requestId: newRequestId(), input });
const isEmpty = () => transact(db, (tx) => isBenchEmpty(tx, demoBenchId));

describe('a bench of one’s own', () => {
  it('is not written over by the demo while anything is on it', async () => {
    const { loadDemoAction } = await actions();
    expect(await loadDemoAction(sent({}))).toMatchObject({ ok: false, code: 'not-empty' });
    expect(await isEmpty()).toBe(false);
  });

  it('needs a name, and is empty under it', async () => {
    const { emptyBenchAction } = await actions();
    expect(await emptyBenchAction(sent({ name: '  ' }))).toMatchObject({ ok: false, code: 'bad-input' });
    expect(await isEmpty()).toBe(false);
    expect(await emptyBenchAction(sent({ name: 'My shed' }))).toEqual({ ok: true, data: null });
    expect(await isEmpty()).toBe(true);
    expect((await findBench(db, demoBenchId))?.name).toBe('My shed');
  });

  it('takes the demo once, however often it is sent', async () => {
    const { loadDemoAction } = await actions();
    const request = sent({});
    const answers = await Promise.all([loadDemoAction(request), loadDemoAction(request)]);
    expect(answers).toEqual([
      { ok: true, data: null },
      { ok: true, data: null },
    ]);
    expect((await listBox(db, demoBenchId)).rows.length).toBe(demoParts.length);
    expect((await listAllSetups(db, demoBenchId)).length).toBe(demoSetupsOfBench.length);
    expect(await loadDemoAction(sent({}))).toMatchObject({ ok: false, code: 'not-empty' });
  });
});
