import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Db } from '@/db/client';
import { demoBenchId } from '@/db/load-demo';
import { renewBenchState, trialRepo } from '@/db/repo';
import { transact } from '@/db/transact';
import { getJudgePage } from '@/server/queries/bench-judged';
import { getLogPage } from '@/server/queries/log-page';
import { getTrialsPage } from '@/server/queries/trials-page';
import { differsRoute } from '@/server/trials/differs';
import { trialFile } from '@/server/trials/files';
import { demoDatabase } from '../helpers/database';

let db: Db;
let close: () => Promise<void>;
const SETTLED = 'trial-tail-hook';
const OPEN = 'trial-spoon-minnow';

beforeAll(async () => {
  const opened = await demoDatabase();
  ({ db, close } = opened);
});
afterAll(() => close());

const file = (query: string) => trialFile(new Request(`http://127.0.0.1/trials/file?${query}`));

describe('the trials of the demo', () => {
  it('are one that is settled and one that the numbers do not settle', async () => {
    const { ledger, broken, open } = await getTrialsPage(null);
    expect([ledger.length, broken.length, open]).toEqual([2, 0, null]);
    const of = (id: string) => ledger.find(({ trial }) => trial.id === id)!;
    expect(of(SETTLED)).toMatchObject({ trial: { closed: { as: 'settled' } }, standing: { verdict: 'b-better' } });
    expect(of(OPEN)).toMatchObject({ trial: { closed: null }, standing: { verdict: 'not-yet' } });
  });

  it('say what may be the reason, what else differs, and how many days it takes', async () => {
    const { open, own, setups } = await getTrialsPage(OPEN);
    expect(open!.result!.counts.trips).toHaveLength(3);
    expect(open!.result!.factors.find(({ factor }) => factor === 'place')).toMatchObject({ confounded: true });
    expect(open!.differs!.length).toBeGreaterThan(3);
    expect(open!.parts.length).toBeGreaterThan(3);
    expect(own.trips).toBe(5);
    expect(own.perLineH).toBeGreaterThan(0.3);
    expect(own.linesAtOnce).toBeGreaterThan(2);
    expect(setups.length).toBeGreaterThan(10);
  });

  it('tell what differs before one begins', async () => {
    const asked = async (query: string) =>
      (await (await differsRoute(new Request(`http://127.0.0.1/trials/differs?${query}`))).json()) as {
        differs: unknown[] | null;
      };
    expect((await asked('a=setup-ball-spoon&b=setup-char-flasher')).differs!.length).toBeGreaterThan(3);
    expect((await asked('a=setup-ball-spoon&b=setup-ball-spoon')).differs).toBeNull();
    expect((await asked('a=setup-ball-spoon')).differs).toBeNull();
  });

  it('go out as tables and as JSON', async () => {
    const csv = await (await file(`trial=${OPEN}&as=csv`)).text();
    expect(csv.split('\r\n')[0]).toMatch(/^row,name,strikes,counted,exposure_hours/);
    expect(csv).toContain('by side');
    const json = (await (await file(`trial=${SETTLED}&as=json`)).json()) as { result: { verdict: string } };
    expect(json.result.verdict).toBe('b-better');
    expect([(await file('trial=none&as=csv')).status, (await file(`trial=${OPEN}&as=doc`)).status]).toEqual([404, 400]);
  });

  it('reach the log only where one goes on and has a plan', async () => {
    expect((await getLogPage()).trials).toEqual([]);
    const stored = (await trialRepo.list(db, demoBenchId)).rows.find(({ document }) => document.id === OPEN)!;
    const plan = {
      lines: [{ line: 'a', levels: { side: 'port' } }],
      spells: [
        { fromS: 100, toS: 200, lines: [{ line: 'a', version: 'a' as const }] },
        { fromS: 200, toS: 300, lines: [{ line: 'a', version: 'b' as const }] },
      ],
    };
    await transact(db, async (tx) => {
      await trialRepo.replace(tx, demoBenchId, { ...stored.document, plan }, stored.version);
      await renewBenchState(tx, demoBenchId);
    });
    expect((await getLogPage()).trials.map(({ id }) => id)).toEqual([OPEN]);
  });
});

describe('the bench judged', () => {
  it('holds every strike of the log against what was predicted of its setup', async () => {
    const { margins, heldBy, depths, knots, strikes } = await getJudgePage();
    expect(strikes).toBeGreaterThan(80);
    expect(margins.set.strikes).toBeGreaterThan(60);
    expect(margins.set.judged.outcome).toBe('judged');
    expect(margins.hold.succeeded).toBeLessThan(margins.hold.strikes);
    expect(heldBy[0]).toMatchObject({ setupId: null, name: null });
    expect(depths.times).toBeCloseTo(1.06, 1);
    expect(knots).toEqual([]);
  });

  it('names a knot that was pulled beside what its class keeps', async () => {
    const [[knot]] = (await db.execute(
      sql`select id from part where bench_id = ${demoBenchId} and kind = 'knot' limit 1`,
    )) as unknown as [[{ id: string }]];
    const after = JSON.stringify({
      version: 1,
      data: { 'shares.braid': { value: 0.71, unit: '1', provenance: 'measured', spread: 0.05 } },
    });
    await db.execute(
      sql`insert into reading (bench_id, id, part_id, guide, raw, ${sql.raw('`before`')}, after, taken_at) values (${demoBenchId}, 'pulled', ${knot.id}, 'pull-test', null, '{"version":1,"data":{}}', ${after}, ${new Date('2026-07-01T00:00:00Z')})`,
    );
    expect((await getJudgePage()).knots).toMatchObject([{ material: 'braid', measured: 0.71, spread: 0.05 }]);
  });

  it('and the ledger stand where a trial cannot be read, or names a setup that is gone', async () => {
    const now = new Date();
    await db.execute(sql`insert into trial values (${demoBenchId}, 'trial-x', 0, '{"version":1,"data":[]}', ${now})`);
    const stored = (await trialRepo.list(db, demoBenchId)).rows.find(({ document }) => document.id === OPEN)!;
    const gone = { by: 'gear', setupId: 'setup-gone' as never } as const;
    const other = { ...stored.document, id: 'trial-gone' as never, b: { name: 'Gone', pick: gone } };
    await trialRepo.insert(db, demoBenchId, other, now);
    const { broken, open } = await getTrialsPage('trial-gone');
    expect(broken).toMatchObject([{ id: 'trial-x' }]);
    expect(open).toMatchObject({ differs: null, result: { counts: { b: { counted: 0 } } } });
  });
});
