'use server';

import type { z } from 'zod';
import { change, refused, type Reply } from '../reply';
import { saveRevisionInput, saveRevisionOf } from '../setups/save-revision';

interface Saved {
  readonly number: number;
  readonly version: number;
}

export type SaveRevisionReply = Reply<Saved, 'stale' | 'not-found'>;

export async function saveRevisionAction(sent: unknown): Promise<SaveRevisionReply> {
  return change<z.infer<typeof saveRevisionInput>, Saved, 'stale' | 'not-found'>(
    'save-revision',
    'edit',
    saveRevisionInput,
    sent,
    async (input, { tx, benchId, now, authorId }) => {
      const outcome = await saveRevisionOf(tx, benchId, input, now, authorId);
      switch (outcome.kind) {
        case 'saved':
          return { ok: true, data: { number: outcome.number, version: outcome.version } };
        case 'bad-input':
          return refused('bad-input', outcome.problems);
        case 'stale':
        case 'not-found':
          return refused(outcome.kind);
        default:
          return outcome satisfies never;
      }
    },
  );
}
