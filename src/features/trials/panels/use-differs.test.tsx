import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { setupIdSchema } from '@/domain/ids';
import type { VersionPick } from '@/domain/trials/trial-document';
import { doing, inAPage, waitFor } from '../../../../tests/helpers/in-a-page';
import { useDiffers } from './use-differs';

const gear = (id: string, revision?: number): VersionPick => ({
  by: 'gear',
  setupId: setupIdSchema.parse(id),
  ...(revision !== undefined && { revision }),
});
/** Answers wait here until the test gives them. */
let asked: { readonly address: string; readonly signal: AbortSignal; readonly give: (answer: Response) => void }[] = [];
beforeEach(() => {
  asked = [];
  vi.stubGlobal('fetch', (address: string, { signal }: { signal: AbortSignal }) => {
    return new Promise<Response>((give, refuse) => {
      asked.push({ address, signal, give });
      signal.addEventListener('abort', () => refuse(new Error('given up')));
    });
  });
});
afterEach(() => {
  vi.unstubAllGlobals();
});
const differs = (a: VersionPick, b: VersionPick) =>
  inAPage(({ a: own, b: other }: { a: VersionPick; b: VersionPick }) => useDiffers(own, other), { props: { a, b } });
const answer = { changes: [], effects: [] };

describe('what differs between two versions', () => {
  it('is asked of the server by setup and revision', async () => {
    const { result } = differs(gear('setup-a', 2), gear('setup-b'));
    expect(result.current).toBeNull();
    expect(asked.map(({ address }) => address)).toEqual(['/trials/differs?a=setup-a&b=setup-b&ar=2']);
    await doing(() => asked[0]!.give(Response.json(answer)));
    await waitFor(() => expect(result.current).toEqual(answer));
  });

  it('is given up when another is chosen, and the answer of before is not shown for it', async () => {
    const { result, rerender } = differs(gear('setup-a'), gear('setup-b'));
    await doing(() => asked[0]!.give(Response.json(answer)));
    await waitFor(() => expect(result.current).toEqual(answer));
    await doing(() => rerender({ a: gear('setup-a'), b: gear('setup-c') }));
    expect(result.current).toBeNull();
    await doing(() => rerender({ a: gear('setup-a'), b: gear('setup-d') }));
    expect(asked[1]!.signal.aborted).toBe(true);
    await doing(() => asked[2]!.give(Response.json(answer)));
    await waitFor(() => expect(result.current).toEqual(answer));
  });

  it('of anything but setups is nothing, and nothing is asked', () => {
    expect(differs({ by: 'hand' }, { by: 'hand' }).result.current).toBeNull();
    expect(asked).toEqual([]);
  });

  it('that cannot be told is not shown', async () => {
    const { result } = differs(gear('setup-a'), gear('setup-b'));
    await doing(() => asked[0]!.give(new Response('', { status: 404 })));
    await doing(() => new Promise((resume) => setTimeout(resume, 5)));
    expect(result.current).toBeNull();
  });
});
