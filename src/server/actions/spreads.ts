'use server';

import { spreadRepo } from '@/db/repo';
import { spreadIdSchema } from '@/domain/ids';
import { spreadSchema, type SpreadDocument } from '@/domain/spread/spread';
import { keepVersioned, type Kept } from '../keep-versioned';
import type { Reply } from '../reply';

const spreads = keepVersioned('spread', spreadSchema, (id) => spreadIdSchema.parse(id), spreadRepo);

export async function saveSpreadAction(sent: unknown): Promise<Reply<Kept<SpreadDocument>, 'stale'>> {
  return spreads.save(sent);
}

export async function removeSpreadAction(sent: unknown): Promise<Reply<null, 'stale'>> {
  return spreads.remove(sent);
}
