import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { QuestionOf } from '@/workers/protocol';
import { AskedPool } from '../../../tests/helpers/asked-pool';
import { demoFile } from '../../../tests/helpers/demo';
import { doing, inAPage } from '../../../tests/helpers/in-a-page';
import { useAnswer } from './use-answer';

const here = { pool: new AskedPool() };
vi.mock('@/workers/browser-pool', () => ({ browserPool: () => here.pool }));
beforeEach(() => {
  here.pool = new AskedPool();
});

type Evaluate = QuestionOf<'evaluate'>;
const one: Evaluate = { kind: 'evaluate', setup: demoFile('setup-drowned-wall') };
const other: Evaluate = { kind: 'evaluate', setup: demoFile('setup-feather') };
const asking = (question: Evaluate | null) =>
  inAPage((asked: Evaluate | null) => useAnswer(asked), { props: question });
const soon = () => doing(() => new Promise((resume) => setTimeout(resume, 5)));

describe('a question that changes', () => {
  it('waits, and has its answer with the question that it is the answer to', async () => {
    const { result } = asking(one);
    expect(result.current).toMatchObject({ last: null, waiting: true, failed: null });
    await soon();
    await doing(() => here.pool.last('evaluate').answer());
    expect(result.current).toMatchObject({ waiting: false, failed: null });
    expect(result.current.last?.question).toBe(one);
    expect(result.current.last?.answer.verdicts.throw.mark).toBe('sound');
  });

  it('gives up the one before it, whose late answer is dropped; what was answered last stays until then', async () => {
    const { result, rerender } = asking(one);
    await soon();
    await doing(() => here.pool.asked[0]!.answer());
    rerender(other);
    await soon();
    expect(result.current.last?.question).toBe(one);
    rerender(one);
    await soon();
    expect(here.pool.asked.map(({ isGivenUp }) => isGivenUp())).toEqual([true, true, false]);
    await doing(() => here.pool.asked[1]!.answer());
    expect(result.current.last?.question).toBe(one);
  });

  it('asks nothing while there is none, and nothing again while it is the same', async () => {
    const { rerender } = asking(null);
    await soon();
    expect(here.pool.asked).toEqual([]);
    rerender(one);
    await soon();
    rerender(one);
    await soon();
    expect(here.pool.kinds()).toEqual(['evaluate']);
  });

  it('that a worker refuses says so, until the next question', async () => {
    const { result, rerender } = asking(one);
    await soon();
    await doing(() => here.pool.last('evaluate').refuse('outside-limits'));
    expect(result.current).toMatchObject({ failed: 'outside-limits', waiting: false });
    rerender(other);
    expect(result.current).toMatchObject({ failed: null, waiting: true });
  });

  it('is not asked before its time, nor at all once it is gone', async () => {
    const { rerender, unmount } = inAPage((asked: Evaluate | null) => useAnswer(asked, 300), {
      props: one as Evaluate | null,
    });
    rerender(other);
    await doing(() => new Promise((resume) => setTimeout(resume, 500)));
    expect(here.pool.asked.map(({ question }) => question)).toEqual([other]);
    rerender(one);
    unmount();
    await new Promise((resume) => setTimeout(resume, 500));
    expect(here.pool.asked).toHaveLength(1);
  });
});

it('shows how far a long one has come, and of no other', async () => {
  vi.useFakeTimers({ toFake: ['performance', 'setTimeout', 'clearTimeout'] });
  try {
    const { result, rerender } = asking(one);
    await doing(() => vi.advanceTimersByTime(1));
    await doing(() => here.pool.last('evaluate').progress({ done: 1, of: 4 }));
    expect(result.current.progress).toBeNull();
    await doing(() => vi.advanceTimersByTime(600));
    await doing(() => here.pool.last('evaluate').progress({ done: 2, of: 4 }));
    expect(result.current.progress).toEqual({ done: 2, of: 4 });
    rerender(other);
    expect(result.current.progress).toBeNull();
  } finally {
    vi.useRealTimers();
  }
});
