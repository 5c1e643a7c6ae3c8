import { describe, expect, it } from 'vitest';
import { demoFile } from '../../tests/helpers/demo';
import { evaluate } from '@/core/judge';
import { finish, setupRanges } from '@/core/decide';
import { demoParts } from '@/db/demo';
import { NoAnswerError, WorkerPool, type PoolWorker } from './pool';
import type { FromWorker, ToWorker } from './protocol';
import { serve } from './serve';

const wall = demoFile('setup-drowned-wall');
const hooks = demoParts.filter(({ kind }) => kind === 'hook');

/** A worker in this thread, message by message as in the browser; it tells what came in. */
function threadWorker(heard: ToWorker[] = [], slowly = 0): PoolWorker {
  let listener: (event: { readonly data?: FromWorker }) => void = () => undefined;
  let clock = 0;
  const handle = serve({
    post: (data) => void Promise.resolve().then(() => listener({ data: structuredClone(data) })),
    // Time passes by so much at each look, so that slices and progress come as often as a test wants.
    now: () => (clock += slowly),
    pause: () => new Promise((resume) => setImmediate(resume)),
  });
  return {
    postMessage: (message) => {
      heard.push(message);
      setImmediate(() => void handle(message));
    },
    addEventListener: (kind, given) => {
      if (kind === 'message') listener = given;
    },
  };
}

describe('the worker pool', () => {
  it('gives the same bytes as the core called here', async () => {
    const pool = new WorkerPool(2, () => threadWorker());
    expect(JSON.stringify(await pool.ask({ kind: 'evaluate', setup: wall }))).toBe(JSON.stringify(evaluate(wall)));
    expect(await pool.ask({ kind: 'ranges', setup: wall, seed: 3 })).toEqual(finish(setupRanges(wall, { seed: 3 })));
  });
  it('parts a list of candidates among its workers and keeps the order', async () => {
    const heard: ToWorker[][] = [];
    const pool = new WorkerPool(2, () => {
      heard.push([]);
      return threadWorker(heard.at(-1));
    });
    const effects = await pool.ask({ kind: 'candidates', setup: wall, jointId: 'hook', parts: hooks });
    expect(effects.map(({ partId }) => partId)).toEqual(hooks.map(({ id }) => id));
    expect(heard.map((messages) => messages.length)).toEqual([1, 1]);
    expect(await pool.ask({ kind: 'candidates', setup: wall, jointId: 'hook', parts: [] })).toEqual([]);
  });
  it('shows progress of what takes long', async () => {
    const seen: number[] = [];
    const pool = new WorkerPool(1, () => threadWorker([], 20));
    await pool.ask(
      { kind: 'candidates', setup: wall, jointId: 'hook', parts: hooks },
      { onProgress: ({ done }) => seen.push(done) },
    );
    expect(seen.length).toBeGreaterThan(3);
    expect(seen).toEqual([...seen].sort((a, b) => a - b));
  });
  it('gives a question up: its answer is dropped, the worker is told, and goes on with the next', async () => {
    const heard: ToWorker[] = [];
    const pool = new WorkerPool(1, () => threadWorker(heard, 20));
    const given = new AbortController();
    const long = pool.ask({ kind: 'ranges', setup: wall }, { signal: given.signal });
    given.abort(new Error('another question'));
    await expect(long).rejects.toThrow('another question');
    expect((await pool.ask({ kind: 'evaluate', setup: wall })).outcome).toBe('ok');
    expect(heard.map(({ kind }) => kind)).toEqual(['ask', 'cancel', 'ask']);
    const late = pool.ask({ kind: 'evaluate', setup: wall }, { signal: given.signal });
    await expect(late).rejects.toThrow('another question');
  });
  it('answers a short question while a long one goes on in the same worker', async () => {
    const order: string[] = [];
    const pool = new WorkerPool(1, () => threadWorker([], 20));
    await Promise.all([
      pool.ask({ kind: 'ranges', setup: wall }).then(() => order.push('long')),
      pool.ask({ kind: 'evaluate', setup: wall }).then(() => order.push('short')),
    ]);
    expect(order).toEqual(['short', 'long']);
  });
  it('tells those who wait for a worker that died, and starts another for the next', async () => {
    let made = 0;
    let die: () => void = () => undefined;
    const dead: PoolWorker = {
      postMessage: () => setImmediate(() => die()),
      addEventListener: (kind, given) => {
        if (kind === 'error') die = () => given({});
      },
    };
    const pool = new WorkerPool(1, () => (made++ === 0 ? dead : threadWorker()));
    await expect(pool.ask({ kind: 'evaluate', setup: wall })).rejects.toMatchObject({ code: 'broken' });
    expect((await pool.ask({ kind: 'evaluate', setup: wall })).outcome).toBe('ok');
    expect(made).toBe(2);
  });
  it('says why there is no answer', async () => {
    const pool = new WorkerPool(1, () => threadWorker());
    const heavy = {
      ...wall,
      parts: wall.parts.map((part) =>
        part.kind === 'weight' ? { ...part, massKg: { ...part.massKg, value: 1e6 } } : part,
      ),
    };
    await expect(pool.ask({ kind: 'evaluate', setup: heavy })).rejects.toMatchObject({
      name: 'NoAnswerError',
      code: 'outside-limits',
    });
    await expect(pool.ask({ kind: 'evaluate', setup: { ...wall, parts: [] } })).rejects.toBeInstanceOf(NoAnswerError);
    const effects = await pool.ask({
      kind: 'candidates',
      setup: wall,
      jointId: 'weight',
      parts: [heavy.parts.find(({ kind }) => kind === 'weight')!],
    });
    expect(effects[0]!.evaluation).toBeNull();
  });
});
