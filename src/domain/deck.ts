import { z } from 'zod';
import { seatTakes } from '@/core/tackle';
import { deckIdSchema, partIdSchema, setupIdSchema, type PartId, type SetupId } from './ids';
import type { RiggedSetup } from './deck-entries';
import { sparesOf, spareLeaderM } from './spares';
import type { Part } from './parts';

export const MOST_ON_DECK = 24;

/** Rods in order for a trip: each with the setup that it is rigged with and the reel that sits on it. */
export const deckSchema = z.strictObject({
  id: deckIdSchema,
  name: z.string().trim().min(1).max(120),
  entries: z
    .array(z.strictObject({ setupId: setupIdSchema, rodId: partIdSchema, reelId: partIdSchema }))
    .max(MOST_ON_DECK),
});

export type Deck = z.infer<typeof deckSchema>;
export type DeckEntry = Deck['entries'][number];

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

/** One line of a pack list: pieces, or metres of a line; left is what the Box holds. */
export interface Packed {
  readonly part: Part;
  readonly pieces: number;
  /** besides, for what is lost or torn in a day */
  readonly spare: number;
  readonly metres: number;
  readonly short: boolean;
}

/** Kinds that are no thing to carry. */
const NOT_PACKED: ReadonlySet<Part['kind']> = new Set(['knot']);

/** Everything that a deck takes out of the Box: rods and reels once each, the rest as often as it is rigged, with spares. */
export function packList(
  { entries }: Pick<Deck, 'entries'>,
  setups: readonly RiggedSetup[],
  box: readonly Part[],
): readonly Packed[] {
  const needed = new Map<PartId, { pieces: number; metres: number }>();
  const add = (id: PartId, pieces: number, metres: number) => {
    const now = needed.get(id) ?? { pieces: 0, metres: 0 };
    needed.set(id, { pieces: now.pieces + pieces, metres: now.metres + metres });
  };
  for (const id of new Set(entries.flatMap(({ rodId, reelId }) => [rodId, reelId]))) add(id, 1, 0);
  const lines = new Set<PartId>();
  for (const { setupId } of entries) {
    for (const joint of setups.find(({ id }) => id === setupId)?.file.chain ?? []) {
      if (joint.kind === 'rod' || joint.kind === 'reel') continue;
      if (joint.kind === 'line') lines.add(joint.partId);
      else
        add(
          joint.partId,
          joint.kind === 'leader' ? 0 : 1,
          joint.kind === 'leader' ? joint.lengthM + spareLeaderM(joint.lengthM) : 0,
        );
    }
  }
  for (const id of lines) add(id, 1, 0);
  return box.flatMap((part): Packed[] => {
    const { pieces = 0, metres = 0 } = needed.get(part.id) ?? {};
    if (pieces + metres === 0 || NOT_PACKED.has(part.kind)) return [];
    const spare = sparesOf(part.kind);
    const short =
      part.kind === 'line' ? part.lengthM.value < metres : part.left !== undefined && part.left < pieces + spare;
    return [{ part, pieces, spare, metres, short }];
  });
}
