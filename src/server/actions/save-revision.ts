'use server';

import type { z } from 'zod';
import { refused, reply, type Reply } from '../reply';
import { saveRevisionInput, saveRevisionOf } from '../save-revision';

export type SaveRevisionReply = Reply<{ readonly number: number; readonly version: number }, 'stale' | 'not-found'>;

export async function saveRevisionAction(raw: unknown): Promise<SaveRevisionReply> {
  return reply<z.infer<typeof saveRevisionInput>, { number: number; version: number }, 'stale' | 'not-found'>(
    saveRevisionInput,
    raw,
    async (input, { db, benchId, now }) => {
      const outcome = await saveRevisionOf(db, benchId, input, now);
      switch (outcome.kind) {
        case 'saved':
          return { ok: true, data: { number: outcome.number, version: outcome.version } };
        case 'bad-input':
          return { ok: false, code: 'bad-input', fields: outcome.problems };
        case 'stale':
        case 'not-found':
          return refused(outcome.kind);
        default:
          return outcome satisfies never;
      }
    },
  );
}
