'use server';

import { z } from 'zod';
import { loadMixedInteger } from '@/core/base/numeric';
import { removeLeaders, setLeaderState } from '@/db/repo';
import { leaderIdSchema } from '@/domain/ids';
import { LEADER_STATES } from '@/domain/leader-states';
import { change, refused, type Reply } from '../reply';
import { tieBatch, tieBatchInput, untieBatch, untieBatchInput, type Tied } from '../tying/tie-batch';

export async function tieBatchAction(sent: unknown): Promise<Reply<Tied, 'not-found' | 'short'>> {
  return change<z.infer<typeof tieBatchInput>, Tied, 'not-found' | 'short'>(
    'tie-batch',
    'edit',
    tieBatchInput,
    sent,
    async (input, { tx, benchId, now, authorId }) => {
      await loadMixedInteger();
      const outcome = await tieBatch(tx, benchId, input, now, authorId);
      return outcome.kind === 'tied' ? { ok: true, data: outcome.tied } : refused(outcome.kind);
    },
  );
}

export async function untieBatchAction(sent: unknown): Promise<Reply<null, 'not-found' | 'used'>> {
  return change<z.infer<typeof untieBatchInput>, null, 'not-found' | 'used'>(
    'untie-batch',
    'edit',
    untieBatchInput,
    sent,
    async (input, { tx, benchId, now, authorId }) => {
      const outcome = await untieBatch(tx, benchId, input, now, authorId);
      return outcome.kind === 'taken-back' ? { ok: true, data: null } : refused(outcome.kind);
    },
  );
}

const stateInput = z.strictObject({ leaderId: leaderIdSchema, state: z.enum(LEADER_STATES) });

export async function setLeaderStateAction(sent: unknown): Promise<Reply<null, 'not-found'>> {
  return change<z.infer<typeof stateInput>, null, 'not-found'>(
    'set-leader-state',
    'edit',
    stateInput,
    sent,
    async ({ leaderId, state }, { tx, benchId }) =>
      (await setLeaderState(tx, benchId, leaderId, state)) === 'changed'
        ? { ok: true, data: null }
        : refused('not-found'),
  );
}

const removeInput = z.strictObject({ leaderId: leaderIdSchema });

/** Takes a leader that cannot be read off the list. */
export async function removeLeaderAction(sent: unknown): Promise<Reply<null>> {
  return change<z.infer<typeof removeInput>, null>(
    'remove-leader',
    'edit',
    removeInput,
    sent,
    async ({ leaderId }, { tx, benchId }) => {
      await removeLeaders(tx, benchId, [leaderId]);
      return { ok: true, data: null };
    },
  );
}
