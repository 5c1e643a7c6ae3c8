import 'server-only';
import { listDecks, listParts } from '@/db/repo';
import type { Deck } from '@/domain/deck';
import type { PartId, SetupId } from '@/domain/ids';
import type { Part } from '@/domain/parts';
import { luresInSetups } from '@/domain/quiver/lures-in-setups';
import { currentBench } from '../current-bench';
import { database } from '../database';
import { newestSetups, type NewestSetup } from '../newest-setups';

export type QuiverSetup = Pick<NewestSetup, 'id' | 'name' | 'number' | 'file'>;

export interface QuiverPage {
  readonly setups: readonly QuiverSetup[];
  readonly box: readonly Part[];
  /** lures of the Box that no setup fishes, and where each would stand */
  readonly lures: readonly { readonly partId: PartId; readonly setupId: SetupId; readonly jointId: string }[];
  readonly decks: readonly { readonly deck: Deck; readonly version: number }[];
}

/** Every setup at its newest revision, the Box, and the decks. */
export async function getQuiverPage(): Promise<QuiverPage> {
  const db = database();
  const benchId = await currentBench();
  const [setups, box, decks] = await Promise.all([
    newestSetups(db, benchId),
    listParts(db, benchId),
    listDecks(db, benchId),
  ]);
  const idOf = new Map(setups.map(({ id, file }) => [file, id]));
  const lures = luresInSetups(
    setups.map(({ file }) => file),
    box,
  ).map(({ part, as, jointId }) => ({ partId: part.id, setupId: idOf.get(as)!, jointId }));
  return { setups, box, lures, decks: decks.map(({ deck, version }) => ({ deck, version })) };
}
