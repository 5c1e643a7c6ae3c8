'use server';

import { trialRepo } from '@/db/repo';
import { trialIdSchema } from '@/domain/ids';
import { trialSchema, type TrialDocument } from '@/domain/trials/trial-document';
import { keepVersioned, type Kept } from '../keep-versioned';
import type { Reply } from '../reply';

const trials = keepVersioned('trial', trialSchema, (id) => trialIdSchema.parse(id), trialRepo);

export async function saveTrialAction(sent: unknown): Promise<Reply<Kept<TrialDocument>, 'stale'>> {
  return trials.save(sent);
}

export async function removeTrialAction(sent: unknown): Promise<Reply<null, 'stale'>> {
  return trials.remove(sent);
}
