import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Db } from '@/db/client';
import { demoBenchId } from '@/db/load-demo';
import { newestSetups, type NewestSetups } from '@/server/setups/newest-setups';
import { demoFiles } from '../helpers/demo';
import { demoDatabase } from '../helpers/database';

let db: Db;
let close: () => Promise<void>;
let newest: NewestSetups;

beforeAll(async () => {
  ({ db, close } = await demoDatabase());
  newest = await newestSetups(db, demoBenchId);
});
afterAll(() => close());
beforeEach(async () => {
  vi.resetModules();
  await db.execute(sql`delete from kept_evaluation`);
});

/** The application as a build of a core starts it: it remembers nothing. */
async function started(core: string | undefined) {
  vi.stubEnv('CORE_HASH', core);
  return (await import('@/server/setups/marked')).marked;
}

async function keptRows(): Promise<number> {
  const [rows] = (await db.execute(sql`select count(*) as many from kept_evaluation`)) as unknown as [
    { many: number }[],
  ];
  return rows[0]!.many;
}

describe('marks', () => {
  const setups = demoFiles.filter((each) => each.newest).length;

  it('are kept once by each core, and taken from there by the next start', async () => {
    const first = await (await started('one'))(db, newest);
    expect(await keptRows()).toBe(setups);
    vi.resetModules();
    expect(await (await started('one'))(db, newest)).toEqual(first);
    expect(await keptRows()).toBe(setups);
    vi.resetModules();
    await (
      await started('two')
    )(db, newest);
    expect(await keptRows()).toBe(2 * setups);
  });
  it('of another name are the same, of another cast are not', async () => {
    const marked = await started('one');
    await marked(db, newest);
    const [setup] = newest.setups;
    const changed = (file: object) => ({ broken: [], setups: [{ ...setup!, file: { ...setup!.file, ...file } }] });
    await marked(db, changed({ name: 'renamed' }));
    expect(await keptRows()).toBe(setups);
    await marked(db, changed({ presentation: { ...setup!.file.presentation, slackM: 0.77 } }));
    expect(await keptRows()).toBe(setups + 1);
  });
  it('are not kept outside a build, where the core may change while it runs', async () => {
    const { whole } = await (await started(undefined))(db, newest);
    expect(whole).toHaveLength(setups);
    expect(await keptRows()).toBe(0);
  });
  it('are shown where nothing can be written, as on a full disk', async () => {
    const said = vi.spyOn(console, 'error').mockImplementation(() => undefined);
    const full = new Proxy(db, {
      get: (target, key) => {
        if (key === 'insert') throw new Error('the disk is full');
        return Reflect.get(target, key) as unknown;
      },
    });
    expect((await (await started('one'))(full, newest)).whole).toHaveLength(setups);
    expect(said).toHaveBeenCalledTimes(1);
    said.mockRestore();
  });
});
