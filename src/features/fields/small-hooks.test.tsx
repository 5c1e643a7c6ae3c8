import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { packed } from '@/domain/packed';
import { ROLES } from '@/domain/crew/roles';
import { useChanges } from '@/ui/use-changes';
import { useLoaded } from '@/ui/use-loaded';
import { useMatches } from '@/ui/use-matches';
import { renderHook } from '@testing-library/react';
import { doing, inAPage, waitFor } from '../../../tests/helpers/in-a-page';
import { useLine } from './use-line';
import { RoleProvider, useMay } from './use-may';
import { useUnchanged } from './use-unchanged';
import { useUnpacked } from './use-unpacked';

describe('a line that is typed', () => {
  const typed = async (text: string, place?: Parameters<typeof useLine>[0]) => {
    const { result } = inAPage(() => useLine(place));
    await doing(() => result.current.write(text));
    await waitFor(() => expect(result.current.read.kind).not.toBeNull());
    return result;
  };

  it('is nothing before anything is typed', () => {
    const { result } = inAPage(() => useLine());
    expect(result.current.read).toMatchObject({ part: null, kind: null, guesses: [] });
    const taken = vi.fn();
    result.current.take(taken);
    expect(taken).not.toHaveBeenCalled();
  });

  it('is taken at once where it says everything', async () => {
    const result = await typed('swivel size 7 22 kg');
    const taken = vi.fn();
    if (result.current.read.guesses.length > 0) await doing(() => result.current.take(taken));
    await doing(() => result.current.take(taken));
    expect(taken).toHaveBeenCalledOnce();
    expect(taken).toHaveBeenCalledWith(result.current.read.part);
  });

  it('asks once about what it leaves open, and is taken the second time', async () => {
    const result = await typed('crankbait 99 mm');
    expect(result.current.read.guesses.length).toBeGreaterThan(0);
    const taken = vi.fn();
    await doing(() => result.current.take(taken));
    expect(taken).not.toHaveBeenCalled();
    expect(result.current.isAsked).toBe(true);
    await doing(() => result.current.take(taken));
    expect(taken).toHaveBeenCalledOnce();
  });

  it('asks anew about another line, and forgets what was chosen for the one before', async () => {
    const result = await typed('crankbait 99 mm');
    const [guess] = result.current.read.guesses;
    await doing(() => result.current.take(() => undefined));
    expect(guess).toBeDefined();
    await doing(() => result.current.write('crankbait 98 mm'));
    expect(result.current.isAsked).toBe(false);
  });

  it('holds what was chosen for a guess', async () => {
    const result = await typed('crankbait 99 mm');
    const before = result.current.read.part as unknown as Record<string, unknown>;
    expect(before['buoyancy']).toBeDefined();
    await doing(() => result.current.choose('buoyancy', 'sinks'));
    expect(result.current.read.part).toMatchObject({ buoyancy: 'sinks' });
  });
});

describe('what the server sends again', () => {
  it('is the same object while it says the same', async () => {
    const { result, rerender } = renderHook(({ given }) => useUnchanged(given), {
      initialProps: { given: { a: [1] } },
    });
    const first = result.current;
    rerender({ given: { a: [1] } });
    expect(result.current).toBe(first);
    rerender({ given: { a: [2] } });
    expect(result.current).toEqual({ a: [2] });
    expect(result.current).not.toBe(first);
  });

  it('packed, is unpacked once for a text, wherever it is asked', () => {
    const text = packed([{ id: 'a' }, { id: 'b' }]);
    const one = renderHook(() => useUnpacked(text)).result.current;
    const two = renderHook(() => useUnpacked({ ...text })).result.current;
    expect(one).toEqual([{ id: 'a' }, { id: 'b' }]);
    expect(two).toBe(one);
    expect(renderHook(() => useUnpacked(packed([{ id: 'a' }]))).result.current).toEqual([{ id: 'a' }]);
  });
});

describe('a module that comes later', () => {
  it('is loaded once it is wanted, and once only', async () => {
    const load = vi.fn(async () => 'the module');
    const { result, rerender } = renderHook(({ wanted }) => useLoaded(load, wanted), {
      initialProps: { wanted: false },
    });
    expect([result.current, load.mock.calls.length]).toEqual([null, 0]);
    rerender({ wanted: true });
    await waitFor(() => expect(result.current).toBe('the module'));
    rerender({ wanted: false });
    rerender({ wanted: true });
    expect([result.current, load.mock.calls.length]).toEqual(['the module', 1]);
  });
});

describe('how often a value has changed', () => {
  it('is counted from when it was first shown', () => {
    const { result, rerender } = renderHook(({ value }) => useChanges(value), { initialProps: { value: 1 } });
    expect(result.current).toBe(0);
    for (const value of [1, 2, 2, 1, Number.NaN, Number.NaN]) rerender({ value });
    expect(result.current).toBe(3);
  });
});

describe('a media query', () => {
  let listeners: (() => void)[] = [];
  let holds = true;
  beforeEach(() => {
    [listeners, holds] = [[], true];
    vi.stubGlobal('matchMedia', () => ({
      get matches() {
        return holds;
      },
      addEventListener: (_: string, listener: () => void) => listeners.push(listener),
      removeEventListener: (_: string, listener: () => void) =>
        (listeners = listeners.filter((each) => each !== listener)),
    }));
  });
  afterEach(() => {
    vi.unstubAllGlobals();
  });

  it('is followed while it is shown', async () => {
    const { result, unmount } = renderHook(() => useMatches('(min-width: 64rem)', false));
    expect(result.current).toBe(true);
    holds = false;
    await doing(() => listeners.forEach((tell) => tell()));
    expect(result.current).toBe(false);
    unmount();
    expect(listeners).toEqual([]);
  });
});

describe('what is offered here', () => {
  const offered = (role: (typeof ROLES)[number], need: Parameters<typeof useMay>[0]) =>
    renderHook(() => useMay(need), {
      wrapper: ({ children }) => <RoleProvider role={role}>{children}</RoleProvider>,
    }).result.current;

  it('is what the reader’s role may do, and all of it where there are no crews', () => {
    expect(ROLES.map((role) => offered(role, 'edit'))).toEqual(
      ROLES.map((role) => role === 'owner' || role === 'builder'),
    );
    expect(renderHook(() => useMay('edit')).result.current).toBe(true);
  });
});
