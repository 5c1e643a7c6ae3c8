'use server';

import { z } from 'zod';
import { fillWithDemo } from '@/db/load-demo';
import { clearBench, isBenchEmpty, lockBench } from '@/db/repo';
import { giveMembersAnglers } from '@/db/give-members-anglers';
import { change, refused, type Reply } from '../reply';

const nothing = z.strictObject({});

/** Puts the demo on a bench that has neither parts nor setups. */
export async function loadDemoAction(sent: unknown): Promise<Reply<null, 'not-empty'>> {
  return change<z.infer<typeof nothing>, null, 'not-empty'>(
    'load-demo',
    'crew',
    nothing,
    sent,
    async (_, { tx, benchId, now }) => {
      await lockBench(tx, benchId);
      if (!(await isBenchEmpty(tx, benchId))) return refused('not-empty');
      await fillWithDemo(tx, benchId);
      await giveMembersAnglers(tx, benchId, now);
      return { ok: true, data: null };
    },
  );
}

const named = z.strictObject({ name: z.string().trim().min(1).max(120) });

/** Deletes all that is on the bench; it goes on under a name of its own. */
export async function emptyBenchAction(sent: unknown): Promise<Reply<null>> {
  return change<z.infer<typeof named>, null>(
    'empty-bench',
    'crew',
    named,
    sent,
    async ({ name }, { tx, benchId, now }) => {
      await lockBench(tx, benchId);
      await clearBench(tx, benchId, name);
      await giveMembersAnglers(tx, benchId, now);
      return { ok: true, data: null };
    },
  );
}
