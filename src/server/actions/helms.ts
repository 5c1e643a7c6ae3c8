'use server';

import { helmRepo } from '@/db/repo';
import { helmSchema, type Helm } from '@/domain/helm/helm';
import { helmIdSchema } from '@/domain/ids';
import { keepVersioned, type Kept } from '../keep-versioned';
import { accessTo } from '../access';
import { liveHub } from '../live/live-hub';
import { claimedBench, type Reply } from '../reply';

const helms = keepVersioned('helm', helmSchema, (id) => helmIdSchema.parse(id), helmRepo);

/** Keeps a helm, and has its instruments read from now on as it says. */
export async function saveHelmAction(sent: unknown): Promise<Reply<Kept<Helm>, 'stale'>> {
  const kept = await helms.save(sent);
  if (kept.ok) await reloadHub(sent);
  return kept;
}

export async function removeHelmAction(sent: unknown): Promise<Reply<null, 'stale'>> {
  const removed = await helms.remove(sent);
  if (removed.ok) await reloadHub(sent);
  return removed;
}

/** The bench is the one that the change was for. */
async function reloadHub(sent: unknown): Promise<void> {
  await liveHub((await accessTo('helm', claimedBench(sent))).benchId).reload();
}
