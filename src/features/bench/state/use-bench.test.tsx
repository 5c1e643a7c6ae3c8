import { beforeEach, describe, expect, it, vi } from 'vitest';
import { evaluate } from '@/core/judge';
import { demoHouse, demoParts } from '@/db/demo';
import { AskedPool } from '../../../../tests/helpers/asked-pool';
import { demoFile } from '../../../../tests/helpers/demo';
import { doing, inAPage, waitFor } from '../../../../tests/helpers/in-a-page';
import { fittedPart } from './bench-state';
import { useBench, type BenchInput } from './use-bench';

const here = { pool: new AskedPool() };
vi.mock('@/workers/browser-pool', () => ({ browserPool: () => here.pool }));

const file = demoFile('setup-drowned-wall');
const page: BenchInput = {
  chain: file.chain,
  presentation: file.presentation,
  evaluation: evaluate(file),
  version: 2,
  revision: 2,
  box: demoParts,
  partsThen: [],
  house: demoHouse,
  draftKey: 'bench setup-drowned-wall',
};
const bench = (given: Partial<BenchInput> = {}) =>
  inAPage((own: Partial<BenchInput>) => useBench({ ...page, ...own }), { props: given });
const soon = (ms = 5) => doing(() => new Promise((resume) => setTimeout(resume, ms)));

beforeEach(() => {
  here.pool = new AskedPool();
  localStorage.clear();
});

describe('a Bench that opens', () => {
  it('shows what the server worked out, and asks no worker for it again', async () => {
    const { result } = bench();
    await soon(500);
    expect(result.current.answered.evaluation).toBe(page.evaluation);
    expect(result.current).toMatchObject({ waiting: false, failed: false, changed: false });
    expect(here.pool.kinds()).not.toContain('evaluate');
    expect(here.pool.kinds()).toEqual(expect.arrayContaining(['candidates', 'ranges']));
  });

  it('asks nothing anew when the server sends the same again, in another lighting or language', async () => {
    const { rerender } = bench();
    await soon(500);
    const before = here.pool.asked.length;
    rerender({ box: structuredClone(demoParts) as BenchInput['box'], house: structuredClone(demoHouse) as never });
    await soon(500);
    expect(here.pool.asked).toHaveLength(before);
  });

  it('offers the parts that fit where it stands, the fitted one among them', () => {
    const { result } = bench();
    expect(result.current.joint.id).toBe('hook');
    expect(result.current.candidates.every(({ kind }) => kind === 'hook')).toBe(true);
    expect(result.current.candidates.map(({ id }) => id)).toContain(result.current.fitted);
  });
});

describe('a part that is tried on', () => {
  const other = (state: ReturnType<typeof useBench>) => state.candidates.find(({ id }) => id !== state.fitted)!.id;

  it('is sent to a worker, shown with its own answer, and compared with what is fitted', async () => {
    const { result } = bench();
    const tried = other(result.current);
    await doing(() => result.current.dispatch({ kind: 'try', partId: tried }));
    expect(result.current.waiting).toBe(true);
    expect(result.current.answered.evaluation).toBe(page.evaluation);
    await soon();
    await doing(() => here.pool.last('evaluate').answer());
    const { answered, before } = result.current;
    expect(answered.setup.chain.find(({ id }) => id === 'hook')?.partId).toBe(tried);
    expect(answered.evaluation).toEqual(evaluate(answered.setup));
    expect(before.evaluation).toBe(page.evaluation);
    expect(result.current.changed).toBe(false);
  });

  it('that is put back shows at once what was there, without asking', async () => {
    const { result } = bench();
    await doing(() => result.current.dispatch({ kind: 'try', partId: other(result.current) }));
    await soon();
    const asked = here.pool.kinds().filter((kind) => kind === 'evaluate').length;
    await doing(() => result.current.dispatch({ kind: 'put-back' }));
    await soon();
    expect(result.current).toMatchObject({ waiting: false });
    expect(result.current.answered.evaluation).toBe(page.evaluation);
    expect(here.pool.kinds().filter((kind) => kind === 'evaluate')).toHaveLength(asked);
  });

  it('and one tried after it: only the last one’s answer is shown, in whatever order they come', async () => {
    const { result } = bench();
    const [first, second] = result.current.candidates.filter(({ id }) => id !== result.current.fitted);
    await doing(() => result.current.dispatch({ kind: 'try', partId: first!.id }));
    await soon();
    await doing(() => result.current.dispatch({ kind: 'try', partId: second!.id }));
    await soon();
    const [late, newest] = here.pool.asked.filter(({ question }) => question.kind === 'evaluate');
    await doing(() => newest!.answer());
    await doing(() => late!.answer());
    expect(result.current.answered.setup.chain.find(({ id }) => id === 'hook')?.partId).toBe(second!.id);
  });

  it('that no model can work out says so and leaves what was shown', async () => {
    const { result } = bench();
    await doing(() => result.current.dispatch({ kind: 'try', partId: other(result.current) }));
    await soon();
    await doing(() => here.pool.last('evaluate').refuse('outside-limits'));
    expect(result.current).toMatchObject({ failed: true, waiting: false });
    expect(result.current.answered.evaluation).toBe(page.evaluation);
  });

  it('is a change once it is fitted, which an undo takes back', async () => {
    const { result } = bench();
    const tried = other(result.current);
    await doing(() => result.current.dispatch({ kind: 'try', partId: tried }));
    await doing(() => result.current.dispatch({ kind: 'fit' }));
    expect([fittedPart(result.current.state), result.current.changed]).toEqual([tried, true]);
    await doing(() => result.current.dispatch({ kind: 'undo' }));
    expect([fittedPart(result.current.state), result.current.changed]).toEqual([
      page.chain.find(({ id }) => id === 'hook')!.partId,
      false,
    ]);
  });
});

