import { beforeEach, describe, expect, it, vi } from 'vitest';
import { demoParts } from '@/db/demo';
import type { Part } from '@/domain/parts';
import type { BoxPart } from '@/server/queries/box-page';
import { doing, inAPage } from '../../../tests/helpers/in-a-page';
import { useBox } from './use-box';

/** What the server has: parts by id with their version, as `changeBoxAction` keeps them. */
const server = vi.hoisted(() => ({
  parts: new Map<string, { part: Part; version: number }>(),
  refuse: null as null | { readonly code: string; readonly setups?: readonly { readonly name: string }[] },
  merged: [] as unknown[],
}));
interface Sent {
  readonly requestId: string;
  readonly input: {
    readonly changes: readonly {
      readonly id: string;
      readonly part: Part | null;
      readonly expectedVersion: number | null;
    }[];
    readonly merge: { readonly keepId: string; readonly dropId: string };
    readonly mergeRequestId: string;
  };
}
vi.mock('@/server/actions/box', () => ({
  changeBoxAction: async ({ input }: Sent) => {
    if (server.refuse) return { ok: false, fields: [], ...server.refuse };
    for (const { id, expectedVersion } of input.changes)
      if ((server.parts.get(id)?.version ?? null) !== expectedVersion) return { ok: false, code: 'stale', fields: [] };
    const data = input.changes.map(({ id, part }) => {
      const before = server.parts.get(id);
      if (part) server.parts.set(id, { part, version: (before?.version ?? 0) + 1 });
      else server.parts.delete(id);
      return { id, version: (before?.version ?? 0) + 1, before: before?.part ?? null };
    });
    return { ok: true, data };
  },
  mergePartsAction: async ({ input, requestId }: Sent) => {
    server.merged.push(['join', input.merge.keepId, input.merge.dropId, requestId]);
    return { ok: true, data: { setups: [{ name: 'Drowned wall' }] } };
  },
  unmergePartsAction: async ({ input }: Sent) => {
    server.merged.push(['apart', input.mergeRequestId]);
    return { ok: true, data: null };
  },
  moveStockAction: async () => ({ ok: true, data: null }),
  mendPartAction: async () => ({ ok: false, code: 'not-found', fields: [] }),
}));

const [hook, other] = demoParts.filter(({ kind }) => kind === 'hook') as [Part, Part];
const rows = (): readonly BoxPart[] => [...server.parts.values()] as never;
/** The Box as the page has it; `again` is the server's next page. */
function box() {
  const { result, rerender } = inAPage((parts: readonly BoxPart[]) => useBox(parts), { props: rows() });
  return { result, again: () => rerender(rows()) };
}

beforeEach(() => {
  server.parts = new Map([hook, other].map((part) => [part.id as string, { part, version: 1 }]));
  server.refuse = null;
  server.merged = [];
});

describe('a change of the Box', () => {
  it('is taken back and done again, step by step', async () => {
    const { result, again } = box();
    const named = (name: string) => ({ ...hook, name });
    for (const name of ['one', 'two']) {
      await doing(() => result.current.put(named(name), 'test'));
      again();
    }
    expect([result.current.canUndo, result.current.canRedo]).toEqual([true, false]);
    const nameThere = () => server.parts.get(hook.id)?.part.name;
    for (const expected of ['one', hook.name]) {
      await doing(() => result.current.undo('back'));
      again();
      expect(nameThere()).toBe(expected);
    }
    expect([result.current.canUndo, result.current.canRedo]).toEqual([false, true]);
    for (const expected of ['one', 'two']) {
      await doing(() => result.current.redo('again'));
      again();
      expect(nameThere()).toBe(expected);
    }
  });

  it('after a step back leaves nothing to be done again', async () => {
    const { result, again } = box();
    await doing(() => result.current.put({ ...hook, name: 'one' }, 'test'));
    again();
    await doing(() => result.current.undo('back'));
    again();
    await doing(() => result.current.put({ ...hook, name: 'two' }, 'test'));
    expect(result.current.canRedo).toBe(false);
  });

  it('that takes several out brings all of them back', async () => {
    const { result, again } = box();
    const done = vi.fn();
    await doing(() => result.current.remove([hook.id, other.id], 'test', done));
    expect([server.parts.size, done.mock.calls.length]).toEqual([0, 1]);
    again();
    await doing(() => result.current.undo('back'));
    expect([...server.parts.keys()].sort()).toEqual([hook.id, other.id].sort());
  });

  it('that somebody else was before of is not written over, and leaves no step', async () => {
    const { result } = box();
    server.parts.set(hook.id, { part: hook, version: 7 });
    const done = vi.fn();
    await doing(() => result.current.put({ ...hook, name: 'mine' }, 'test', done));
    expect(result.current.failure).toEqual({ code: 'stale', setups: [] });
    expect([result.current.canUndo, done.mock.calls.length, server.parts.get(hook.id)!.part.name]).toEqual([
      false,
      0,
      hook.name,
    ]);
  });

  it('that setups would not bear names them; the words go once something else is done', async () => {
    const { result, again } = box();
    server.refuse = { code: 'breaks', setups: [{ name: 'Drowned wall' }] };
    await doing(() => result.current.remove([hook.id], 'test'));
    expect(result.current.failure).toEqual({ code: 'breaks', setups: ['Drowned wall'] });
    server.refuse = null;
    again();
    await doing(() => result.current.put({ ...hook, name: 'one' }, 'test'));
    expect(result.current.failure).toBeNull();
  });

  it('whose step back is refused keeps the step', async () => {
    const { result, again } = box();
    await doing(() => result.current.put({ ...hook, name: 'one' }, 'test'));
    again();
    server.refuse = { code: 'busy' };
    await doing(() => result.current.undo('back'));
    expect([result.current.canUndo, result.current.canRedo, result.current.failure?.code]).toEqual([
      true,
      false,
      'busy',
    ]);
  });
});

it('two entries that were joined come apart again by the request that joined them', async () => {
  const { result } = box();
  const told = vi.fn();
  await doing(() => result.current.merge(hook.id, other.id, 'test', told));
  expect(told).toHaveBeenCalledWith(['Drowned wall']);
  await doing(() => result.current.undo('back'));
  await doing(() => result.current.redo('again'));
  const [joined, apart, again] = server.merged as [unknown[], unknown[], unknown[]];
  expect(apart).toEqual(['apart', joined[3]]);
  expect(again.slice(0, 3)).toEqual(['join', hook.id, other.id]);
});

it('stock that was moved is put back as the part stood', async () => {
  const { result, again } = box();
  await doing(() => result.current.move(hook, -2, 'lost', () => undefined));
  server.parts.set(hook.id, { part: { ...hook, name: 'fewer' }, version: 2 });
  again();
  await doing(() => result.current.undo('back'));
  expect(server.parts.get(hook.id)!.part).toEqual(hook);
});

it('an entry that is gone cannot be mended, and that is said', async () => {
  const { result } = box();
  await doing(() =>
    result.current.mend({ id: 'gone', kind: 'hook', name: '', version: 1, problems: [] } as never, () => undefined),
  );
  expect(result.current.failure?.code).toBe('not-found');
  await doing(() => result.current.clearFailure());
  expect(result.current.failure).toBeNull();
});
