import { sql } from 'drizzle-orm';
import { v7 as newRequestId } from 'uuid';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import type { Db } from '@/db/client';
import { demoPlans, demoSpreads, demoTrials, demoWaters } from '@/db/demo';
import { deckRepo, helmRepo, planRepo, spreadRepo, trialRepo, waterRepo } from '@/db/repo';
import { deckSchema } from '@/domain/deck';
import { usualHelm } from '@/domain/helm/usual-helm';
import { helmIdSchema, type BenchId } from '@/domain/ids';
import type { Kept } from '@/server/keep-versioned';
import type { Reply } from '@/server/reply';
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

interface Document {
  readonly id: string;
}
type Save = (sent: unknown) => Promise<Reply<Kept<Document>, 'stale'>>;
type Remove = (sent: unknown) => Promise<Reply<null, 'stale'>>;
/** One kind of document: an example, the same changed, one that cannot be, and what keeps it. */
interface Kind {
  readonly table: string;
  readonly example: Document;
  readonly change: object;
  readonly wrong: object;
  readonly at: string;
  readonly list: () => Promise<readonly { readonly document: Document; readonly version: number }[]>;
  readonly actions: () => Promise<readonly [Save, Remove]>;
}
const listed = (repo: { list: (db: Db, benchId: BenchId) => Promise<{ rows: readonly never[] }> }) => async () =>
  (await repo.list(db, here.benchId)).rows;

const KINDS: Readonly<Record<string, Kind>> = {
  deck: {
    table: 'deck',
    example: deckSchema.parse({ id: 'deck-new', name: 'Saturday', entries: [] }),
    change: { name: 'Sunday' },
    wrong: { name: '' },
    at: 'document.name',
    list: listed(deckRepo as never),
    actions: async () => {
      const { saveDeckAction, removeDeckAction } = await import('@/server/actions/decks');
      return [saveDeckAction, removeDeckAction];
    },
  },
  helm: {
    table: 'helm',
    example: usualHelm(helmIdSchema.parse('helm-new')),
    change: { smoothingS: 12 },
    wrong: { smoothingS: -1 },
    at: 'document.smoothingS',
    list: listed(helmRepo as never),
    actions: async () => {
      const { saveHelmAction, removeHelmAction } = await import('@/server/actions/helms');
      return [saveHelmAction as never, removeHelmAction];
    },
  },
  plan: {
    table: 'plan',
    example: demoPlans[0]!,
    change: { name: 'Another day' },
    wrong: { date: 'yesterday' },
    at: 'document.date',
    list: listed(planRepo as never),
    actions: async () => {
      const { savePlanAction, removePlanAction } = await import('@/server/actions/plans');
      return [savePlanAction, removePlanAction];
    },
  },
  water: {
    table: 'water',
    example: demoWaters[0]!,
    change: { name: 'Another water' },
    wrong: { name: 7 },
    at: 'document.name',
    list: listed(waterRepo as never),
    actions: async () => {
      const { saveWaterAction, removeWaterAction } = await import('@/server/actions/plans');
      return [saveWaterAction, removeWaterAction];
    },
  },
  spread: {
    table: 'spread',
    example: demoSpreads[0]!,
    change: { name: 'Another spread' },
    wrong: { speedMps: 'fast' },
    at: 'document.speedMps',
    list: listed(spreadRepo as never),
    actions: async () => {
      const { saveSpreadAction, removeSpreadAction } = await import('@/server/actions/spreads');
      return [saveSpreadAction, removeSpreadAction];
    },
  },
  trial: {
    table: 'trial',
    example: demoTrials[0]!,
    change: { note: 'windy' },
    wrong: { startedS: 'today' },
    at: 'document.startedS',
    list: listed(trialRepo as never),
    actions: async () => {
      const { saveTrialAction, removeTrialAction } = await import('@/server/actions/trials');
      return [saveTrialAction, removeTrialAction];
    },
  },
};

