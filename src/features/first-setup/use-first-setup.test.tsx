import { beforeEach, describe, expect, it, vi } from 'vitest';
import { demoHouse, demoParts } from '@/db/demo';
import type { Part } from '@/domain/parts';
import { AskedPool } from '../../../tests/helpers/asked-pool';
import { doing, inAPage, waitFor } from '../../../tests/helpers/in-a-page';
import { useFirstSetup } from './use-first-setup';

const here = { pool: new AskedPool() };
vi.mock('@/workers/browser-pool', () => ({ browserPool: () => here.pool }));
const server = vi.hoisted(() => ({
  sent: [] as { name: string; chain: { partId: string }[]; parts: { id: string }[] }[],
  refuse: null as string | null,
}));
vi.mock('@/server/actions/setups', () => ({
  startSetupAction: async ({ input }: { input: (typeof server.sent)[number] }) => {
    if (server.refuse) return { ok: false, code: server.refuse, fields: [] };
    server.sent.push(input);
    return { ok: true, data: { setupId: 'setup-made' } };
  },
}));
const page = vi.hoisted(() => ({ pushed: [] as string[] }));
vi.mock('next/navigation', () => ({ useRouter: () => ({ push: (path: string) => page.pushed.push(path) }) }));

beforeEach(() => {
  here.pool = new AskedPool();
  Object.assign(server, { sent: [], refuse: null });
  page.pushed.length = 0;
});
const part = (kind: Part['kind'], has: (part: Part) => boolean = () => true): Part =>
  demoParts.find((each) => each.kind === kind && has(each))!;
const rod = part('rod', (each) => each.kind === 'rod' && each.mount === 'spin');
const line = part('line', (each) => each.kind === 'line' && each.material === 'braid');
const lure = part('hard-lure');
const first = () => inAPage(() => useFirstSetup(demoHouse, 'the first setup'));
/** Hands over all three, and waits for the rig that they make. */
async function whole() {
  const { result } = first();
  await doing(() => result.current.hold('rod', rod));
  await doing(() => result.current.hold('line', line));
  await doing(() => result.current.hold('lure', lure));
  await waitFor(() => expect(result.current.setup).not.toBeNull());
  return result;
}

describe('a rod, a line and a lure', () => {
  it('make nothing until all three are there', async () => {
    const { result } = first();
    await doing(() => result.current.hold('rod', rod));
    await doing(() => result.current.hold('lure', lure));
    expect(result.current).toMatchObject({ isWhole: false, setup: null, failed: false });
    await doing(() => result.current.save('Too early'));
    expect(server.sent).toEqual([]);
    expect(here.pool.asked).toEqual([]);
  });

  it('make a rig with what ties them together, and it is judged', async () => {
    const result = await whole();
    const { chain, parts } = result.current.setup!;
    for (const hand of [rod, line, lure]) expect(parts).toContainEqual({ ...hand, id: expect.any(String) as string });
    expect(chain.length).toBeGreaterThan(3);
    await waitFor(() => here.pool.last('evaluate'));
    await doing(() => here.pool.last('evaluate').answer());
    expect(result.current.evaluation?.verdicts.throw.value).toBeGreaterThan(0);
    expect(result.current.failed).toBe(false);
  });

  it('get their ranges once nothing more is typed', async () => {
    const result = await whole();
    expect(here.pool.kinds()).not.toContain('ranges');
    await waitFor(() => here.pool.last('ranges'));
    const given = { throw: null };
    await doing(() => here.pool.last('ranges').answer(given));
    expect(result.current.ranges).toBe(given);
  });

  it('are judged anew when one is changed, and the figures of before are gone', async () => {
    const result = await whole();
    await waitFor(() => here.pool.last('evaluate'));
    await doing(() => here.pool.last('evaluate').answer());
    const other = part('line', (each) => each.id !== line.id && each.kind === 'line' && each.material === 'braid');
    await doing(() => result.current.hold('line', other));
    expect(result.current.evaluation).toBeNull();
    await doing(() => result.current.hold('line', undefined));
    expect(result.current).toMatchObject({ isWhole: false, setup: null });
  });

  it('that cannot be judged say so', async () => {
    const result = await whole();
    await waitFor(() => here.pool.last('evaluate'));
    await doing(() => here.pool.last('evaluate').refuse('broken'));
    expect(result.current.failed).toBe(true);
  });
});

describe('the setup that they make', () => {
  it('is saved with parts under ids of their own, and opens with the tour', async () => {
    const result = await whole();
    await doing(() => result.current.save('My first'));
    const [sent] = server.sent;
    expect(sent).toMatchObject({ name: 'My first', reason: 'the first setup' });
    const ids = sent!.parts.map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
    expect(sent!.chain.every(({ partId }) => ids.includes(partId))).toBe(true);
    expect(page.pushed).toEqual(['/bench/setup-made?tour=1']);
  });

  it('that is not saved says why, until something is changed', async () => {
    server.refuse = 'disk-full';
    const result = await whole();
    await doing(() => result.current.save('My first'));
    expect(result.current.failure).toBe('disk-full');
    expect(page.pushed).toEqual([]);
    await doing(() => result.current.hold('rod', rod));
    expect(result.current.failure).toBeNull();
  });
});
