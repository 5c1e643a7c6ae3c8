'use server';

import { findAngler, putAngler } from '@/db/repo';
import { anglerSchema, type Angler } from '@/domain/angler';
import { reply, type Reply } from '../reply';

/** Keeps what was measured of the angler; what was not measured this time stays. */
export async function keepAnglerAction(raw: unknown): Promise<Reply<Angler>> {
  return reply(anglerSchema, raw, async (measured, { db, benchId, now }) => {
    const kept = await db.transaction(async (tx) => {
      const next = { ...(await findAngler(tx, benchId)), ...measured };
      await putAngler(tx, benchId, next, now);
      return next;
    });
    return { ok: true, data: kept };
  });
}
