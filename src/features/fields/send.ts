'use client';

import { v7 as newRequestId } from 'uuid';
import type { Reply } from '@/server/reply';
import { pageBench } from './page-bench';

/** Failures after which it is not known whether the change was made: the next try must be the same request. */
const UNSURE: ReadonlySet<string> = new Set(['database-away', 'busy', 'failed', 'disk-full']);
/** Waits before a request without an answer is sent again [ms]. */
const AGAIN_AFTER_MS = [300, 1200] as const;

/** Requests that no answer came to, by what they ask: pressed once more, the same goes out under the same id. */
const unanswered = new Map<string, string>();

export interface Unreachable {
  readonly ok: false;
  readonly code: 'unreachable';
  readonly fields: readonly [];
}

/**
 * Sends a change under an id made here, so that it is done once however often it arrives. Without an answer it is sent
 * again by itself; if none comes at all, the same change asked for later goes out under the same id. Never throws.
 */
export async function send<T, Code extends string>(
  name: string,
  action: (sent: {
    readonly requestId: string;
    readonly input: unknown;
    readonly benchId?: string | undefined;
  }) => Promise<Reply<T, Code>>,
  input: unknown,
): Promise<(Reply<T, Code> | Unreachable) & { readonly requestId: string }> {
  const benchId = pageBench();
  const asked = `${name} ${benchId} ${JSON.stringify(input)}`;
  const requestId = unanswered.get(asked) ?? newRequestId();
  unanswered.set(asked, requestId);
  for (const wait of [...AGAIN_AFTER_MS, null]) {
    const reply = await action({ requestId, input, ...(benchId && { benchId }) }).catch(() => null);
    if (reply) {
      if (reply.ok || !UNSURE.has(reply.code)) unanswered.delete(asked);
      return { ...reply, requestId };
    }
    if (wait !== null) await new Promise((resume) => setTimeout(resume, wait));
  }
  return { ok: false, code: 'unreachable', fields: [], requestId };
}

/** The same for a file that is posted to a route. */
export function requestIdFor(asked: string): string {
  const id = unanswered.get(asked) ?? newRequestId();
  unanswered.set(asked, id);
  return id;
}

export const answered = (asked: string): void => void unanswered.delete(asked);
