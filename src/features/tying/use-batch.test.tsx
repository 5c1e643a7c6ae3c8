import { beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import { loadMixedInteger } from '@/core/base/numeric';
import { demoLeaders, demoParts } from '@/db/demo';
import { setupIdSchema } from '@/domain/ids';
import type { TyingPage } from '@/server/queries/tying-page';
import { AskedPool } from '../../../tests/helpers/asked-pool';
import { demoFiles } from '../../../tests/helpers/demo';
import { doing, inAPage, waitFor } from '../../../tests/helpers/in-a-page';
import { useBatch } from './use-batch';

const here = { pool: new AskedPool() };
vi.mock('@/workers/browser-pool', () => ({ browserPool: () => here.pool }));
const server = vi.hoisted(() => ({
  sent: [] as { requestId: string; input: unknown }[],
  refuse: null as string | null,
}));
vi.mock('@/server/actions/tying', () => ({
  tieBatchAction: async (sent: { requestId: string; input: { items: { count: number }[] } }) => {
    if (server.refuse) return { ok: false, code: server.refuse, fields: [] };
    server.sent.push(sent);
    return {
      ok: true,
      data: { leaderIds: sent.input.items.flatMap(({ count }) => Array.from({ length: count }, (_, i) => i)) },
    };
  },
  untieBatchAction: async (sent: { requestId: string; input: unknown }) => {
    if (server.refuse) return { ok: false, code: server.refuse, fields: [] };
    server.sent.push(sent);
    return { ok: true, data: null };
  },
}));
beforeAll(() => loadMixedInteger());
beforeEach(() => {
  here.pool = new AskedPool();
  Object.assign(server, { sent: [], refuse: null });
  localStorage.clear();
});

const setups = demoFiles
  .filter(({ newest }) => newest)
  .map(({ id, revision, file }) => ({ id: setupIdSchema.parse(id), name: file.name, number: revision, file }));
const page: TyingPage = {
  setups,
  broken: [],
  box: demoParts,
  leaders: demoLeaders,
  brokenLeaders: [],
  publicUrl: null,
  asked: [],
};
const batch = (given: Partial<TyingPage> = {}) => {
  const own = { ...page, ...given };
  return inAPage(() => useBatch(own, 'tied', 'taken back'));
};
const rest = () => doing(() => new Promise((resume) => setTimeout(resume, 180)));
const wall = 'setup-drowned-wall';

describe('what is to be tied', () => {
  it('begins with the leaders that a day still lacks', () => {
    const { counts } = batch({ asked: [wall], leaders: [] }).result.current;
    expect(counts).toEqual({ [wall]: 2 });
    expect(batch().result.current.items).toEqual([]);
  });

  it('is of setups that hold a leader, in whole numbers up to what one evening could tie', async () => {
    const { result } = batch();
    expect(result.current.withLeaders.every(({ file }) => file.chain.some(({ kind }) => kind === 'leader'))).toBe(true);
    for (const [given, expected] of [
      [2.4, 2],
      [-3, 0],
      [Number.NaN, 0],
      [1e6, 500],
    ] as const) {
      await doing(() => result.current.setCount(wall, given));
      expect(result.current.counts[wall]).toBe(expected);
    }
  });

  it('is planned after a rest, as it is then', async () => {
    const { result } = batch();
    for (const count of [1, 2, 3]) await doing(() => result.current.setCount(wall, count));
    expect(result.current.plan).toBeNull();
    await rest();
    expect(here.pool.kinds()).toEqual(['plan-batch']);
    await doing(() => here.pool.last('plan-batch').answer());
    expect(result.current.plan).not.toBeNull();
    await doing(() => result.current.setAllowance('knot' as never, 0.3));
    expect(result.current.plan).toBeNull();
  });
});

describe('a batch that is tied', () => {
  it('is written down once, empties the table, and can be taken back by its request', async () => {
    const { result } = batch();
    await doing(() => result.current.setCount(wall, 3));
    await doing(() => result.current.markTied());
    expect(result.current).toMatchObject({ tied: { count: 3, takenBack: false }, counts: {}, items: [] });
    await doing(() => result.current.takeBack(result.current.tied!));
    expect(result.current.tied).toMatchObject({ count: 3, takenBack: true });
    expect(server.sent[1]!.input).toEqual({ tieRequestId: server.sent[0]!.requestId, reason: 'taken back' });
  });

  it.each(['short', 'not-found', 'database-away'])(
    'that is refused (%s) says so and stays on the table',
    async (code) => {
      const { result } = batch();
      server.refuse = code;
      await doing(() => result.current.setCount(wall, 3));
      await doing(() => result.current.markTied());
      expect(result.current).toMatchObject({ failure: code, tied: null, counts: { [wall]: 3 } });
    },
  );

  it('one of whose leaders is used by now is not taken back', async () => {
    const { result } = batch();
    await doing(() => result.current.setCount(wall, 1));
    await doing(() => result.current.markTied());
    server.refuse = 'used';
    await doing(() => result.current.takeBack(result.current.tied!));
    expect(result.current).toMatchObject({ failure: 'used', tied: { takenBack: false } });
  });
});

it('what was counted is offered again, with its allowances', async () => {
  const { result, unmount } = batch();
  await doing(() => result.current.setCount(wall, 4));
  await doing(() => result.current.setSharesLink(false));
  unmount();
  const again = batch();
  await waitFor(() => expect(again.result.current.draft.offer).not.toBeNull());
  await doing(() => again.result.current.takeUpDraft());
  expect([again.result.current.counts, again.result.current.sharesLink]).toEqual([{ [wall]: 4 }, false]);
});
