import { cleanup } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { doing, inAPage } from '../../../tests/helpers/in-a-page';
import { useAlarmSound } from './use-alarm-sound';
import { useAwake } from './use-awake';
import { usePhone } from './use-phone';

const posted = vi.hoisted(() => ({ answer: 'kept' as string, sent: [] as { channel: string; value: number }[][] }));
vi.mock('@/features/fields/post', () => ({
  post: async (_: string, { readings }: { readings: { channel: string; value: number }[] }) => {
    posted.sent.push(readings);
    return posted.answer;
  },
}));

/** A phone's own receiver, driven by the test. */
const receiver = {
  tell: null as ((position: unknown) => void) | null,
  fail: null as ((error: unknown) => void) | null,
  watched: 0,
};
const geolocation = {
  watchPosition: (tell: typeof receiver.tell, fail: typeof receiver.fail) => {
    Object.assign(receiver, { tell, fail });
    receiver.watched += 1;
    return 1;
  },
  clearWatch: () => (receiver.watched -= 1),
};
const position = (given: Partial<Record<'latitude' | 'longitude' | 'speed' | 'heading', number | null>> = {}) =>
  doing(() => receiver.tell!({ coords: { latitude: 60, longitude: 20, speed: null, heading: null, ...given } }));
const seconds = (s: number) => doing(() => vi.advanceTimersByTimeAsync(1000 * s));
const sent = () => Object.fromEntries(posted.sent.at(-1)!.map(({ channel, value }) => [channel, value]));

