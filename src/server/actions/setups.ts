'use server';

import { z } from 'zod';
import { renameSetup, setArchived } from '@/db/repo';
import { setupIdSchema } from '@/domain/ids';
import { change, refused, type Reply } from '../reply';
import { copySetup, copySetupInput, setupNameSchema, startSetup, startSetupInput } from '../setups/start-setup';

interface Named {
  readonly setupId: string;
}

export type SetupReply = Reply<Named, 'not-found'>;

export async function startSetupAction(sent: unknown): Promise<SetupReply> {
  return change<z.infer<typeof startSetupInput>, Named, 'not-found'>(
    'start-setup',
    'edit',
    startSetupInput,
    sent,
    async (input, { tx, benchId, now, authorId }) => {
      const outcome = await startSetup(tx, benchId, input, now, authorId);
      return outcome.kind === 'started'
        ? { ok: true, data: { setupId: outcome.setupId } }
        : refused('bad-input', outcome.problems);
    },
  );
}

export async function copySetupAction(sent: unknown): Promise<SetupReply> {
  return change<z.infer<typeof copySetupInput>, Named, 'not-found'>(
    'copy-setup',
    'edit',
    copySetupInput,
    sent,
    async (input, { tx, benchId, now, authorId }) => {
      const outcome = await copySetup(tx, benchId, input, now, authorId);
      if (outcome === null) return refused('not-found');
      return outcome.kind === 'started'
        ? { ok: true, data: { setupId: outcome.setupId } }
        : refused('bad-input', outcome.problems);
    },
  );
}

const renameInput = z.strictObject({ setupId: setupIdSchema, name: setupNameSchema });

export async function renameSetupAction(sent: unknown): Promise<SetupReply> {
  return change<z.infer<typeof renameInput>, Named, 'not-found'>(
    'rename-setup',
    'edit',
    renameInput,
    sent,
    async ({ setupId, name }, { tx, benchId }) =>
      (await renameSetup(tx, benchId, setupId, name)) === 'changed'
        ? { ok: true, data: { setupId } }
        : refused('not-found'),
  );
}

const putAwayInput = z.strictObject({ setupId: setupIdSchema, away: z.boolean() });

/** Puts a setup away, or brings it back; nothing of it is lost. */
export async function putSetupAwayAction(sent: unknown): Promise<SetupReply> {
  return change<z.infer<typeof putAwayInput>, Named, 'not-found'>(
    'put-setup-away',
    'edit',
    putAwayInput,
    sent,
    async ({ setupId, away }, { tx, benchId, now }) =>
      (await setArchived(tx, benchId, setupId, away ? now : null)) === 'changed'
        ? { ok: true, data: { setupId } }
        : refused('not-found'),
  );
}
