import { describe, expect, it } from 'vitest';
import { demoFiles } from '../../tests/helpers/demo';
import { demoParts } from '@/db/demo';
import type { DeckEntry } from './deck';
import { deckRemarks, isConflict } from './deck-remarks';
import { packList } from './pack-list';
import { entriesOf, entryOf } from './deck-entries';
import { partIdSchema, setupIdSchema } from './ids';

const setups = demoFiles.filter(({ newest }) => newest).map(({ id, file }) => ({ id: setupIdSchema.parse(id), file }));
const entry = (id: string, change: Partial<DeckEntry> = {}): DeckEntry => ({
  ...entryOf(setups.find((each) => each.id === id)!)!,
  ...change,
});
const remarks = (...entries: DeckEntry[]) =>
  deckRemarks({ entries }, setups, demoParts).map(({ kind, at, with: other }) => [kind, at, other]);

describe('a deck', () => {
  it('comes with the setup’s own rod and reel and has nothing against it', () => {
    expect(entry('setup-drowned-wall')).toMatchObject({ rodId: 'rod-heron', reelId: 'reel-cast' });
    expect(remarks(entry('setup-drowned-wall'), entry('setup-big-tail'))).toEqual([]);
  });
  it('finds one reel on two rods', () =>
    expect(
      remarks(entry('setup-drowned-wall'), entry('setup-big-tail', { reelId: partIdSchema.parse('reel-cast') })),
    ).toEqual([['reel-on-two-rods', 1, 0]]));
  it('finds one reel that must hold two lines', () =>
    expect(remarks(entry('setup-lily-bay'), entry('setup-bladed'))).toEqual([['reel-needs-two-lines', 1, 0]]));
  it('finds a seat that does not take the reel', () =>
    expect(remarks(entry('setup-drowned-wall', { reelId: partIdSchema.parse('reel-spin') }))).toEqual([
      ['seat', 0, null],
    ]));
  it('lets a blank take two reels through the day, and one rig follow another', () => {
    const changed = deckRemarks(
      {
        entries: [
          entry('setup-drowned-wall'),
          entry('setup-evening-edge', { reelId: partIdSchema.parse('reel-low-cast') }),
        ],
      },
      setups,
      demoParts,
    );
    expect(changed.map(({ kind }) => kind)).toEqual(['changed-over']);
    expect(changed.some(isConflict)).toBe(false);
    expect(remarks(entry('setup-drowned-wall'), entry('setup-evening-edge'))).toEqual([['tied-again', 1, 0]]);
  });
  it('of ranked setups takes the best of each rod and each reel, and no more than asked', () => {
    const ranked = ['setup-evening-edge', 'setup-drowned-wall', 'setup-lily-bay', 'setup-bladed', 'setup-big-tail'].map(
      (id) => setups.find((each) => each.id === id)!,
    );
    const taken = (most: number) => entriesOf(ranked, most).map(({ setupId }) => setupId);
    expect(taken(9)).toEqual(['setup-evening-edge', 'setup-lily-bay', 'setup-big-tail']);
    expect(taken(2)).toEqual(['setup-evening-edge', 'setup-lily-bay']);
    expect(deckRemarks({ entries: [...entriesOf(ranked, 9)] }, setups, demoParts)).toEqual([]);
    expect(entriesOf([{ ...ranked[0]!, file: { ...ranked[0]!.file, chain: [] } }], 9)).toEqual([]);
  });
  it('says when a part is gone', () =>
    expect(remarks(entry('setup-drowned-wall', { rodId: partIdSchema.parse('rod-nobody') }))).toEqual([
      ['gone', 0, null],
    ]));
});

describe('a pack list', () => {
  const packed = packList(
    { entries: [entry('setup-drowned-wall'), entry('setup-evening-edge'), entry('setup-big-tail')] },
    setups,
    demoParts,
  );
  const of = (id: string) => packed.find(({ part }) => part.id === id);
  it('counts a rod once and a bait as often as it is rigged; a leader by its metres; with spares', () => {
    expect(of('rod-heron')).toMatchObject({ pieces: 1, metres: 0 });
    expect(of('bait-paddle-tail-125')).toMatchObject({ pieces: 2, spare: 3 });
    expect(of('rod-heron')).toMatchObject({ spare: 0 });
    // Two leaders of 1.1 m, and one of each to spare.
    expect(of('line-fluorocarbon-37')!.metres).toBeCloseTo(4.4, 9);
    expect(of('line-braid-28')).toMatchObject({ pieces: 1 });
    expect(packed.some(({ part }) => part.kind === 'knot')).toBe(false);
  });
  it('says what runs short', () => {
    const few = demoParts.map((part) => (part.id === 'bait-paddle-tail-125' ? { ...part, left: 1 } : part));
    const short = packList({ entries: [entry('setup-drowned-wall'), entry('setup-evening-edge')] }, setups, few).filter(
      (each) => each.short,
    );
    expect(short.map(({ part }) => part.id)).toEqual(['bait-paddle-tail-125']);
  });
});
