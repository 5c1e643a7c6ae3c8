import { z } from 'zod';
import type { Tx } from '@/db/client';
import { lockParts, replacePart } from '@/db/repo';
import { partIdSchema, type BenchId } from '@/domain/ids';
import type { Part } from '@/domain/parts';
import { mendedPart } from '@/domain/parts/mended-part';
import type { Problem } from '@/domain/problems';

export const mendPartInput = z.strictObject({ partId: partIdSchema, expectedVersion: z.number().int().min(1) });

export type MendOutcome =
  | { readonly kind: 'mended'; readonly part: Part; readonly version: number }
  | { readonly kind: 'not-found' | 'stale' }
  | { readonly kind: 'bad-input'; readonly problems: readonly Problem[] };

/** Makes a part of a record that cannot be read: what can be kept is kept, the rest is as its class has it. */
export async function mendPart(
  tx: Tx,
  benchId: BenchId,
  { partId, expectedVersion }: z.infer<typeof mendPartInput>,
  now: Date,
): Promise<MendOutcome> {
  const row = (await lockParts(tx, benchId, [partId])).broken.get(partId);
  if (!row) return { kind: 'not-found' };
  if (row.version !== expectedVersion) return { kind: 'stale' };
  const result = mendedPart(partId, row.kind, row.stored);
  if (!result.ok) return { kind: 'bad-input', problems: result.problems };
  const outcome = await replacePart(tx, benchId, result.data, expectedVersion, now);
  return outcome.kind === 'stale' ? outcome : { kind: 'mended', part: result.data, version: outcome.version };
}
