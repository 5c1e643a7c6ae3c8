import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Reply } from '@/server/reply';
import { answered, requestIdFor, send } from './send';

type Sent = Parameters<Parameters<typeof send>[1]>[0];
const action = vi.fn<(sent: Sent) => Promise<Reply<string>>>();
const ids = () => action.mock.calls.map(([{ requestId }]) => requestId);
const done: Reply<string> = { ok: true, data: 'done' };

beforeEach(() => {
  vi.useFakeTimers();
  action.mockReset();
  document.body.innerHTML = '';
});

/** Sends, and lets all waits pass. */
async function sending(input: unknown) {
  const reply = send('save', action, input);
  await vi.runAllTimersAsync();
  return reply;
}

describe('a change', () => {
  it('goes out once under an id of its own, and says of which bench its page is', async () => {
    document.body.innerHTML = '<header data-bench="bench-2"></header>';
    action.mockResolvedValue(done);
    expect(await sending(1)).toMatchObject(done);
    await sending(1);
    expect(action.mock.calls[0]![0]).toMatchObject({ input: 1, benchId: 'bench-2' });
    expect(new Set(ids()).size).toBe(2);
  });

  it('without an answer is sent again by itself, as the same request', async () => {
    action.mockRejectedValueOnce(new Error('lost')).mockRejectedValueOnce(new Error('lost')).mockResolvedValue(done);
    expect(await sending(2)).toMatchObject(done);
    expect(ids()).toHaveLength(3);
    expect(new Set(ids()).size).toBe(1);
  });

  it('that no answer came to at all is the same request when it is pressed again', async () => {
    action.mockRejectedValue(new Error('away'));
    expect(await sending(3)).toMatchObject({ ok: false, code: 'unreachable' });
    action.mockResolvedValue(done);
    await sending(3);
    expect(new Set(ids()).size).toBe(1);
    await sending(3);
    expect(new Set(ids()).size).toBe(2);
  });

  it.each(['database-away', 'busy', 'failed', 'disk-full'] as const)(
    'of which it is not known whether it was made (%s) is the same request again',
    async (code) => {
      action.mockResolvedValueOnce({ ok: false, code, fields: [] }).mockResolvedValue(done);
      await sending(code);
      await sending(code);
      expect(new Set(ids()).size).toBe(1);
    },
  );

  it('that was refused is another request when it is pressed again', async () => {
    action.mockResolvedValue({ ok: false, code: 'bad-input', fields: [] });
    await sending(4);
    await sending(4);
    expect(new Set(ids()).size).toBe(2);
  });

  it('of other input, name or bench is another request', async () => {
    action.mockRejectedValue(new Error('away'));
    await sending(5);
    await sending(6);
    document.body.innerHTML = '<header data-bench="bench-3"></header>';
    await sending(5);
    expect(new Set(ids()).size).toBe(3);
  });
});

it('a file that is posted keeps its id until it was answered', () => {
  const first = requestIdFor('file a');
  expect(requestIdFor('file a')).toBe(first);
  expect(requestIdFor('file b')).not.toBe(first);
  answered('file a');
  expect(requestIdFor('file a')).not.toBe(first);
});
