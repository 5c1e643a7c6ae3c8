import { KINDS_OF_PART, PART_KINDS } from '@/domain/parts';
import { COLOUR_WORDS } from './colours';
import { HARDWARE } from './hardware';
import { KNOT_WORDS } from './knots';
import { HOOKS } from './hooks';
import { LINES } from './lines';
import { BAITS, LURES } from './lures';
import { inSpaces, is, type Entry, type Meaning } from './meaning';
import { REELS, RODS } from './rods';
import { WEIGHTS } from './weights';

const KINDS: readonly Entry[] = PART_KINDS.map((kind) => [KINDS_OF_PART[kind].called, is(kind)]);

/**
 * Every word and phrase by what it can mean, the usual meaning first: a worm is a hook's style, unless the part is a bait.
 * Hyphens read as spaces.
 */
export const LEXICON: Readonly<Record<string, readonly Meaning[]>> = [
  ...HOOKS,
  ...KINDS,
  ...RODS,
  ...REELS,
  ...LINES,
  ...WEIGHTS,
  ...LURES,
  ...BAITS,
  ...HARDWARE,
  ...KNOT_WORDS,
  ...COLOUR_WORDS,
].reduce<Record<string, Meaning[]>>((lexicon, [words, meaning]) => {
  for (const word of words) (lexicon[inSpaces(word)] ??= []).push(meaning);
  return lexicon;
}, {});

export { inSpaces, type Meaning };
