import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { demoParts } from '@/db/demo';
import type { BoxPart } from '@/server/queries/box-page';
import type { ExchangeReply } from '@/workers/exchange-protocol';
import { doing, inAPage, waitFor } from '../../../tests/helpers/in-a-page';
import { useExchange } from './use-exchange';

/** In the place of the worker that reads tables: the test says what it found. */
class Reader {
  static last: Reader | null = null;
  asked: unknown = null;
  isGone = false;
  private readonly listeners = new Map<string, (event: { readonly data: ExchangeReply }) => void>();
  constructor() {
    Reader.last = this;
  }
  addEventListener(kind: string, listener: (event: { readonly data: ExchangeReply }) => void): void {
    this.listeners.set(kind, listener);
  }
  postMessage(asked: unknown): void {
    this.asked = asked;
  }
  terminate(): void {
    this.isGone = true;
  }
  say(data: ExchangeReply): void {
    this.listeners.get('message')?.({ data });
  }
  break(): void {
    this.listeners.get('error')?.({ data: undefined as never });
  }
}

const page = vi.hoisted(() => ({ refreshed: 0 }));
vi.mock('next/navigation', () => ({ useRouter: () => ({ refresh: () => (page.refreshed += 1) }) }));
const asked = vi.fn<(path: string, init: RequestInit) => Promise<Response>>();
const answers = (body: unknown, status = 200) => asked.mockResolvedValueOnce(Response.json(body, { status }));

const [hook, other] = demoParts.filter(({ kind }) => kind === 'hook');
const parts = [{ part: hook!, version: 4 }] as unknown as readonly BoxPart[];
const exchange = () => inAPage(() => useExchange(parts, 'imported')).result;
type Exchange = ReturnType<typeof exchange>;
const sent = (nth: number) => JSON.parse(String(asked.mock.calls[nth]![1].body)) as { changes?: unknown };
const paths = () => asked.mock.calls.map(([path]) => path);
const keys = () => asked.mock.calls.map(([, { headers }]) => (headers as Record<string, string>)['idempotency-key']);
const file = (name: string, text: string) => new File([text], name);
const until = (state: Exchange, kind: string) => waitFor(() => expect(state.current.state.kind).toBe(kind));

beforeEach(() => {
  vi.stubGlobal('Worker', Reader);
  vi.stubGlobal('fetch', asked);
  asked.mockReset();
  page.refreshed = 0;
});
afterEach(() => vi.unstubAllGlobals());

describe('a table of parts', () => {
  const line = (n: number, outcome: object) => ({ line: n, outcome }) as never;
  const plan = (...lines: never[]): ExchangeReply => ({ kind: 'planned', plan: { kind: 'plan', lines } }) as never;

  it('is read aside, tried on the server, shown, and written only when that is confirmed', async () => {
    const state = exchange();
    await doing(() => state.current.read(file('parts.csv', 'x')));
    await doing(() => Reader.last!.say({ kind: 'progress', done: 1000, of: 2000 }));
    expect(state.current.state).toEqual({ kind: 'reading', done: 1000, of: 2000 });
    answers({ count: 2 });
    await doing(() =>
      Reader.last!.say(
        plan(
          line(2, { kind: 'changed', part: hook }),
          line(3, { kind: 'new', part: other }),
          line(4, { kind: 'same', id: 'x' }),
        ),
      ),
    );
    await until(state, 'parts');
    expect(sent(0).changes).toEqual([
      { id: hook!.id, part: hook, expectedVersion: 4 },
      { id: other!.id, part: other, expectedVersion: null },
    ]);
    answers({ count: 2 });
    await doing(() => state.current.confirm());
    await until(state, 'written');
    expect(paths()).toEqual(['/files/parts', '/files/parts?confirm=yes']);
    expect([state.current.state, page.refreshed]).toMatchObject([{ count: 2 }, 1]);
  });

  it('without a change asks the server nothing', async () => {
    const state = exchange();
    await doing(() => state.current.read(file('parts.csv', 'x')));
    await doing(() => Reader.last!.say(plan(line(2, { kind: 'same', id: 'x' }))));
    await until(state, 'parts');
    expect(asked).not.toHaveBeenCalled();
  });

  it.each([
    [{ kind: 'refused', code: 'archive' }, 'archive', ''],
    [{ kind: 'planned', plan: { kind: 'empty' } }, 'empty', ''],
    [{ kind: 'planned', plan: { kind: 'not-parts', found: ['a', 'b'] } }, 'not-parts', 'a, b'],
  ])('that is none says so: %o', async (reply, code, detail) => {
    const state = exchange();
    await doing(() => state.current.read(file('parts.csv', 'x')));
    await doing(() => Reader.last!.say(reply as never));
    expect(state.current.state).toEqual({ kind: 'refused', code, detail });
  });

  it('is given up when it is cancelled, or when another one comes; a reader that breaks is said', async () => {
    const state = exchange();
    await doing(() => state.current.read(file('a.csv', 'x')));
    const first = Reader.last!;
    await doing(() => state.current.read(file('b.csv', 'x')));
    expect(first.isGone).toBe(true);
    await doing(() => state.current.cancel());
    expect([Reader.last!.isGone, state.current.state]).toEqual([true, { kind: 'idle' }]);
    await doing(() => state.current.read(file('c.csv', 'x')));
    await doing(() => Reader.last!.break());
    expect(state.current.state).toMatchObject({ kind: 'refused', code: 'failed' });
  });
});

