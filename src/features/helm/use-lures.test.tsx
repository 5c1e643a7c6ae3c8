import { beforeEach, describe, expect, it, vi } from 'vitest';
import { demoHouse, demoParts, demoSpreads } from '@/db/demo';
import type { Helm } from '@/domain/helm/helm';
import { usualHelm } from '@/domain/helm/usual-helm';
import { helmIdSchema, setupIdSchema } from '@/domain/ids';
import { packed } from '@/domain/packed';
import { packedSetups } from '@/domain/packed-setups';
import type { SpreadQuestion } from '@/domain/spread/solve';
import type { HelmPage } from '@/server/queries/helm-page';
import { AskedPool } from '../../../tests/helpers/asked-pool';
import { demoFiles } from '../../../tests/helpers/demo';
import { doing, inAPage, waitFor } from '../../../tests/helpers/in-a-page';
import { useLures } from './use-lures';

const here = { pool: new AskedPool() };
vi.mock('@/workers/browser-pool', () => ({ browserPool: () => here.pool }));
beforeEach(() => {
  here.pool = new AskedPool();
});

const lake = demoSpreads.find(({ id }) => id === 'spread-lake')!;
const towed = demoFiles
  .filter(({ newest, file }) => newest && file.presentation.kind === 'towed')
  .map(({ id, file }) => ({ id: setupIdSchema.parse(id), name: file.name, file }));
const page: HelmPage = {
  helm: null,
  spreads: demoSpreads,
  setups: packedSetups(towed),
  rods: packed(demoParts.filter(({ kind }) => kind === 'rod')) as HelmPage['rods'],
  house: demoHouse,
  broken: [],
};
const helm = (given: Partial<Helm> = {}): Helm => ({
  ...usualHelm(helmIdSchema.parse('helm-lake')),
  spreadId: lake.id,
  ...given,
});
interface Given {
  readonly helm: Helm;
  readonly throughMps: number | null;
}
const lures = (given: Partial<Given> = {}, own: HelmPage = page) =>
  inAPage(({ helm: now, throughMps }: Given) => useLures(own, now, throughMps), {
    props: { helm: helm(), throughMps: 1.2, ...given },
  });
const asked = () => waitFor(() => here.pool.last('spread'));
const inputOf = ({ question }: { readonly question: unknown }) =>
  (question as { readonly input: SpreadQuestion }).input;

describe('the lures at the speed that the boat makes', () => {
  it('are none while no spread was chosen, or it is gone', () => {
    expect(lures({ helm: helm({ spreadId: null }) }).result.current).toBeNull();
    expect(lures({ helm: helm({ spreadId: 'spread-gone' as never }) }).result.current).toBeNull();
    expect(here.pool.asked).toEqual([]);
  });

  it('stand by number and name before they are worked out', () => {
    const { result } = lures();
    expect(result.current?.lures.map(({ number }) => number)).toEqual(lake.lines.map((_, i) => i + 1));
    expect(result.current?.lures.every(({ name, depthM }) => name !== '–' && depthM === null)).toBe(true);
  });

  it('have depth, layback and ball once they are, and the speeds that all of them work at', async () => {
    const { result } = lures();
    const question = await asked();
    await doing(() => question.answer());
    const { lures: all, common } = result.current!;
    expect(all.every(({ depthM, laybackM }) => depthM! > 0 && laybackM! > 0)).toBe(true);
    // The lake is fished with downriggers among others.
    expect(all.some(({ ball }) => ball !== null)).toBe(true);
    expect(all.some(({ ball }) => ball === null)).toBe(true);
    for (const { ball, depthM } of all) if (ball) expect(Math.abs(ball.depthM - depthM!)).toBeLessThan(15);
    if (common) expect(common.toMps).toBeGreaterThan(common.fromMps);
  });

  it('are asked for at the speed through the water, in steps, and without the current', async () => {
    const { rerender } = lures({ throughMps: 1.213 });
    expect(inputOf(await asked()).spread).toMatchObject({ current: [] });
    expect(inputOf(here.pool.last('spread')).spread.speedMps).toBeCloseTo(1.2, 9);
    await doing(() => rerender({ helm: helm(), throughMps: 1.19 }));
    expect(here.pool.asked).toHaveLength(1);
    await doing(() => rerender({ helm: helm(), throughMps: 1.3 }));
    await waitFor(() => expect(here.pool.asked).toHaveLength(2));
    expect(inputOf(here.pool.last('spread')).spread.speedMps).toBeCloseTo(1.3, 9);
  });

  it('of a boat that lies still are asked for at the least speed that says anything', async () => {
    lures({ throughMps: 0.02 });
    expect(inputOf(await asked()).spread.speedMps).toBe(0.3);
  });

  it('run at the speed of the spread where nobody knows the boat’s', async () => {
    lures({ throughMps: null });
    expect(inputOf(await asked()).spread.speedMps).toBe(lake.speedMps);
  });

  it('whose setup is gone keep their place, without a name', () => {
    const { result } = lures({}, { ...page, setups: packedSetups([]) });
    expect(result.current?.lures).toHaveLength(lake.lines.length);
    expect(result.current?.lures.every(({ name }) => name === '–')).toBe(true);
  });
});
