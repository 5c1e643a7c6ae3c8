import 'server-only';
import { listBox, listParts, type BoxPart } from '@/db/repo';

export type { BoxPart };
import type { PartId } from '@/domain/ids';
import type { Part } from '@/domain/parts';
import { newestRevisions } from '../box/setups-of-parts';
import { currentBench } from '../current-bench';
import { database } from '../database';

export interface BoxPage {
  readonly parts: readonly BoxPart[];
  /** setups whose newest revision uses the part, by part id */
  readonly uses: Readonly<Record<PartId, readonly { readonly id: string; readonly name: string }[]>>;
}

export async function getBoxPage(): Promise<BoxPage> {
  const db = database();
  const benchId = await currentBench();
  const [parts, setups] = await Promise.all([listBox(db, benchId), newestRevisions(db, benchId)]);
  const uses: Record<PartId, { id: string; name: string }[]> = {};
  for (const { setupId, name, revision } of setups) {
    for (const partId of new Set(revision.chain.map((joint) => joint.partId)))
      (uses[partId] ??= []).push({ id: setupId, name });
  }
  return { parts, uses };
}

/** The parts alone, for whoever builds from them. */
export async function getBox(): Promise<readonly Part[]> {
  return listParts(database(), await currentBench());
}
