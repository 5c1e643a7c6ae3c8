import 'server-only';
import { deckRepo, listParts, type BrokenRow } from '@/db/repo';
import type { Deck } from '@/domain/deck';
import type { PartId, SetupId } from '@/domain/ids';
import type { Part } from '@/domain/parts';
import { classRods, type ClassRod } from '@/domain/quiver/class-rods';
import { luresInSetups } from '@/domain/quiver/lures-in-setups';
import { MOUNTS_OF_WORK, type Work } from '@/domain/quiver/work';
import { keptPageQuery } from '../page-query';
import { marked } from '../setups/marked';
import { newestSetups, type BrokenSetup, type NewestSetup } from '../setups/newest-setups';

export type QuiverSetup = Pick<NewestSetup, 'id' | 'name' | 'number' | 'file'>;

export interface QuiverPage {
  readonly setups: readonly QuiverSetup[];
  readonly broken: readonly BrokenSetup[];
  readonly box: readonly Part[];
  /** lures of the Box that no setup fishes, and where each would stand */
  readonly lures: readonly { readonly partId: PartId; readonly setupId: SetupId; readonly jointId: string }[];
  /** classes of rods that could be bought */
  readonly toBuy: Readonly<Record<Work, readonly ClassRod[]>>;
  readonly decks: readonly { readonly deck: Deck; readonly version: number }[];
  readonly brokenDecks: readonly BrokenRow[];
}

const TO_BUY = { cast: classRods(MOUNTS_OF_WORK.cast), towed: classRods(MOUNTS_OF_WORK.towed) };

/** Every setup at its newest revision, the Box, and the decks. */
export async function getQuiverPage(): Promise<QuiverPage> {
  return keptPageQuery('bench', ['quiver'], async (db, benchId) => {
    const [newest, box, decks] = await Promise.all([
      newestSetups(db, benchId),
      listParts(db, benchId),
      deckRepo.list(db, benchId),
    ]);
    const { whole, broken } = await marked(db, newest);
    const setups = whole.map(({ setup }) => setup);
    const marksOf = new Map(whole.map(({ setup, result: marks }) => [setup.file, marks]));
    const idOf = new Map(setups.map(({ id, file }) => [file, id]));
    const lures = luresInSetups(
      setups.map(({ file }) => file),
      box,
      (file) => marksOf.get(file)!.set !== 'fails',
    ).map(({ part, as, jointId }) => ({ partId: part.id, setupId: idOf.get(as)!, jointId }));
    return {
      setups,
      broken,
      box,
      lures,
      toBuy: TO_BUY,
      decks: decks.rows.map(({ document: deck, version }) => ({ deck, version })),
      brokenDecks: decks.broken,
    };
  });
}
