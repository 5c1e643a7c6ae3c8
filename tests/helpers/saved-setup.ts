import type { Db } from '@/db/client';
import { insertParts, insertSetup, saveRevision } from '@/db/repo';
import { partIdSchema, revisionIdSchema, setupIdSchema, type BenchId, type SetupId } from '@/domain/ids';
import type { Part } from '@/domain/parts';
import type { SetupFile } from '@/domain/setup';
import { aBench } from './database';

let made = 0;

/** A bench with the parts of a setup and one revision of it, under ids of its own. */
export async function savedSetup(
  db: Db,
  file: SetupFile,
  now: Date,
): Promise<{
  readonly benchId: BenchId;
  readonly setupId: SetupId;
  readonly parts: readonly Part[];
  readonly chain: SetupFile['chain'];
}> {
  made += 1;
  const benchId = await aBench(db);
  const own = (id: string) => partIdSchema.parse(`${id}-${benchId}-${made}`);
  const parts = file.parts.map((part) => ({ ...part, id: own(part.id) }));
  const chain = file.chain.map((joint) => ({ ...joint, partId: own(joint.partId) }));
  const setupId = setupIdSchema.parse(`setup-${benchId}-${made}`);
  await insertParts(db, benchId, parts, now);
  await db.transaction(async (tx) => {
    await insertSetup(tx, { id: setupId, benchId, name: 'Test', version: 0, createdAt: now });
    await saveRevision(tx, benchId, setupId, 0, {
      id: revisionIdSchema.parse(`revision-${benchId}-${made}`),
      reason: 'first',
      chain,
      presentation: file.presentation,
      parts,
      authorId: null,
      savedAt: now,
    });
  });
  return { benchId, setupId, parts, chain };
}
