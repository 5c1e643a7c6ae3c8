'use server';

import type { z } from 'zod';
import { houseChangesSchema } from '@/domain/house-entries';
import { changeHouse, type HouseChanged } from '../house/change-house';
import { change, type Reply } from '../reply';

/** Changes what the bench holds to, entry by entry; what could not be changed is told, the rest is done. */
export async function changeHouseAction(sent: unknown): Promise<Reply<HouseChanged>> {
  return change<z.infer<typeof houseChangesSchema>, HouseChanged>(
    'change-house',
    'edit',
    houseChangesSchema,
    sent,
    async ({ changes }, { tx, benchId, now }) => ({ ok: true, data: await changeHouse(tx, benchId, changes, now) }),
  );
}
