'use server';

import { z } from 'zod';
import { setLeaderState } from '@/db/repo';
import { leaderIdSchema } from '@/domain/ids';
import { LEADER_STATES } from '@/domain/leader';
import { refused, reply, type Reply } from '../reply';
import { tieBatch, tieBatchInput } from '../tie-batch';

export async function tieBatchAction(
  raw: unknown,
): Promise<Reply<{ readonly leaders: number }, 'not-found' | 'short'>> {
  return reply<z.infer<typeof tieBatchInput>, { leaders: number }, 'not-found' | 'short'>(
    tieBatchInput,
    raw,
    async (input, { db, benchId, now }) => {
      const outcome = await tieBatch(db, benchId, input, now);
      return outcome.kind === 'tied' ? { ok: true, data: { leaders: outcome.leaders } } : refused(outcome.kind);
    },
  );
}

const stateInput = z.strictObject({ leaderId: leaderIdSchema, state: z.enum(LEADER_STATES) });

export async function setLeaderStateAction(raw: unknown): Promise<Reply<null, 'not-found'>> {
  return reply<z.infer<typeof stateInput>, null, 'not-found'>(
    stateInput,
    raw,
    async ({ leaderId, state }, { db, benchId }) =>
      (await setLeaderState(db, benchId, leaderId, state)) === 'changed'
        ? { ok: true, data: null }
        : refused('not-found'),
  );
}
