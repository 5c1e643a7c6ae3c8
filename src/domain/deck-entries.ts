import type { DeckEntry } from './deck';
import type { SetupId } from './ids';
import type { Joint } from './joint';
import type { Part } from './parts';
import type { Presentation } from './presentation';

/** What a deck needs to know of a setup. */
export interface RiggedSetup {
  readonly id: SetupId;
  readonly file: {
    readonly parts: readonly Part[];
    readonly chain: readonly Joint[];
    readonly presentation: Presentation;
  };
}

/** The setup's own rod and reel: how it comes onto a deck. */
export function entryOf({ id, file: { chain } }: RiggedSetup): DeckEntry | null {
  const of = (kind: Joint['kind']) => chain.find((joint) => joint.kind === kind)?.partId;
  const [rodId, reelId] = [of('rod'), of('reel')];
  return rodId && reelId ? { setupId: id, rodId, reelId } : null;
}

/**
 * A deck of setups as they are ranked, so many rods at most: each rod and each reel goes out once, with the best setup that
 * is rigged on it. What else they carry stays ashore, and is a fallback that can be added.
 */
export function entriesOf(ranked: readonly RiggedSetup[], most: number): readonly DeckEntry[] {
  const entries: DeckEntry[] = [];
  for (const setup of ranked) {
    const entry = entryOf(setup);
    const isOut = entries.some(({ rodId, reelId }) => rodId === entry?.rodId || reelId === entry?.reelId);
    if (entry && !isOut && entries.length < most) entries.push(entry);
  }
  return entries;
}
