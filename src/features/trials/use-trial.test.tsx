import { beforeEach, describe, expect, it, vi } from 'vitest';
import { demoTrials } from '@/db/demo';
import type { TrialDocument } from '@/domain/trials/trial-document';
import type { OpenTrial } from '@/server/queries/trials-page';
import { doing, inAPage, waitFor } from '../../../tests/helpers/in-a-page';
import { useTrial } from './use-trial';

interface Sent {
  readonly document: TrialDocument;
  readonly expectedVersion: number;
}
const server = vi.hoisted(() => ({
  saved: [] as Sent[],
  refuse: null as string | null,
  version: 3,
  /** answers wait here until the test lets them go */
  held: null as (() => void)[] | null,
}));
const page = vi.hoisted(() => ({ refreshed: 0 }));
vi.mock('next/navigation', () => ({ useRouter: () => ({ refresh: () => (page.refreshed += 1) }) }));
vi.mock('@/server/actions/trials', () => ({
  saveTrialAction: async ({ input }: { input: Sent }) => {
    if (server.held) await new Promise<void>((resume) => server.held!.push(resume));
    if (server.refuse) return { ok: false, code: server.refuse, fields: [] };
    if (input.expectedVersion !== server.version) return { ok: false, code: 'stale', fields: [] };
    server.saved.push(input);
    server.version += 1;
    return { ok: true, data: { document: input.document, version: server.version } };
  },
  removeTrialAction: async () =>
    server.refuse ? { ok: false, code: server.refuse, fields: [] } : { ok: true, data: null },
}));

const trial = demoTrials[0]!;
const openAs = (given: Partial<Pick<OpenTrial, 'trial' | 'version'>> = {}) =>
  ({ trial, version: server.version, ...given }) as OpenTrial;
const inHand = (open: OpenTrial | null = openAs()) =>
  inAPage((given: OpenTrial | null) => useTrial(given), { props: open });
const rest = () => doing(() => new Promise((resume) => setTimeout(resume, 300)));
const draft = (): unknown => JSON.parse(localStorage.getItem(`ferula draft trial ${trial.id}`) ?? 'null');

beforeEach(() => {
  Object.assign(server, { saved: [], refuse: null, version: 3, held: null });
  page.refreshed = 0;
  localStorage.clear();
});

