'use server';

import { z } from 'zod';
import { listAnglers, lockParts, putRodDown, takeRod } from '@/db/repo';
import { anglerIdSchema, partIdSchema } from '@/domain/ids';
import { change, refused, type Reply } from '../reply';

/** `anglerId` null puts it down; absent: whoever asks takes it */
const input = z.strictObject({ partId: partIdSchema, anglerId: anglerIdSchema.nullable().optional() });

/** A rod goes from hand to hand. */
export async function handRodAction(sent: unknown): Promise<Reply<null, 'not-found'>> {
  return change<z.infer<typeof input>, null, 'not-found'>(
    'hand-rod',
    'own',
    input,
    sent,
    async ({ partId, anglerId: to }, { tx, benchId, now, authorId }) => {
      if (to === null) {
        await putRodDown(tx, benchId, partId);
        return { ok: true, data: null };
      }
      const anglerId = to ?? authorId;
      const rod = (await lockParts(tx, benchId, [partId])).parts.get(partId);
      if (!anglerId || rod?.part.kind !== 'rod' || !(await listAnglers(tx, benchId)).some(({ id }) => id === anglerId))
        return refused('not-found');
      await takeRod(tx, benchId, { partId, anglerId, since: now });
      return { ok: true, data: null };
    },
  );
}
