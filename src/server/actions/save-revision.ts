'use server';

import { revalidatePath } from 'next/cache';
import { parse, type Problem } from '@/domain/problems';
import { currentBench } from '../current-bench';
import { database } from '../database';
import { saveRevisionInput, saveRevisionOf } from '../save-revision';

export type SaveRevisionReply =
  | { readonly ok: true; readonly data: { readonly number: number; readonly version: number } }
  | { readonly ok: false; readonly code: 'bad-input' | 'stale' | 'not-found'; readonly fields: readonly Problem[] };

export async function saveRevisionAction(raw: unknown): Promise<SaveRevisionReply> {
  const benchId = await currentBench();
  const parsed = parse(saveRevisionInput, raw);
  if (!parsed.ok) return { ok: false, code: 'bad-input', fields: parsed.problems };
  const outcome = await saveRevisionOf(database(), benchId, parsed.data, new Date());
  switch (outcome.kind) {
    case 'saved':
      revalidatePath('/bench', 'layout');
      return { ok: true, data: { number: outcome.number, version: outcome.version } };
    case 'bad-input':
      return { ok: false, code: 'bad-input', fields: outcome.problems };
    case 'stale':
    case 'not-found':
      return { ok: false, code: outcome.kind, fields: [] };
    default:
      return outcome satisfies never;
  }
}