describe.each(Object.entries(KINDS))('a %s', (name, { table, example, change, wrong, at, list, actions }) => {
  const [save, remove]: readonly [Save, Remove] = [
    async (given) => (await actions())[0](given),
    async (given) => (await actions())[1](given),
  ];
  const made = async (): Promise<Kept<Document>> => {
    const reply = await save(sent({ document: example, expectedVersion: null }));
    if (!reply.ok) throw new Error(JSON.stringify(reply));
    return reply.data;
  };

  it('that is new gets an id of its own, and stands as it was told', async () => {
    const { document, version } = await made();
    expect(document).toEqual({ ...example, id: document.id });
    expect(document.id).toMatch(new RegExp(`^${name}-[0-9a-f-]{36}$`));
    expect(version).toBe(0);
    expect(await list()).toMatchObject([{ document, version: 0 }]);
  });

  it('sent twice is one; sent anew under another id is two', async () => {
    const id = newRequestId();
    const [first, again] = [
      await save(sent({ document: example, expectedVersion: null }, id)),
      await save(sent({ document: example, expectedVersion: null }, id)),
    ];
    expect(again).toEqual(first);
    expect(await list()).toHaveLength(1);
    await made();
    expect(await list()).toHaveLength(2);
  });

  it('is changed from the version that was seen, and from no older one', async () => {
    const { document } = await made();
    const changed = { ...document, ...change };
    expect(await save(sent({ document: changed, expectedVersion: 0 }))).toMatchObject({
      ok: true,
      data: { version: 1 },
    });
    expect(await save(sent({ document, expectedVersion: 0 }))).toMatchObject({ ok: false, code: 'stale' });
    expect(await list()).toMatchObject([{ document: changed, version: 1 }]);
  });

  it('changed by two at once is changed by one of them', async () => {
    const { document } = await made();
    const replies = await Promise.all(
      [1, 2].map(() => save(sent({ document: { ...document, ...change }, expectedVersion: 0 }))),
    );
    expect(replies.map(({ ok }) => ok).sort()).toEqual([false, true]);
    expect(await list()).toMatchObject([{ version: 1 }]);
  });

  it('that cannot be is refused at its place, and nothing is kept', async () => {
    const reply = await save(sent({ document: { ...example, ...wrong }, expectedVersion: null }));
    expect(reply).toMatchObject({ ok: false, code: 'bad-input' });
    expect(JSON.stringify(reply)).toContain(at.split('.').at(-1));
    expect(await save(sent({ document: { ...example, more: 1 }, expectedVersion: null }))).toMatchObject({
      code: 'bad-input',
    });
    expect(await save(sent({ document: example, expectedVersion: -1 }))).toMatchObject({ code: 'bad-input' });
    expect(await save(sent('nonsense'))).toMatchObject({ code: 'bad-input' });
    expect(await list()).toEqual([]);
  });

  it('is removed once, and from the version that was seen', async () => {
    const { document } = await made();
    await save(sent({ document: { ...document, ...change }, expectedVersion: 0 }));
    const { id } = document;
    expect(await remove(sent({ id, expectedVersion: 0 }))).toMatchObject({ ok: false, code: 'stale' });
    expect(await remove(sent({ id, expectedVersion: 1 }))).toMatchObject({ ok: true });
    expect(await remove(sent({ id, expectedVersion: 1 }))).toMatchObject({ ok: false, code: 'stale' });
    expect(await save(sent({ document, expectedVersion: 1 }))).toMatchObject({ ok: false, code: 'stale' });
    expect(await list()).toEqual([]);
  });

  it('of another bench is neither changed nor removed', async () => {
    const { document } = await made();
    const own = here.benchId;
    here.benchId = await aBench(db);
    expect(await save(sent({ document: { ...document, ...change }, expectedVersion: 0 }))).toMatchObject({
      code: 'stale',
    });
    expect(await remove(sent({ id: document.id, expectedVersion: null }))).toMatchObject({ code: 'stale' });
    expect(await list()).toEqual([]);
    here.benchId = own;
    expect(await list()).toMatchObject([{ document, version: 0 }]);
  });

  it('that cannot be read is put away by its id alone', async () => {
    const { document } = await made();
    await db.execute(
      sql.raw(`update \`${table}\` set document = '{"version":1,"data":{"torn":true}}' where id = '${document.id}'`),
    );
    expect(await list()).toEqual([]);
    expect(await remove(sent({ id: document.id, expectedVersion: null }))).toMatchObject({ ok: true });
    const [rows] = (await db.execute(
      sql.raw(`select count(*) as n from \`${table}\` where id = '${document.id}'`),
    )) as unknown as [[{ n: number }]];
    expect(Number(rows[0].n)).toBe(0);
  });
});