describe('ranges', () => {
  it('wait for a rest, and are of what is shown', async () => {
    const { result } = bench();
    await soon();
    expect(here.pool.kinds()).not.toContain('ranges');
    await soon(500);
    await doing(() => here.pool.last('ranges').answer({ figures: {} }));
    expect(result.current.rangesAreOf).toBe(result.current.answered.setup);
    expect(result.current.ranges).toEqual({ figures: {} });
  });
});

it('the effects of candidates are those of the joint that is chosen', async () => {
  const { result } = bench();
  await soon();
  await doing(() => here.pool.last('candidates').answer([{ partId: 'x', evaluation: null }]));
  expect(result.current.effects).toEqual([{ partId: 'x', evaluation: null }]);
  await doing(() => result.current.dispatch({ kind: 'select', jointId: 'leader' }));
  expect(result.current.effects).toEqual([]);
  expect(result.current.candidates.every(({ kind }) => kind === 'line')).toBe(true);
});

describe('readings of the day', () => {
  it('are counted where they changed since the revision, and taken when asked', async () => {
    const hook = file.parts.find(({ kind }) => kind === 'hook')!;
    const then = { ...hook, wireMm: { value: 2.2, unit: 'mm', provenance: 'measured' } } as never;
    const { result } = bench({ partsThen: [then] });
    expect(result.current.readingsChanged).toBe(1);
    await doing(() => result.current.dispatch({ kind: 'toggle-then' }));
    expect(result.current.fittedSetup.parts.find(({ id }) => id === hook.id)).toBe(then);
  });
});

const longerLeader = {
  kind: 'change-joint',
  joint: { ...page.chain.find(({ id }) => id === 'leader')!, lengthM: 1.7 } as never,
  field: 'lengthM',
} as const;

describe('what was not saved', () => {
  it('is kept, offered when the Bench opens again, and taken up', async () => {
    const { result, unmount } = bench();
    await doing(() => result.current.dispatch(longerLeader));
    await soon(300);
    unmount();
    const again = bench();
    await waitFor(() => expect(again.result.current.kept.offer).not.toBeNull());
    expect(again.result.current.changed).toBe(false);
    await doing(() => again.result.current.takeUpKept());
    expect(again.result.current.state.draft.chain.find(({ id }) => id === 'leader')).toMatchObject({ lengthM: 1.7 });
    expect([again.result.current.changed, again.result.current.kept.offer]).toEqual([true, null]);
  });

  it('is not offered where a part of it is no longer in the Box, or where it was saved meanwhile', async () => {
    const { result, unmount } = bench();
    await doing(() => result.current.dispatch(longerLeader));
    await soon(300);
    const { draft } = result.current.state;
    unmount();
    const kept = localStorage.getItem('ferula draft bench setup-drowned-wall')!;
    const saved = bench({ chain: draft.chain });
    await soon(50);
    expect(saved.result.current.kept.offer).toBeNull();
    saved.unmount();
    const bait = file.parts.find(({ kind }) => kind === 'soft-bait')!.id;
    localStorage.setItem('ferula draft bench setup-drowned-wall', kept.replaceAll(bait, 'bait-gone'));
    const without = bench();
    await soon(50);
    expect(without.result.current.kept.offer).toBeNull();
  });
});
