import type { Deck } from './deck';
import type { RiggedSetup } from './deck-entries';
import type { PartId } from './ids';
import type { Part } from './parts';
import { sparesOf, spareLeaderM } from './spares';

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
