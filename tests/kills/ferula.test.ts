import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { due } from '../helpers/due';
import { PATIENCE_MS } from '../helpers/patience';
import { RunningFerula } from '../helpers/running-ferula';
import { killAndCount } from '../soak/kills';
import { outboxRun } from '../soak/outbox-run';

let ferula: RunningFerula;
beforeAll(async () => {
  ferula = await RunningFerula.begin();
}, 180_000);
afterAll(() => ferula.end(), 90_000);

/** What is answered; a hang fails. How long it takes beside the other tests is the machine's. */
const pageIn = async (path: string) => {
  const response = await fetch(ferula.url + path, { signal: AbortSignal.timeout(PATIENCE_MS) });
  return { text: await response.text(), status: response.status };
};

describe('a database that dies or stalls', () => {
  it('is brought back at its own port by the start that runs', async () => {
    const port = ferula.databasePort();
    ferula.kill(ferula.databasePid());
    await ferula.untilUp();
    expect(ferula.databasePort()).toBe(port);
  }, 120_000);

  it('is brought back also when it dies again while it comes up', async () => {
    const first = ferula.databasePid();
    ferula.kill(first);
    ferula.kill(await ferula.nextDatabase(first));
    await ferula.untilUp();
    expect(ferula.said).toContain('did not come up');
  }, 120_000);

  it('is brought back by a second start where the first is gone', async () => {
    ferula.kill(ferula.starterPid());
    ferula.kill(ferula.databasePid());
    expect(await ferula.isUp()).toBe(false);
    expect(ferula.startBeside()).toContain('The database is up again');
    await ferula.untilUp();
    const { status } = await pageIn('/bench');
    expect(status).toBe(200);
  }, 120_000);

  it('that stalls ends in a sentence, not in a hang, and pages come back when it does', async () => {
    await ferula.stall(ferula.databasePid());
    const health = await pageIn('/ready');
    const file = await pageIn('/files/bench.json');
    ferula.kill(ferula.databasePid(), 'SIGCONT');
    expect([health.status, file.status]).toEqual([503, 503]);
    expect(file.text).toContain('database-away');
    await ferula.untilUp();
  }, 120_000);
});

it('kills under load lose nothing that was acknowledged, and double nothing', async () => {
  ferula.kill(ferula.applicationPid());
  await ferula.untilStarterEnded();
  await ferula.start();
  const report = await killAndCount(ferula, 3, 7);
  expect(report).toMatchObject({ lost: [], doubled: [] });
  expect(report.acknowledged).toBeGreaterThan(0);
}, 240_000);

// Seeds in which tab, browser, network, server and database are each killed at least once.
it.each(due([1, 3, 8], 3))(
  'kills of tab, browser, network, server and database lose no strike and double none, seed %i',
  async (seed) => {
    const report = await outboxRun(ferula, seed);
    expect(report).toMatchObject({ lost: 0, doubled: 0 });
    expect(report.kills.length).toBeGreaterThan(0);
    expect(report.onServer).toBeGreaterThanOrEqual(report.made);
  },
  240_000,
);
