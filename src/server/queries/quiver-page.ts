import 'server-only';
import { findRevision, listDecks, listParts, listSetups } from '@/db/repo';
import type { Deck } from '@/domain/deck';
import type { PartId, SetupId } from '@/domain/ids';
import type { Part } from '@/domain/parts';
import { luresInSetups } from '@/domain/quiver/lures-in-setups';
import type { SetupFile } from '@/domain/setup';
import { currentBench } from '../current-bench';
import { database } from '../database';
import { setupFileOf } from '../setup-page';

export interface QuiverSetup {
  readonly id: SetupId;
  readonly name: string;
  readonly number: number;
  readonly file: SetupFile;
}

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
  const [heads, box, decks] = await Promise.all([listSetups(db, benchId), listParts(db, benchId), listDecks(db, benchId)]);
  const found = await Promise.all(
    heads.map(async ({ id, name }) => {
      const [revision, file] = await Promise.all([findRevision(db, benchId, id), setupFileOf(db, benchId, id)]);
      return revision && file ? [{ id, name, number: revision.number, file }] : [];
    }),
  );
  const setups: readonly QuiverSetup[] = found.flat();
  const idOf = new Map(setups.map(({ id, file }) => [file, id]));
  const lures = luresInSetups(setups.map(({ file }) => file), box).map(({ part, as, jointId }) => ({ partId: part.id, setupId: idOf.get(as)!, jointId }));
  return { setups, box, lures, decks: decks.map(({ deck, version }) => ({ deck, version })) };
}
