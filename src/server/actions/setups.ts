'use server';

import { z } from 'zod';
import { renameSetup, setArchived } from '@/db/repo';
import { setupIdSchema } from '@/domain/ids';
import { refused, reply, type Reply } from '../reply';
import { copySetup, copySetupInput, setupNameSchema, startSetup, startSetupInput } from '../setups';

export type SetupReply = Reply<{ readonly setupId: string }, 'not-found'>;

export async function startSetupAction(raw: unknown): Promise<SetupReply> {
  return reply<z.infer<typeof startSetupInput>, { setupId: string }, 'not-found'>(
    startSetupInput,
    raw,
    async (input, { db, benchId, now }) => {
      const outcome = await startSetup(db, benchId, input, now);
      return outcome.kind === 'started'
        ? { ok: true, data: { setupId: outcome.setupId } }
        : { ok: false, code: 'bad-input', fields: outcome.problems };
    },
  );
}

export async function copySetupAction(raw: unknown): Promise<SetupReply> {
  return reply<z.infer<typeof copySetupInput>, { setupId: string }, 'not-found'>(
    copySetupInput,
    raw,
    async (input, { db, benchId, now }) => {
      const setupId = await copySetup(db, benchId, input, now);
      return setupId ? { ok: true, data: { setupId } } : refused('not-found');
    },
  );
}

const renameInput = z.strictObject({ setupId: setupIdSchema, name: setupNameSchema });

export async function renameSetupAction(raw: unknown): Promise<SetupReply> {
  return reply<z.infer<typeof renameInput>, { setupId: string }, 'not-found'>(
    renameInput,
    raw,
    async ({ setupId, name }, { db, benchId }) =>
      (await renameSetup(db, benchId, setupId, name)) === 'changed'
        ? { ok: true, data: { setupId } }
        : refused('not-found'),
  );
}

const putAwayInput = z.strictObject({ setupId: setupIdSchema, away: z.boolean() });

/** Puts a setup away, or brings it back; nothing of it is lost. */
export async function putSetupAwayAction(raw: unknown): Promise<SetupReply> {
  return reply<z.infer<typeof putAwayInput>, { setupId: string }, 'not-found'>(
    putAwayInput,
    raw,
    async ({ setupId, away }, { db, benchId, now }) =>
      (await setArchived(db, benchId, setupId, away ? now : null)) === 'changed'
        ? { ok: true, data: { setupId } }
        : refused('not-found'),
  );
}