describe('a file of JSON', () => {
  it.each([
    ['{"chain":[]}', '/files/setup.json', { name: 'Wall', newParts: 2 }, { kind: 'setup', newParts: 2 }],
    [
      '{"kind":"bundle"}',
      '/files/bundle.json',
      { newParts: 1, setups: [{ isNew: true }, { isNew: false }], spreads: [1] },
      { kind: 'bundle', setups: 1, spreads: 1 },
    ],
    ['{"parts":[]}', '/files/bench.json', { broken: [], leftOut: 0 }, { kind: 'bench' }],
    ['nonsense', '/files/bench.json', { broken: [], leftOut: 0 }, { kind: 'bench' }],
  ])('%s goes to where it belongs, and is tried first', async (text, path, answer, expected) => {
    const state = exchange();
    answers(answer);
    await doing(() => state.current.read(file('x.JSON', text)));
    await until(state, expected.kind);
    expect([paths(), state.current.state]).toMatchObject([[path], expected]);
    answers(expected.kind === 'setup' ? { setupId: 'setup-made' } : {});
    await doing(() => state.current.confirm());
    await until(state, expected.kind === 'setup' ? 'started' : 'written');
    expect(paths()[1]).toBe(`${path}?confirm=yes`);
  });

  it('that is refused names what is wrong, and which setups it would break', async () => {
    const state = exchange();
    answers({ code: 'bad-input', fields: [{ path: 'parts[0].kind' }] }, 422);
    await doing(() => state.current.read(file('x.json', '{}')));
    await until(state, 'refused');
    expect(state.current.state).toEqual({ kind: 'refused', code: 'bad-input', detail: 'parts[0].kind' });
    answers({ code: 'breaks', setups: [{ name: 'Wall' }] }, 409);
    await doing(() => state.current.read(file('x.json', '{}')));
    await waitFor(() => expect(state.current.state).toMatchObject({ code: 'breaks', detail: 'Wall' }));
  });

  it('whose answer was lost is the same request when it is tried again, and another one after an answer', async () => {
    const state = exchange();
    asked.mockRejectedValueOnce(new Error('lost'));
    await doing(() => state.current.read(file('x.json', '{"n":1}')));
    await until(state, 'refused');
    expect(state.current.state).toMatchObject({ code: 'unreachable' });
    answers({ code: 'database-away' }, 503);
    await doing(() => state.current.read(file('x.json', '{"n":1}')));
    await waitFor(() => expect(state.current.state).toMatchObject({ code: 'database-away' }));
    answers({ broken: [] });
    await doing(() => state.current.read(file('x.json', '{"n":1}')));
    await until(state, 'bench');
    answers({ broken: [] });
    await doing(() => state.current.read(file('x.json', '{"n":1}')));
    await waitFor(() => expect(asked).toHaveBeenCalledTimes(4));
    expect(new Set(keys().slice(0, 3)).size).toBe(1);
    expect(keys()[3]).not.toBe(keys()[0]);
  });
});