describe('the open trial in hand', () => {
  it('shows a change at once, saves it, and asks the page what follows', async () => {
    const { result } = inHand();
    expect(result.current.saving).toBe('unchanged');
    await doing(() => result.current.change({ note: 'windy' }));
    expect(result.current.trial?.note).toBe('windy');
    expect(result.current.saving).toBe('saved');
    expect(server.saved).toEqual([{ document: { ...trial, note: 'windy' }, expectedVersion: 3 }]);
    expect(page.refreshed).toBe(1);
  });

  it('sends what came while a change was under way with the next, each on the version before it', async () => {
    server.held = [];
    const { result } = inHand();
    await doing(() => result.current.change({ note: 'one' }));
    await doing(() => result.current.change({ note: 'two' }));
    await doing(() => result.current.change({ name: 'Three' }));
    expect(result.current.saving).toBe('saving');
    await doing(() => server.held!.shift()!());
    await doing(() => server.held!.shift()!());
    expect(
      server.saved.map(({ document, expectedVersion }) => [document.name, document.note, expectedVersion]),
    ).toEqual([
      [trial.name, 'one', 3],
      ['Three', 'two', 4],
    ]);
    expect(result.current.saving).toBe('saved');
    expect(server.held).toEqual([]);
  });

  it('says why nothing was saved, and never that it was', async () => {
    server.refuse = 'busy';
    const { result } = inHand();
    await doing(() => result.current.change({ note: 'lost?' }));
    expect(result.current).toMatchObject({ failure: 'busy', saving: 'unchanged' });
    expect(result.current.trial?.note).toBe('lost?');
    server.refuse = null;
    await doing(() => result.current.change({ name: 'Again' }));
    expect(server.saved.at(-1)!.document).toMatchObject({ name: 'Again', note: 'lost?' });
    expect(result.current).toMatchObject({ failure: null, saving: 'saved' });
  });

  it('is told where another window was there first, and takes what that one made of it', async () => {
    const { result, rerender } = inHand();
    server.version = 4;
    await doing(() => result.current.change({ note: 'mine' }));
    expect(result.current.failure).toBe('stale');
    rerender(openAs({ trial: { ...trial, note: 'theirs' } }));
    await doing(() => result.current.reload());
    expect(result.current.trial?.note).toBe('theirs');
    expect(result.current.failure).toBeNull();
    await rest();
    expect(draft()).toBeNull();
  });

  it('follows the page where nothing is in hand, and not where a change is under way', async () => {
    const { result, rerender } = inHand();
    await doing(() => rerender(openAs({ version: 5, trial: { ...trial, note: 'of another window' } })));
    expect(result.current.trial?.note).toBe('of another window');
    await doing(() => rerender(openAs({ version: 4, trial: { ...trial, note: 'older' } })));
    expect(result.current.trial?.note).toBe('of another window');
    server.held = [];
    await doing(() => result.current.change({ note: 'mine' }));
    await doing(() => rerender(openAs({ version: 6, trial: { ...trial, note: 'newer' } })));
    expect(result.current.trial?.note).toBe('mine');
  });

  it('is deleted once the server says so', async () => {
    const { result } = inHand();
    server.refuse = 'stale';
    let gone: boolean | undefined;
    await doing(async () => (gone = await result.current.remove()));
    expect([gone, result.current.failure]).toEqual([false, 'stale']);
    server.refuse = null;
    await doing(async () => (gone = await result.current.remove()));
    expect([gone, result.current.failure]).toEqual([true, null]);
  });

  it('has nothing to change where none is open', async () => {
    const { result } = inHand(null);
    await doing(() => result.current.change({ note: 'of nothing' }));
    expect(result.current.trial).toBeNull();
    expect(server.saved).toEqual([]);
    expect(await result.current.remove()).toBe(false);
  });
});

describe('a page that goes before the answer came', () => {
  it('offers the change again, which goes on top of the version it was made from', async () => {
    server.held = [];
    const { result, unmount } = inHand();
    await doing(() => result.current.change({ note: 'not answered' }));
    unmount();
    expect(draft()).toMatchObject({ value: { version: 3, trial: { note: 'not answered' } } });
    server.held = null;
    const next = inHand();
    await waitFor(() => expect(next.result.current.draft.offer).not.toBeNull());
    expect(next.result.current.trial?.note).toBe(trial.note);
    await doing(() => next.result.current.takeUpDraft());
    expect(server.saved.at(-1)).toMatchObject({ document: { note: 'not answered' }, expectedVersion: 3 });
    await rest();
    expect(draft()).toBeNull();
    expect(next.result.current.draft.offer).toBeNull();
  });

  it('offers nothing that the server has', async () => {
    localStorage.setItem(`ferula draft trial ${trial.id}`, JSON.stringify({ at: 1, value: { trial, version: 2 } }));
    const { result } = inHand();
    await rest();
    expect(result.current.draft.offer).toBeNull();
  });

  it.each([['no trial at all'], [{ trial: { id: trial.id }, version: 3 }], [null]])(
    'offers nothing that is no trial: %j',
    async (value) => {
      localStorage.setItem(`ferula draft trial ${trial.id}`, JSON.stringify({ at: 1, value }));
      const { result } = inHand();
      await rest();
      expect(result.current.draft.offer).toBeNull();
    },
  );

  it('writes nothing over where another window changed it meanwhile', async () => {
    const mine = { ...trial, note: 'mine' };
    localStorage.setItem(
      `ferula draft trial ${trial.id}`,
      JSON.stringify({ at: 1, value: { trial: mine, version: 2 } }),
    );
    const { result } = inHand();
    await waitFor(() => expect(result.current.draft.offer).not.toBeNull());
    await doing(() => result.current.takeUpDraft());
    expect(result.current.failure).toBe('stale');
    expect(server.saved).toEqual([]);
  });
});
