import { beforeEach, describe, expect, it, vi } from 'vitest';
import { doing, inAPage, waitFor } from '../../../tests/helpers/in-a-page';
import { useDraft } from './use-draft';

interface Typed {
  readonly words: string;
}
const read = vi.fn((kept: unknown): Typed | null =>
  typeof (kept as Partial<Typed> | null)?.words === 'string' ? (kept as Typed) : null,
);
const typing = (unsaved: Typed | null, key = 'one') =>
  inAPage(({ unsaved: own, key: under }: { unsaved: Typed | null; key: string }) => useDraft(under, own, read), {
    props: { unsaved, key },
  });
const kept = (key = 'one') => localStorage.getItem(`ferula draft ${key}`);
const rest = () => doing(() => new Promise((resume) => setTimeout(resume, 300)));

beforeEach(() => {
  localStorage.clear();
  document.body.innerHTML = '';
  read.mockClear();
});

describe('what was typed and not saved', () => {
  it('is kept after a rest, and offered to the next page', async () => {
    typing({ words: 'red' });
    expect(kept()).toBeNull();
    await rest();
    expect(JSON.parse(kept()!)).toMatchObject({ value: { words: 'red' } });
    const { result } = typing(null);
    await waitFor(() => expect(result.current.offer?.value).toEqual({ words: 'red' }));
    expect(Date.now() - result.current.offer!.at).toBeLessThan(60_000);
  });

  it('is kept at once where the page goes', () => {
    const { unmount } = typing({ words: 'gone in a hurry' });
    unmount();
    expect(kept()).toContain('gone in a hurry');
  });

  it('is kept where the browser puts the page away', () => {
    typing({ words: 'pocket' });
    window.dispatchEvent(new Event('pagehide'));
    expect(kept()).toContain('pocket');
  });

  it('is forgotten once there is nothing unsaved any more', async () => {
    const { rerender } = typing({ words: 'red' });
    await rest();
    rerender({ unsaved: null, key: 'one' });
    await rest();
    expect(kept()).toBeNull();
  });

  it('is forgotten when it was saved, also while it still stands there', async () => {
    const { result, unmount } = typing({ words: 'red' });
    await rest();
    await doing(() => result.current.saved());
    expect(kept()).toBeNull();
    unmount();
    expect(kept()).toBeNull();
  });

  it('belongs to what it was typed for', async () => {
    typing({ words: 'red' });
    await rest();
    const { result } = typing(null, 'two');
    await rest();
    expect(result.current.offer).toBeNull();
  });

  it('of another bench is not offered', async () => {
    typing({ words: 'red' });
    await rest();
    document.body.innerHTML = '<header data-bench="bench-2"></header>';
    const { result } = typing(null);
    await rest();
    expect(result.current.offer).toBeNull();
  });
});

describe('what is offered', () => {
  beforeEach(() => localStorage.setItem('ferula draft one', JSON.stringify({ at: 5, value: { words: 'kept' } })));

  it('is offered no more once it was taken up, and stays until it is saved', async () => {
    const { result } = typing(null);
    await waitFor(() => expect(result.current.offer).toEqual({ at: 5, value: { words: 'kept' } }));
    await doing(() => result.current.takeUp());
    expect(result.current.offer).toBeNull();
    expect(kept()).not.toBeNull();
  });

  it('is gone for good once it was thrown away', async () => {
    const { result } = typing(null);
    await waitFor(() => expect(result.current.offer).not.toBeNull());
    await doing(() => result.current.throwAway());
    expect([result.current.offer, kept()]).toEqual([null, null]);
  });

  it.each(['nonsense', '{"at":1}', '{"at":1,"value":{"words":7}}', 'null', '[]'])(
    'is not offered where it cannot be read: %s',
    async (text) => {
      localStorage.setItem('ferula draft one', text);
      const { result } = typing(null);
      await rest();
      expect(result.current.offer).toBeNull();
    },
  );
});

it('a browser without storage keeps nothing, and everything else works', async () => {
  const storage = vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
    throw new Error('full');
  });
  const { result } = typing({ words: 'red' });
  await rest();
  expect(result.current.offer).toBeNull();
  storage.mockRestore();
});
