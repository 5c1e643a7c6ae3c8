'use server';

import { z } from 'zod';
import { revokeDevice } from '@/db/repo';
import { forgetKnown } from '../devices/gate';
import { change, type Reply } from '../reply';

/** Sends a device away: its next request is not answered. */
export async function revokeDeviceAction(sent: unknown): Promise<Reply<null>> {
  const reply = await change<{ id: string }, null>(
    'revoke-device',
    z.strictObject({ id: z.string().min(1).max(64) }),
    sent,
    async ({ id }, { tx, now }) => {
      await revokeDevice(tx, id, now);
      return { ok: true, data: null };
    },
  );
  forgetKnown();
  return reply;
}
