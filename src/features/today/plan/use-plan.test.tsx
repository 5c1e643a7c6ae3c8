import { beforeEach, describe, expect, it, vi } from 'vitest';
import { demoPlans, demoWaters } from '@/db/demo';
import type { DayPlan } from '@/domain/plan/plan';
import type { TodayPage } from '@/server/queries/today-page';
import { doing, inAPage, waitFor } from '../../../../tests/helpers/in-a-page';
import { usePlan } from './use-plan';

const server = vi.hoisted(() => ({
  sent: [] as { document: unknown; expectedVersion: number | null }[],
  refuse: null as string | null,
}));
vi.mock('@/server/actions/plans', () => {
  const keep =
    (made: string) =>
    async ({ input }: { input: { document: { id: string }; expectedVersion: number | null } }) => {
      if (server.refuse) return { ok: false, code: server.refuse, fields: [] };
      server.sent.push(input);
      const { document, expectedVersion } = input;
      return {
        ok: true,
        data: {
          document: expectedVersion === null ? { ...document, id: made } : document,
          version: expectedVersion === null ? 0 : expectedVersion + 1,
        },
      };
    };
  return {
    savePlanAction: keep('plan-made'),
    saveWaterAction: keep('water-made'),
    removeWaterAction: async () => ({ ok: true, data: null }),
  };
});

const kept = demoPlans.map((plan, i) => ({ plan, version: i }));
const latest = kept.toSorted((a, b) => a.plan.date.localeCompare(b.plan.date)).at(-1)!;
const page = (given: Partial<TodayPage> = {}): TodayPage =>
  ({
    plans: [latest],
    waters: demoWaters.map((water) => ({ water, version: 1 })),
    asked: null,
    today: latest.plan.date,
    ...given,
  }) as TodayPage;
const planOf = (given: Partial<TodayPage> = {}) => inAPage(() => usePlan(page(given)));
const settle = () => doing(() => new Promise((resume) => setTimeout(resume, 30)));

beforeEach(() => {
  Object.assign(server, { sent: [], refuse: null });
  localStorage.clear();
});

describe('the plan in hand', () => {
  it('is today’s that was kept; of an earlier day a new one of today is made', () => {
    expect(planOf().result.current).toMatchObject({ plan: latest.plan, changed: false });
    const next = planOf({ today: '2031-05-01' }).result.current;
    expect(next).toMatchObject({ version: null, changed: true, plan: { date: '2031-05-01' } });
    expect(next.plan.id).not.toBe(latest.plan.id);
    expect(planOf({ plans: [] }).result.current).toMatchObject({ version: null, plan: { date: latest.plan.date } });
  });

  it('is the one that was asked for by its id', () => {
    const [first] = kept;
    expect(planOf({ plans: kept, asked: first!.plan.id }).result.current.plan).toEqual(first!.plan);
  });

  it('counts what was said, once', async () => {
    const { result } = planOf({ plans: [] });
    await doing(() => result.current.change({ name: 'Morning' }, 'name'));
    await doing(() => result.current.change({ name: 'Evening' }, 'name'));
    expect(result.current.plan.said.filter((cell) => cell === 'name')).toHaveLength(1);
    expect(result.current.plan.name).toBe('Evening');
  });

  it('has its slots in the order of their hours, whatever is done to them', async () => {
    const { result } = planOf({ plans: [] });
    const slot = (id: string, fromS: number) =>
      ({
        ...(latest.plan.slots[0] ?? {}),
        id,
        fromS,
        toS: fromS + 3600,
        setupIds: [],
      }) as unknown as DayPlan['slots'][number];
    await doing(() => result.current.addSlot(slot('b', 7200)));
    await doing(() => result.current.addSlot(slot('a', 3600)));
    const order = () => result.current.plan.slots.map(({ id }) => id).filter((id) => ['a', 'b'].includes(id));
    expect(order()).toEqual(['a', 'b']);
    await doing(() => result.current.changeSlot('a', { fromS: 9000 }));
    expect(order()).toEqual(['b', 'a']);
    await doing(() => result.current.removeSlot('b'));
    expect(order()).toEqual(['a']);
  });
});

describe('in this browser', () => {
  it('a change outlives a reload; who began to type at once goes on with that', async () => {
    const { result, unmount } = planOf();
    await doing(() => result.current.change({ name: 'Typed' }));
    unmount();
    const again = planOf();
    await waitFor(() => expect(again.result.current.plan.name).toBe('Typed'));
    expect(again.result.current.changed).toBe(true);
    again.unmount();
    const typing = planOf();
    await doing(() => typing.result.current.change({ name: 'At once' }));
    await settle();
    expect(typing.result.current.plan.name).toBe('At once');
  });

  it('what was typed in another plan than the one asked for, or before somebody saved it, is left alone', async () => {
    const { result, unmount } = planOf();
    await doing(() => result.current.change({ name: 'Typed' }));
    unmount();
    const saved = planOf({ asked: latest.plan.id, plans: [{ ...latest, version: latest.version + 1 }] });
    await settle();
    expect(saved.result.current.plan.name).toBe(latest.plan.name);
  });

  it.each(['nonsense', '{}', '{"plan":{"date":1},"version":2}'])('%s is no plan', async (text) => {
    localStorage.setItem('ferula day', text);
    const { result } = planOf();
    await settle();
    expect(result.current.plan).toEqual(latest.plan);
  });
});

describe('on the bench', () => {
  it('a plan is kept under a name and an id of its own, and is changed no more', async () => {
    const { result } = planOf({ plans: [] });
    const then = vi.fn();
    await doing(() => result.current.save('Sunday', then));
    expect(then).toHaveBeenCalledWith('plan-made');
    expect(result.current).toMatchObject({ changed: false, version: 0, plan: { id: 'plan-made', name: 'Sunday' } });
  });

  it('one that was changed elsewhere is not written over, and can be kept as another', async () => {
    const { result } = planOf();
    server.refuse = 'stale';
    await doing(() => result.current.change({ name: 'Mine' }));
    await doing(() => result.current.save('x'));
    expect(result.current).toMatchObject({ failure: 'stale', changed: true });
    server.refuse = null;
    await doing(() => result.current.keepAsAnother());
    await doing(() => result.current.save('x'));
    expect(server.sent.at(-1)).toMatchObject({ expectedVersion: null, document: { name: 'Mine' } });
    expect(result.current).toMatchObject({ failure: null, changed: false });
  });
});

describe('a water', () => {
  const water = demoWaters[0]!;
  it('brings what is usual there into the day, and leaves it when it goes', async () => {
    const { result } = planOf({ plans: [] });
    await doing(() => result.current.chooseWater(water.id));
    expect(result.current.water).toEqual(water);
    expect(result.current.plan.day).toMatchObject(
      Object.fromEntries(
        Object.entries({ bottomM: water.bottomM, bottom: water.bottom }).filter(([, value]) => value !== undefined),
      ),
    );
    await doing(() => result.current.removeWater(water.id));
    expect([result.current.water, result.current.plan.waterId]).toEqual([null, null]);
    expect(result.current.waters.map(({ id }) => id)).not.toContain(water.id);
  });

  it('that is saved is the day’s from then on', async () => {
    const { result } = planOf({ plans: [] });
    await doing(() => result.current.saveWater({ ...water, name: 'Another' }, null));
    expect(result.current.water).toMatchObject({ id: 'water-made', name: 'Another' });
    expect(result.current.versionOf('water-made')).toBe(0);
  });
});
