import { afterEach, describe, expect, it, vi } from 'vitest';
import { beforeEnding } from './before-ending';

const SIGNALS = ['SIGUSR2', 'SIGWINCH'] as const;
afterEach(() => {
  for (const signal of SIGNALS) process.removeAllListeners(signal);
  vi.useRealTimers();
});

describe('before a process ends', () => {
  it('the work is done, once, and then those who listened first have their turn', async () => {
    const done: string[] = [];
    for (const signal of SIGNALS) process.on(signal, () => done.push(`${signal} heard`));
    let finish = () => {};
    beforeEnding(SIGNALS, () => {
      done.push('work begun');
      return new Promise<void>((resolve) => (finish = resolve));
    });
    process.emit('SIGUSR2');
    process.emit('SIGUSR2');
    process.emit('SIGWINCH');
    expect(done).toEqual(['work begun']);
    finish();
    await vi.waitFor(() => expect(done).toEqual(['work begun', 'SIGUSR2 heard']));
  });

  it('work that fails, or takes too long, keeps nobody from ending', async () => {
    const ended = vi.fn();
    process.on('SIGUSR2', ended);
    beforeEnding(['SIGUSR2'], () => Promise.reject(new Error('no database')));
    process.emit('SIGUSR2');
    await vi.waitFor(() => expect(ended).toHaveBeenCalledOnce());

    vi.useFakeTimers();
    process.removeAllListeners('SIGUSR2').on('SIGUSR2', ended);
    beforeEnding(['SIGUSR2'], () => new Promise(() => {}));
    process.emit('SIGUSR2');
    await vi.advanceTimersByTimeAsync(10_000);
    expect(ended).toHaveBeenCalledTimes(2);
  });
});
