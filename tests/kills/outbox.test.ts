import { afterAll, beforeAll, expect, it } from 'vitest';
import { due } from '../helpers/due';
import { RunningFerula } from '../helpers/running-ferula';
import { outboxRun } from '../soak/outbox-run';

let ferula: RunningFerula;
beforeAll(async () => {
  ferula = await RunningFerula.begin();
}, 180_000);
afterAll(() => ferula.end(), 90_000);

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
