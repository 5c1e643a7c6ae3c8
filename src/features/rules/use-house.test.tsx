import { beforeEach, describe, expect, it, vi } from 'vitest';
import { demoHouse } from '@/db/demo';
import { withEntry, type RulesShape } from '@/domain/house-difference';
import type { HouseChange, RefusedChange } from '@/domain/house-entries';
import { anglerIdSchema } from '@/domain/ids';
import type { ReadHouse } from '@/server/house/house';
import { doing, inAPage, waitFor } from '../../../tests/helpers/in-a-page';
import { useHouse } from './use-house';

/** What the server has; another window changes it here. */
const server = vi.hoisted(() => ({ now: null as unknown, sent: [] as unknown[], refuse: null as string | null }));
vi.mock('@/server/actions/house', () => ({
  changeHouseAction: async ({ input }: { input: { changes: readonly HouseChange[] } }) => {
    server.sent.push(input.changes);
    await new Promise((resume) => setTimeout(resume, 20));
    if (server.refuse) return { ok: false, code: server.refuse, fields: [] };
    const refused: RefusedChange[] = [];
    input.changes.forEach((change, at) => {
      if (change.kind !== 'entry') return;
      const { house } = server.now as ReadHouse;
      const stands = (house.schools as Record<string, unknown>)[change.key] ?? null;
      if (JSON.stringify(stands) === JSON.stringify(change.from))
        server.now = housed(withEntry(shapeOf(house), change, change.to));
      else refused.push({ at, why: 'changed-meanwhile', stands, problems: [] });
    });
    return { ok: true, data: { ...(server.now as ReadHouse), refused } };
  },
}));

const ANGLER = { id: anglerIdSchema.parse('angler-1'), name: 'Marta', usual: true, figures: {} };
const shapeOf = (house: ReadHouse['house']): RulesShape => ({ ...house, anglers: [ANGLER] });
const housed = ({ anglers, ...house }: RulesShape): ReadHouse => ({
  house: { ...house, angler: {} },
  anglers,
  broken: [],
});
const first = housed(shapeOf({ ...demoHouse, schools: {}, angler: {} } as ReadHouse['house']));
const rules = () => inAPage(() => useHouse(first));
type Rules = ReturnType<typeof useHouse>;
const chooses = (state: Rules, strike: string) =>
  doing(() => state.change({ schools: { ...state.shown.schools, strike } as never }));
const rest = (ms = 700) => doing(() => new Promise((resume) => setTimeout(resume, ms)));
type Result = ReturnType<typeof rules>['result'];
const kept = (result: Result) => waitFor(() => expect(result.current.keeping).toBe('kept'));
const stands = () => (server.now as ReadHouse).house.schools.strike;

beforeEach(() => {
  Object.assign(server, { now: first, sent: [], refuse: null });
  localStorage.clear();
});

describe('a rule that is changed', () => {
  it('shows at once, and is kept after a rest, once for all that was typed', async () => {
    const { result } = rules();
    await chooses(result.current, 'give-line');
    await chooses(result.current, 'rod-loads');
    expect(result.current).toMatchObject({ keeping: 'keeping', shown: { schools: { strike: 'rod-loads' } } });
    expect(server.sent).toEqual([]);
    await kept(result);
    expect(server.sent).toMatchObject([[{ kind: 'entry', key: 'strike', from: null, to: 'rod-loads' }]]);
    expect([result.current.keeping, stands()]).toEqual(['kept', 'rod-loads']);
  });

  it('while an answer is under way goes on top of it', async () => {
    const { result } = rules();
    await chooses(result.current, 'give-line');
    await rest(510);
    await chooses(result.current, 'rod-loads');
    await kept(result);
    expect(server.sent).toHaveLength(2);
    expect([result.current.shown.schools.strike, stands()]).toEqual(['rod-loads', 'rod-loads']);
  });

  it('is kept when the page goes before the rest is over', async () => {
    const { result, unmount } = rules();
    await chooses(result.current, 'give-line');
    unmount();
    await waitFor(() => expect(stands()).toBe('give-line'));
  });

  it('and put back again sends nothing', async () => {
    const { result } = rules();
    await chooses(result.current, 'give-line');
    await doing(() => result.current.change({ schools: {} }));
    await rest();
    expect(server.sent).toEqual([]);
  });
});

describe('another window that was before', () => {
  const meanwhile = () => {
    server.now = housed(shapeOf({ ...first.house, schools: { strike: 'at-once' } }));
  };

  it('is told and not written over; mine can be kept after a look', async () => {
    const { result } = rules();
    meanwhile();
    await chooses(result.current, 'give-line');
    await kept(result);
    expect(result.current.conflicts).toMatchObject([{ why: 'changed-meanwhile', stands: 'at-once' }]);
    expect([result.current.shown.schools.strike, stands()]).toEqual(['at-once', 'at-once']);
    await doing(() => result.current.keepMine(result.current.conflicts[0]!));
    await kept(result);
    expect([result.current.conflicts, stands()]).toEqual([[], 'give-line']);
  });

  it('is right where I take theirs', async () => {
    const { result } = rules();
    meanwhile();
    await chooses(result.current, 'give-line');
    await kept(result);
    await doing(() => result.current.takeTheirs(result.current.conflicts[0]!));
    await kept(result);
    expect([result.current.conflicts, stands()]).toEqual([[], 'at-once']);
  });
});

it('a server that is away is said; what was changed is offered again by the next page, and kept', async () => {
  const { result, unmount } = rules();
  server.refuse = 'database-away';
  await chooses(result.current, 'give-line');
  await waitFor(() => expect(result.current.keeping).toBe('database-away'));
  await rest(300);
  unmount();
  await rest(100);
  server.refuse = null;
  const again = rules();
  await waitFor(() => expect(again.result.current.draft.offer).not.toBeNull());
  await doing(() => again.result.current.takeUpDraft());
  await kept(again.result);
  expect([again.result.current.shown.schools.strike, stands()]).toEqual(['give-line', 'give-line']);
});
