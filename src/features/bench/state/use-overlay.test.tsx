import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { evaluate } from '@/core/judge';
import type { RevisionLine } from '@/domain/revision-line';
import { AskedPool } from '../../../../tests/helpers/asked-pool';
import { demoFiles } from '../../../../tests/helpers/demo';
import { doing, inAPage, waitFor } from '../../../../tests/helpers/in-a-page';
import { useOverlay } from './use-overlay';

const here = { pool: new AskedPool() };
vi.mock('@/workers/browser-pool', () => ({ browserPool: () => here.pool }));

const [older, newer] = demoFiles.filter(({ id }) => id === 'setup-drowned-wall');
const lineOf = (number: number): RevisionLine =>
  ({ number, reason: `reason ${number}`, savedAt: '2026-05-01' }) as never;
const input = {
  setupId: 'setup-drowned-wall',
  line: lineOf(2),
  revisions: [lineOf(1), lineOf(2)],
  shown: { setup: newer!.file, evaluation: evaluate(newer!.file) },
};
const overlay = (given: Partial<typeof input> = {}) => inAPage(() => useOverlay({ ...input, ...given }));
const asked: string[] = [];
const serves = (answer: () => Promise<Response>) =>
  vi.stubGlobal('fetch', async (address: string) => {
    asked.push(address);
    return answer();
  });

beforeEach(() => {
  here.pool = new AskedPool();
  asked.length = 0;
  serves(async () => Response.json(older!.file));
});
afterEach(() => {
  vi.unstubAllGlobals();
});

describe('a revision laid over another', () => {
  it('is none at first: what is shown is drawn alone', () => {
    const { result } = overlay();
    expect(result.current.drawings.over).toBeNull();
    expect(result.current.versions).toBeNull();
  });

  it('is read as the shell reads it, evaluated by a worker, and drawn at the scale of both', async () => {
    const { result } = overlay();
    let isLaid: boolean | undefined;
    await doing(async () => (isLaid = await result.current.lay(1)));
    expect(isLaid).toBe(true);
    expect(asked).toEqual(['/bench/setup-drowned-wall/setup.json?revision=1']);
    expect(result.current.drawings.over).toBeNull();
    await waitFor(() => here.pool.last('evaluate'));
    await doing(() => here.pool.last('evaluate').answer());
    expect(result.current.drawings.over).not.toBeNull();
    expect(result.current.versions).toMatchObject({ older: { number: 1 }, newer: { number: 2 } });
  });

  it('stands as the newer one where an older one is shown', async () => {
    const { result } = overlay({ line: lineOf(1) });
    await doing(() => result.current.lay(2));
    expect(result.current.versions).toMatchObject({ older: { number: 1 }, newer: { number: 2 } });
  });

  it('is taken off again', async () => {
    const { result } = overlay();
    await doing(() => result.current.lay(1));
    await waitFor(() => here.pool.last('evaluate'));
    await doing(() => here.pool.last('evaluate').answer());
    await doing(() => result.current.takeOff());
    expect(result.current.drawings.over).toBeNull();
    expect(result.current.versions).toBeNull();
  });

  it.each([
    ['a server that is away', async () => Promise.reject(new TypeError('no network'))],
    ['a revision that is not there', async () => new Response('', { status: 404 })],
  ])('is not laid by %s, and that is said', async (_, answer) => {
    serves(answer);
    const { result } = overlay();
    let isLaid: boolean | undefined;
    await doing(async () => (isLaid = await result.current.lay(1)));
    expect(isLaid).toBe(false);
    expect(result.current.versions).toBeNull();
  });
});
