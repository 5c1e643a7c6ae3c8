import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Helm } from '@/domain/helm/helm';
import { usualHelm } from '@/domain/helm/usual-helm';
import { helmIdSchema } from '@/domain/ids';
import type { KeptHelm } from '@/features/fields/use-live';
import { doing, inAPage } from '../../../tests/helpers/in-a-page';
import { useHelm } from './use-helm';

const server = vi.hoisted(() => ({
  saved: [] as { document: Helm; expectedVersion: number | null }[],
  refuse: null as string | null,
  held: null as (() => void)[] | null,
}));
vi.mock('@/server/actions/helms', () => ({
  saveHelmAction: async ({ input }: { input: { document: Helm; expectedVersion: number | null } }) => {
    if (server.held) await new Promise<void>((resume) => server.held!.push(resume));
    if (server.refuse) return { ok: false, code: server.refuse, fields: [] };
    server.saved.push(input);
    const { document, expectedVersion } = input;
    return { ok: true, data: { document, version: expectedVersion === null ? 0 : expectedVersion + 1 } };
  },
}));

const id = helmIdSchema.parse('helm-lake');
const kept = (given: Partial<Helm> = {}, version = 4): KeptHelm => ({
  document: { ...usualHelm(id), ...given },
  version,
});
interface Given {
  readonly first: KeptHelm | null;
  readonly live: KeptHelm | null;
}
const helm = (first: KeptHelm | null = kept(), live: KeptHelm | null = null) =>
  inAPage(({ first: own, live: heard }: Given) => useHelm(own, heard), { props: { first, live } });
/** Longer than what is typed waits for more. */
const rest = () => doing(() => vi.advanceTimersByTimeAsync(600));

beforeEach(() => {
  vi.useFakeTimers();
  Object.assign(server, { saved: [], refuse: null, held: null });
});
afterEach(() => {
  vi.useRealTimers();
});

describe('the helm in hand', () => {
  it('shows a change at once, and keeps it once typing has stopped', async () => {
    const { result } = helm();
    await doing(() => result.current.change({ smoothingS: 5 }));
    await doing(() => vi.advanceTimersByTimeAsync(300));
    await doing(() => result.current.change({ smoothingS: 12 }));
    expect(result.current.helm.smoothingS).toBe(12);
    expect(server.saved).toEqual([]);
    await rest();
    expect(server.saved).toMatchObject([{ document: { smoothingS: 12 }, expectedVersion: 4 }]);
    expect(result.current.failure).toBeNull();
  });

  it('goes on from the version that the server gave', async () => {
    const { result } = helm();
    await doing(() => result.current.change({ smoothingS: 5 }));
    await rest();
    await doing(() => result.current.change({ sound: false }));
    await rest();
    expect(server.saved.map(({ expectedVersion }) => expectedVersion)).toEqual([4, 5]);
    expect(server.saved[1]!.document).toMatchObject({ smoothingS: 5, sound: false });
  });

  it('begins with a usual one, and makes it with the first change', async () => {
    const { result } = helm(null);
    expect(result.current.helm.figures.map(({ channel }) => channel)).toEqual(['probeMps', 'sogMps', 'probeC']);
    await doing(() => result.current.change({ staleS: 30 }));
    await rest();
    expect(server.saved).toMatchObject([{ document: { staleS: 30 }, expectedVersion: null }]);
  });

  it('keeps what is typed while another change is under way for its own turn', async () => {
    server.held = [];
    const { result } = helm();
    await doing(() => result.current.change({ smoothingS: 5 }));
    await rest();
    expect(result.current.busy).toBe(true);
    await doing(() => result.current.change({ smoothingS: 7 }));
    await rest();
    expect(server.held).toHaveLength(1);
    await doing(() => server.held!.shift()!());
    expect(result.current.helm.smoothingS).toBe(7);
    await rest();
    await doing(() => server.held!.shift()!());
    expect(server.saved.map(({ document, expectedVersion }) => [document.smoothingS, expectedVersion])).toEqual([
      [5, 4],
      [7, 5],
    ]);
  });
});

describe('the helm on another device', () => {
  it('is what is shown as soon as the live line tells it', async () => {
    const { result, rerender } = helm();
    await doing(() => rerender({ first: kept(), live: kept({ staleS: 60 }, 5) }));
    expect(result.current.helm.staleS).toBe(60);
  });

  it('that is older changes nothing', async () => {
    const { result, rerender } = helm(kept({ staleS: 20 }, 6));
    await doing(() => rerender({ first: kept(), live: kept({ staleS: 60 }, 5) }));
    expect(result.current.helm.staleS).toBe(20);
  });

  it('was first: the change of this one is let go, and that is said', async () => {
    server.refuse = 'stale';
    const { result, rerender } = helm();
    await doing(() => result.current.change({ staleS: 99 }));
    await rest();
    await doing(() => rerender({ first: kept(), live: kept({ staleS: 60 }, 5) }));
    expect(result.current).toMatchObject({ failure: 'stale', helm: { staleS: 60 } });
    await rest();
    expect(server.saved).toEqual([]);
  });
});

describe('a helm that could not be kept', () => {
  it('stays as it was typed, waits, and goes out again when asked', async () => {
    server.refuse = 'busy';
    const { result } = helm();
    await doing(() => result.current.change({ staleS: 33 }));
    await rest();
    expect(result.current).toMatchObject({ failure: 'busy', helm: { staleS: 33 } });
    server.refuse = null;
    await doing(() => vi.advanceTimersByTimeAsync(10_000));
    expect(server.saved).toEqual([]);
    await doing(() => result.current.again());
    await rest();
    expect(server.saved).toMatchObject([{ document: { staleS: 33 } }]);
    expect(result.current.failure).toBeNull();
  });

  it('goes out with the next change too', async () => {
    server.refuse = 'busy';
    const { result } = helm();
    await doing(() => result.current.change({ staleS: 33 }));
    await rest();
    server.refuse = null;
    await doing(() => result.current.change({ smoothingS: 9 }));
    await rest();
    expect(server.saved).toMatchObject([{ document: { staleS: 33, smoothingS: 9 } }]);
  });
});
