import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { LiveMessage, Logged } from '@/domain/helm/live';
import { Tracks } from '@/domain/helm/tracks';
import { doing, inAPage } from '../../../tests/helpers/in-a-page';
import { useLive } from './use-live';

/** The browser's own live line, driven by the test. */
class Line {
  static opened: Line[] = [];
  onopen: (() => void) | null = null;
  onmessage: ((event: { readonly data: string }) => void) | null = null;
  onerror: (() => void) | null = null;
  isClosed = false;
  constructor(readonly url: string) {
    Line.opened.push(this);
  }
  close(): void {
    this.isClosed = true;
  }
  say(message: LiveMessage): void {
    this.onmessage?.({ data: JSON.stringify(message) });
  }
}
const posted = vi.hoisted(() => ({ answer: 'kept' as string, events: [] as unknown[] }));
vi.mock('./post', () => ({
  post: async (_: string, event: unknown) => {
    posted.events.push(event);
    return posted.answer;
  },
}));

const NOW = new Date('2026-07-01T05:00:00Z');
beforeEach(() => {
  vi.useFakeTimers({ now: NOW });
  vi.stubGlobal('EventSource', Line);
  Line.opened = [];
  Object.assign(posted, { answer: 'kept', events: [] });
  document.body.innerHTML = '';
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

const hello = (given: Partial<Extract<LiveMessage, { kind: 'hello' }>> = {}): LiveMessage => ({
  kind: 'hello',
  nowS: NOW.getTime() / 1000 + 7,
  tracks: new Tracks().whole(),
  links: [],
  events: [],
  helm: null,
  reads: true,
  ...given,
});
const line = () => Line.opened.at(-1)!;
const mark = (id: string) => ({ id, kind: 'mark', atS: NOW.getTime() / 1000, text: '' }) as never;

describe('the live line', () => {
  it('is that of the page’s bench, or the one that a guest was given', () => {
    document.body.innerHTML = '<header data-bench="bench-2"></header>';
    inAPage(() => useLive());
    inAPage(() => useLive('/shared/x/live'));
    expect(Line.opened.map(({ url }) => url)).toEqual(['/live?bench=bench-2', '/shared/x/live']);
  });

  it('opens with all there is and the server’s clock, and grows with every reading', async () => {
    const { result } = inAPage(() => useLive());
    expect(result.current).toMatchObject({ line: 'opening', heard: null });
    await doing(() => line().say(hello()));
    expect(result.current.line).toBe('open');
    expect(result.current.nowS).toBeCloseTo(NOW.getTime() / 1000 + 7, 3);
    const before = result.current.heard!.count;
    await doing(() => line().say({ kind: 'readings', readings: [['sogMps', result.current.nowS, 1.25]] }));
    expect(result.current.heard!.count).toBe(before + 1);
    expect(result.current.heard!.tracks.newest('sogMps')?.value).toBeCloseTo(1.25, 6);
  });

  it('that errs is lost until it is heard again', async () => {
    const { result } = inAPage(() => useLive());
    await doing(() => line().say(hello()));
    await doing(() => line().onerror?.());
    expect(result.current.line).toBe('lost');
    await doing(() => line().say({ kind: 'links', links: [] }));
    expect(result.current.line).toBe('open');
  });

  it('that says nothing for long is opened anew, and is closed when the page goes', async () => {
    const { result, unmount } = inAPage(() => useLive());
    await doing(() => line().say(hello()));
    await doing(() => vi.advanceTimersByTime(26_000));
    expect(Line.opened).toHaveLength(2);
    expect([Line.opened[0]!.isClosed, result.current.line]).toEqual([true, 'lost']);
    unmount();
    expect(Line.opened.every(({ isClosed }) => isClosed)).toBe(true);
  });

  it('hears nothing before it was told all', async () => {
    const { result } = inAPage(() => useLive());
    await doing(() => line().say({ kind: 'links', links: [] }));
    expect(result.current.heard).toBeNull();
  });
});

describe('what happens on board', () => {
  it('shows once, whether it was told here or came from elsewhere', async () => {
    const { result } = inAPage(() => useLive());
    await doing(() => line().say(hello()));
    await doing(() => result.current.tell(mark('a')));
    await doing(() => line().say({ kind: 'event', event: mark('a') }));
    await doing(() => line().say({ kind: 'event', event: mark('b') }));
    expect(result.current.heard!.events.map(({ id }) => id)).toEqual(['b', 'a']);
    expect(posted.events).toHaveLength(1);
  });

  it('that was not kept does not show', async () => {
    const { result } = inAPage(() => useLive());
    await doing(() => line().say(hello()));
    posted.answer = 'lost';
    await doing(() => result.current.tell(mark('a')));
    expect(result.current.heard!.events).toEqual([]);
  });

  it('what another phone logs is handed on until it is let go', async () => {
    const { result } = inAPage(() => useLive());
    const heard: Logged[] = [];
    const letGo = result.current.onLogged((logged) => heard.push(logged));
    const logged: Logged = { kind: 'logged', tripId: 'trip-lake' as never, ids: ['a'] };
    await doing(() => line().say(logged));
    await doing(() => line().say({ ...logged, ids: ['b', 'c'] }));
    letGo();
    await doing(() => line().say({ ...logged, ids: ['d'] }));
    expect(heard.flatMap(({ ids }) => ids)).toEqual(['a', 'b', 'c']);
  });

  it('a helm that was changed elsewhere is taken over', async () => {
    const { result } = inAPage(() => useLive());
    await doing(() => line().say(hello()));
    const helm = { document: { id: 'helm-1' } as never, version: 4 };
    await doing(() => line().say({ kind: 'helm', helm }));
    expect(result.current.heard!.helm).toEqual(helm);
  });
});