beforeEach(() => {
  vi.useFakeTimers();
  Object.assign(receiver, { tell: null, fail: null, watched: 0 });
  Object.assign(posted, { answer: 'kept', sent: [] });
  vi.stubGlobal('navigator', { geolocation });
  vi.stubGlobal('isSecureContext', true);
});
afterEach(() => {
  cleanup();
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

describe('what the phone itself knows', () => {
  it('goes to the server once a second, and only what is new', async () => {
    const { result } = inAPage(() => usePhone());
    await doing(() => result.current.start());
    await seconds(3);
    expect(posted.sent).toEqual([]);
    await position({ speed: 1.4, heading: 90 });
    await position({ latitude: 60.5, speed: 1.5, heading: 180 });
    await seconds(1);
    expect(posted.sent).toHaveLength(1);
    expect(sent()).toEqual({ latDeg: 60.5, lonDeg: 20, sogMps: 1.5, cogRad: Math.PI });
    await seconds(5);
    expect(posted.sent).toHaveLength(1);
  });

  it('has no course while it stands still', async () => {
    const { result } = inAPage(() => usePhone());
    await doing(() => result.current.start());
    await position({ speed: 0, heading: Number.NaN });
    await seconds(1);
    expect(sent()).toEqual({ latDeg: 60, lonDeg: 20, sogMps: 0 });
  });

  it.each([
    ['an angle that goes against the compass', { absolute: true, alpha: 270 }, Math.PI / 2],
    ['a heading', { absolute: false, alpha: 10, webkitCompassHeading: 45 }, Math.PI / 4],
  ])('knows where the bow points from %s', async (_, event, headingRad) => {
    const { result } = inAPage(() => usePhone());
    await doing(() => result.current.start());
    await doing(() => window.dispatchEvent(Object.assign(new Event('deviceorientationabsolute'), event)));
    await seconds(1);
    expect(sent()['headingRad']).toBeCloseTo(headingRad, 12);
  });

  it('takes no angle from a phone that does not know north', async () => {
    const { result } = inAPage(() => usePhone());
    await doing(() => result.current.start());
    await doing(() =>
      window.dispatchEvent(Object.assign(new Event('deviceorientation'), { absolute: false, alpha: 30 })),
    );
    await seconds(2);
    expect(posted.sent).toEqual([]);
  });

  it('is not sent any more once it is stopped', async () => {
    const { result } = inAPage(() => usePhone());
    await doing(() => result.current.start());
    expect(receiver.watched).toBe(1);
    await doing(() => result.current.stop());
    expect(receiver.watched).toBe(0);
    await seconds(2);
    expect(posted.sent).toEqual([]);
  });
});

describe('what stands against it', () => {
  it('a server that is away is said, and forgotten when it is back', async () => {
    const { result } = inAPage(() => usePhone());
    await doing(() => result.current.start());
    posted.answer = 'unreachable';
    await position();
    await seconds(1);
    expect(result.current.problem).toBe('unreachable');
    posted.answer = 'kept';
    await position();
    await seconds(1);
    expect(result.current.problem).toBeNull();
  });

  it('a locked screen left a gap, and that stays said', async () => {
    const { result } = inAPage(() => usePhone());
    await doing(() => result.current.start());
    await position();
    await seconds(1);
    await seconds(20);
    await position();
    await seconds(1);
    expect(result.current.problem).toBe('gap');
    await position();
    await seconds(1);
    expect(result.current.problem).toBe('gap');
    await doing(() => result.current.stop());
    await doing(() => result.current.start());
    expect(result.current.problem).toBeNull();
  });

  it('somebody who refuses is asked no more; a receiver that finds nothing goes on', async () => {
    const { result } = inAPage(() => usePhone());
    await doing(() => result.current.start());
    await doing(() => receiver.fail!({ code: 2, PERMISSION_DENIED: 1 }));
    expect(result.current).toMatchObject({ on: true, problem: 'no-position' });
    await doing(() => receiver.fail!({ code: 1, PERMISSION_DENIED: 1 }));
    expect(result.current).toMatchObject({ on: false, problem: 'refused' });
    expect(receiver.watched).toBe(0);
  });

  it('a page that is not secure has no position, and says so', async () => {
    vi.stubGlobal('isSecureContext', false);
    const { result } = inAPage(() => usePhone());
    await doing(() => result.current.start());
    expect(result.current).toMatchObject({ on: false, problem: 'not-secure' });
    vi.stubGlobal('isSecureContext', true);
    vi.stubGlobal('navigator', {});
    await doing(() => result.current.start());
    expect(result.current).toMatchObject({ on: false, problem: 'no-position' });
  });
});

describe('the screen', () => {
  class Screen {
    taken = 0;
    refuses = false;
    readonly request = async () => {
      if (this.refuses) throw new Error('the battery is low');
      this.taken += 1;
      return { release: async () => void (this.taken -= 1) };
    };
  }
  let screen: Screen;
  beforeEach(() => {
    screen = new Screen();
    vi.stubGlobal('navigator', { wakeLock: screen });
  });

  it('stays on while it is wanted', async () => {
    const { result, unmount } = inAPage(() => useAwake());
    await doing(() => result.current.toggle());
    expect([result.current.on, screen.taken]).toEqual([true, 1]);
    await doing(() => result.current.toggle());
    expect([result.current.on, screen.taken]).toEqual([false, 0]);
    await doing(() => result.current.toggle());
    unmount();
    await vi.advanceTimersByTimeAsync(0);
    expect(screen.taken).toBe(0);
  });

  it('is kept anew when the page comes into sight again', async () => {
    const { result } = inAPage(() => useAwake());
    await doing(() => result.current.toggle());
    await doing(() => document.dispatchEvent(new Event('visibilitychange')));
    expect(screen.taken).toBe(2);
  });

  it('that a phone refuses to keep on is said; one more press tries again', async () => {
    screen.refuses = true;
    const { result } = inAPage(() => useAwake());
    await doing(() => result.current.toggle());
    expect(result.current).toMatchObject({ on: false, failed: true });
    screen.refuses = false;
    await doing(() => result.current.toggle());
    expect(result.current).toMatchObject({ on: true, failed: false });
    expect(screen.taken).toBe(1);
  });

  it('cannot be kept on by a browser that knows nothing of it', async () => {
    vi.stubGlobal('navigator', {});
    const { result } = inAPage(() => useAwake());
    await doing(() => result.current.toggle());
    expect(result.current).toMatchObject({ on: false, failed: true });
  });
});

describe('the alarm', () => {
  const tones: number[] = [];
  class Audio {
    state = 'suspended';
    currentTime = 0;
    readonly destination = {};
    async resume() {
      this.state = 'running';
    }
    createOscillator() {
      const tone = { frequency: { value: 0 }, connect: (next: unknown) => next, stop: () => undefined };
      return { ...tone, frequency: tone.frequency, start: () => tones.push(tone.frequency.value) };
    }
    createGain() {
      const gain = { setValueAtTime: () => undefined, exponentialRampToValueAtTime: () => undefined };
      return { gain, connect: (next: unknown) => next };
    }
  }
  beforeEach(() => {
    tones.length = 0;
    vi.stubGlobal('AudioContext', Audio);
  });
  const alarm = (sounding: boolean) => inAPage((on: boolean) => useAlarmSound(on), { props: sounding });
  const touch = () => doing(() => document.dispatchEvent(new Event('pointerdown')));

  it('sounds two tones every two seconds while something is wrong', async () => {
    const { rerender } = alarm(false);
    await touch();
    expect(tones).toEqual([]);
    await doing(() => rerender(true));
    expect(tones).toEqual([880, 1320]);
    await seconds(4);
    expect(tones).toHaveLength(6);
    await doing(() => rerender(false));
    await seconds(4);
    expect(tones).toHaveLength(6);
  });

  it('says that it cannot sound before the page was touched, and sounds from then on', async () => {
    const { result } = alarm(true);
    expect(result.current.blocked).toBe(true);
    await touch();
    expect(result.current.blocked).toBe(false);
    await seconds(2);
    expect(tones).toEqual([880, 1320]);
  });
});
