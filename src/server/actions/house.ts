'use server';

import { findHouse, putAngler, putHouse } from '@/db/repo';
import { houseChangeSchema, type House } from '@/domain/house';
import { reply, type Reply } from '../reply';

/** Changes what the bench holds to; what is not given stays as it is. */
export async function changeHouseAction(raw: unknown): Promise<Reply<House>> {
  return reply(houseChangeSchema, raw, async (change, { db, benchId, now }) => {
    const house = await db.transaction(async (tx): Promise<House> => {
      const held = await findHouse(tx, benchId);
      const { angler, ...document } = {
        schools: change.schools ?? held.schools,
        crafts: change.crafts ?? held.crafts,
        sheet: change.sheet ?? held.sheet,
        classes: change.classes ?? held.classes,
        rigWords: change.rigWords ?? held.rigWords,
        angler: change.angler ?? held.angler,
      };
      await putHouse(tx, benchId, document, now);
      await putAngler(tx, benchId, angler, now);
      return { ...document, angler };
    });
    return { ok: true, data: house };
  });
}
