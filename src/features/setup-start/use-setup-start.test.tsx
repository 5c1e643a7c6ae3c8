import { beforeEach, describe, expect, it, vi } from 'vitest';
import { demoHouse, demoParts } from '@/db/demo';
import { completePart } from '@/domain/parts/class-part';
import { RIG_IDS, rigPattern } from '@/domain/rigs';
import { AskedPool } from '../../../tests/helpers/asked-pool';
import { doing, inAPage, waitFor } from '../../../tests/helpers/in-a-page';
import { useSetupStart } from './use-setup-start';

const here = { pool: new AskedPool() };
vi.mock('@/workers/browser-pool', () => ({ browserPool: () => here.pool }));
const page = vi.hoisted(() => ({
  pushed: [] as string[],
  sent: [] as { name: string; parts: { id: string }[] }[],
  house: [] as unknown[],
  refuse: null as string | null,
}));
vi.mock('next/navigation', () => ({ useRouter: () => ({ push: (path: string) => page.pushed.push(path) }) }));
vi.mock('@/server/actions/setups', () => ({
  startSetupAction: async ({ input }: { input: { name: string; parts: { id: string }[] } }) => {
    if (page.refuse) return { ok: false, code: page.refuse, fields: [] };
    page.sent.push(input);
    return { ok: true, data: { setupId: 'setup-made' } };
  },
}));
vi.mock('@/server/actions/house', () => ({
  changeHouseAction: async ({ input }: { input: unknown }) => {
    page.house.push(input);
    return { ok: true, data: {} };
  },
}));

const start = () => inAPage(() => useSetupStart(demoParts, demoHouse, 'first'));
type Start = ReturnType<typeof start>['result'];
const soon = () => doing(() => new Promise((resume) => setTimeout(resume, 5)));
/** Fills every open place with the first part of the Box that fits. */
async function fill(result: Start): Promise<void> {
  for (const { id, parts } of result.current.missing) {
    expect(parts.length, id).toBeGreaterThan(0);
    await doing(() => result.current.choose(id, parts[0]!.id));
  }
}
beforeEach(() => {
  here.pool = new AskedPool();
  Object.assign(page, { pushed: [], sent: [], house: [], refuse: null });
  localStorage.clear();
});

describe('a rig from an empty sheet', () => {
  it.each(RIG_IDS)('%s: its knots are tied already, and each place takes only what fits there', async (rig) => {
    const { result } = start();
    await doing(() => result.current.take(rig));
    const knots = rigPattern(rig).slots.filter(({ knot }) => knot);
    expect(knots.every(({ id }) => result.current.chosen[id])).toBe(true);
    for (const { parts, partKind } of result.current.slots)
      expect(parts.every(({ kind }) => kind === partKind)).toBe(true);
    expect(result.current.missing.every(({ knot }) => !knot)).toBe(true);
  });

  it('is judged once every place is filled, and kept under a name', async () => {
    const { result } = start();
    await doing(() => result.current.take('jig-head'));
    expect(here.pool.asked).toEqual([]);
    await fill(result);
    await soon();
    expect(result.current.isWorking).toBe(true);
    await doing(() => here.pool.last('evaluate').answer());
    expect(result.current.evaluation?.verdicts.throw.mark).toMatch(/sound|edge|fails|cant-tell/);
    await doing(() => result.current.save());
    expect(page.sent).toEqual([]);
    await doing(() => result.current.setName('Evening'));
    await doing(() => result.current.save());
    expect([page.sent[0]!.name, page.pushed]).toEqual(['Evening', ['/bench/setup-made']]);
  });

  it('is judged anew as soon as one place is another, and no more once one is empty', async () => {
    const { result } = start();
    await doing(() => result.current.take('jig-head'));
    await fill(result);
    await soon();
    await doing(() => here.pool.last('evaluate').answer());
    const { id, parts } = result.current.slots.find((slot) => slot.partKind === 'soft-bait')!;
    await doing(() => result.current.choose(id, parts[1]!.id));
    expect(result.current.evaluation).toBeNull();
    await doing(() => result.current.choose(id, undefined));
    await soon();
    expect([result.current.isWorking, result.current.missing.map((slot) => slot.id)]).toEqual([false, [id]]);
  });

  it('that the server does not take says so, and stays', async () => {
    const { result } = start();
    page.refuse = 'database-away';
    await doing(() => result.current.take('jig-head'));
    await fill(result);
    await doing(() => result.current.setName('Evening'));
    await doing(() => result.current.save());
    expect([result.current.failure, page.pushed, result.current.rig]).toEqual(['database-away', [], 'jig-head']);
  });
});

it('a part that is made here has an id of its own, stands first, and goes along only where it is used', async () => {
  const made = completePart({ id: 'x', kind: 'jig-head', massKg: { value: 0.01, unit: 'kg', provenance: 'measured' } });
  if (!made.ok) throw new Error('no jig head');
  const { result } = start();
  await doing(() => result.current.take('jig-head'));
  const own = { id: '' };
  await doing(() => Object.assign(own, result.current.make(made.data)));
  await doing(() => result.current.make(made.data));
  expect(own.id).not.toBe('x');
  const slot = result.current.slots.find(({ partKind }) => partKind === 'jig-head')!;
  expect(slot.parts.slice(0, 2).map(({ id }) => id)).toContain(own.id);
  await doing(() => result.current.choose(slot.id, own.id as never));
  await fill(result);
  await doing(() => result.current.setName('Evening'));
  await doing(() => result.current.save());
  const sent = page.sent[0]!.parts.map(({ id }) => id);
  expect(sent).toContain(own.id);
  expect(
    sent.filter((id) => !demoParts.some((part) => part.id === id) && id !== own.id && !id.startsWith('knot')),
  ).toEqual([]);
});

it('a lure that one starts from stands in its place', async () => {
  const bait = demoParts.find(({ kind }) => kind === 'soft-bait')!;
  const { result } = start();
  await doing(() => result.current.setFrom('lure'));
  await doing(() => result.current.setAbout(bait));
  await doing(() => result.current.take('jig-head'));
  expect(Object.values(result.current.chosen)).toContain(bait.id);
});

it('one’s own words for a rig are kept with the house, and nothing is sent where they are the same', async () => {
  const { result } = start();
  await doing(() => result.current.take('jig-head'));
  await doing(() => result.current.keepWords());
  await doing(() => result.current.call('  vinilo  '));
  await doing(() => result.current.keepWords());
  expect(page.house).toMatchObject([{ changes: [{ document: 'rigWords', key: 'jig-head', to: 'vinilo' }] }]);
});

it('what was begun is offered again, with what was made for it', async () => {
  const { result, unmount } = start();
  await doing(() => result.current.take('jig-head'));
  await doing(() => result.current.setName('Half done'));
  unmount();
  const again = start();
  await waitFor(() => expect(again.result.current.draft.offer).not.toBeNull());
  await doing(() => again.result.current.takeUpDraft());
  expect(again.result.current).toMatchObject({ rig: 'jig-head', name: 'Half done' });
});
