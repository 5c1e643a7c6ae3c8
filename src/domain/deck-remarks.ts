import { seatTakes } from '@/core/tackle';
import type { Deck } from './deck';
import type { RiggedSetup } from './deck-entries';
import type { PartId, SetupId } from './ids';
import type { Part } from './parts';

/** Something that cannot be, or must be known before: where, and with which other place of the deck. */
export interface DeckRemark {
  readonly kind: 'reel-on-two-rods' | 'reel-needs-two-lines' | 'seat' | 'gone' | 'changed-over' | 'tied-again';
  readonly at: number;
  readonly with: number | null;
}

const CONFLICTS: ReadonlySet<DeckRemark['kind']> = new Set([
  'reel-on-two-rods',
  'reel-needs-two-lines',
  'seat',
  'gone',
]);
/** A conflict must be solved; the rest is to be known: a blank that takes two reels through the day. */
export const isConflict = ({ kind }: DeckRemark): boolean => CONFLICTS.has(kind);

const lineOf = (setup: RiggedSetup | undefined): PartId | undefined =>
  setup?.file.chain.find(({ kind }) => kind === 'line')?.partId;

/** What stands against a deck: one reel wanted twice, a seat that does not take it, parts that are gone; and what changes through the day. */
export function deckRemarks(
  { entries }: Pick<Deck, 'entries'>,
  setups: readonly RiggedSetup[],
  box: readonly Part[],
): readonly DeckRemark[] {
  const part = (id: PartId) => box.find((each) => each.id === id);
  const setup = (id: SetupId) => setups.find((each) => each.id === id);
  return entries.flatMap((entry, at): DeckRemark[] => {
    const [rod, reel] = [part(entry.rodId), part(entry.reelId)];
    if (!setup(entry.setupId) || rod?.kind !== 'rod' || reel?.kind !== 'reel')
      return [{ kind: 'gone', at, with: null }];
    const seat: DeckRemark[] = seatTakes(rod.mount, reel.build) ? [] : [{ kind: 'seat', at, with: null }];
    const others = entries.slice(0, at).flatMap((earlier, i): DeckRemark[] => {
      if (earlier.reelId === entry.reelId && earlier.rodId !== entry.rodId)
        return [{ kind: 'reel-on-two-rods', at, with: i }];
      if (earlier.reelId === entry.reelId && lineOf(setup(earlier.setupId)) !== lineOf(setup(entry.setupId)))
        return [{ kind: 'reel-needs-two-lines', at, with: i }];
      if (earlier.rodId !== entry.rodId) return [];
      return [{ kind: earlier.reelId === entry.reelId ? 'tied-again' : 'changed-over', at, with: i }];
    });
    return [...seat, ...others];
  });
}
