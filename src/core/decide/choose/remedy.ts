import { evaluate, roomOf, VERDICT_NAMES, type Evaluation, type Mark, type VerdictName } from '../../judge';
import { InputRangeError, requireInRange, type Limits } from '../../base/guard';
import type { Setup } from '../../tackle';
import { applyChange, placesOf, type Change } from './change';
import type { Steps } from './steps';

export const REMEDY_LIMITS = { most: { min: 1, max: 50 } } as const satisfies Record<string, Limits>;

export interface RemedyInput {
  readonly setup: Setup;
  /** everything that could be done, from the user's own parts, from classes and by technique */
  readonly changes: readonly Change[];
  /** pairs of them that only make sense together, as a rod with a reel for its seat; they are tried whatever their halves do */
  readonly together?: readonly (readonly [Change, Change])[] | undefined;
  /** how many remedies are wanted; 12 when absent */
  readonly most?: number | undefined;
}

export interface VerdictShift {
  readonly verdict: VerdictName;
  readonly was: Mark;
  readonly is: Mark;
  readonly wasValue: number | null;
  readonly isValue: number | null;
  /** room gained, in widths of the edge; null where either side can't tell */
  readonly roomGained: number | null;
}

export interface Remedy {
  readonly changes: readonly Change[];
  /** what it moves, in the order of the verdicts */
  readonly shifts: readonly VerdictShift[];
  /** verdicts that stand worse than before */
  readonly spoils: readonly VerdictName[];
  /** room gained where it was missing, less what is lost elsewhere */
  readonly gain: number;
  /** no verdict fails or stands on an edge any more */
  readonly makesSound: boolean;
}

export interface Remedies {
  /** nothing-to-mend: no verdict fails or stands on an edge; none: nothing that was tried is better */
  readonly outcome: 'ok' | 'nothing-to-mend' | 'none';
  readonly remedies: readonly Remedy[];
  /** setups that were evaluated */
  readonly tried: number;
}

/** Pairs that are worth evaluating, by what their parts do alone. */
const PAIRS_TRIED = 160;
/** Remedies that touch the same places say nearly the same; so many of them are kept. */
const ALIKE_KEPT = 2;
/** Room lost below this is no spoiling [widths of the edge]. */
const HARDLY = 0.05;

/**
 * What would mend a setup: one- and two-part changes and changes of technique, ranked.
 *
 * Every change is evaluated alone. Of two changes at different places the room of each verdict is first guessed as the sum
 * of what each does alone, and the best guesses are evaluated. Order: fewest failing verdicts left, fewest on the edge, what
 * the user has before what is to be found, fewer changes before more, then the gain: room gained where it was missing less
 * room lost elsewhere. A change that no model can read is left out.
 *
 * @throws {InputRangeError} when the setup itself cannot be read, or `most` lies outside REMEDY_LIMITS.
 */
export function* remedies({ setup, changes, together = [], most: asked = 12 }: RemedyInput): Steps<Remedies> {
  const most = requireInRange('most', asked, REMEDY_LIMITS.most);
  const before = evaluate(setup);
  if (isSound(before)) return { outcome: 'nothing-to-mend', remedies: [], tried: 0 };
  const of = changes.length + together.length + PAIRS_TRIED;
  const singles: Tried[] = [];
  for (const [i, change] of changes.entries()) {
    const tried = attempt(setup, before, [change]);
    if (tried) singles.push(tried);
    yield { done: i + 1, of };
  }
  const pairs: Tried[] = [];
  const likely = [...together, ...likelyPairs(singles, before)];
  for (const [i, pair] of likely.entries()) {
    const tried = attempt(setup, before, pair);
    // A pair of which one half does as well alone is that half with a change for nothing.
    if (
      tried &&
      pair.every((change) =>
        isBetterThan(
          tried,
          singles.find(({ changes: [only] }) => only === change),
        ),
      )
    )
      pairs.push(tried);
    yield { done: changes.length + i + 1, of: changes.length + likely.length };
  }
  const better = [...singles, ...pairs]
    .filter(
      (each) =>
        each.fails < failing(before, 'fails') ||
        (each.fails === failing(before, 'fails') && (each.edges < failing(before, 'edge') || each.gain > HARDLY)),
    )
    .sort(byWorth);
  const kept = unlike(better).slice(0, most);
  return {
    outcome: kept.length > 0 ? 'ok' : 'none',
    remedies: kept.map(({ fails: _, edges: __, rooms: ___, ...remedy }) => remedy),
    tried: changes.length + likely.length,
  };
}

interface Tried extends Remedy {
  readonly fails: number;
  readonly edges: number;
  /** room of each verdict, in their order */
  readonly rooms: readonly (number | null)[];
}

const failing = ({ verdicts }: Pick<Evaluation, 'verdicts'>, mark: Mark): number =>
  VERDICT_NAMES.filter((name) => verdicts[name].mark === mark).length;
const isSound = (evaluation: Evaluation): boolean => failing(evaluation, 'fails') + failing(evaluation, 'edge') === 0;

function attempt(setup: Setup, before: Evaluation, changes: readonly Change[]): Tried | null {
  const after = evaluated(changes.reduce(applyChange, setup));
  if (!after) return null;
  const shifts = VERDICT_NAMES.map((verdict): VerdictShift => {
    const [was, is] = [before.verdicts[verdict], after.verdicts[verdict]];
    const rooms = [roomOf(was), roomOf(is)] as const;
    return {
      verdict,
      was: was.mark,
      is: is.mark,
      wasValue: was.value,
      isValue: is.value,
      roomGained: rooms[0] === null || rooms[1] === null ? null : rooms[1] - rooms[0],
    };
  });
  // A figure that is lost is spoilt; one that is found is neither.
  const lost = ({ was, is, roomGained }: VerdictShift) =>
    is === 'cant-tell' && was !== 'cant-tell' ? 1 : Math.max(0, -(roomGained ?? 0));
  const gained = shifts.reduce(
    (sum, { was, roomGained }) => sum + (was === 'fails' || was === 'edge' ? Math.max(0, roomGained ?? 0) : 0),
    0,
  );
  const newlyLost = shifts.filter(({ was, is }) => is === 'cant-tell' && was !== 'cant-tell').length;
  return {
    changes,
    shifts,
    spoils: shifts.filter((shift) => lost(shift) > HARDLY).map(({ verdict }) => verdict),
    gain: gained - shifts.reduce((sum, shift) => sum + lost(shift), 0),
    makesSound: isSound(after) && newlyLost === 0,
    fails: failing(after, 'fails'),
    edges: failing(after, 'edge') + newlyLost,
    rooms: VERDICT_NAMES.map((name) => roomOf(after.verdicts[name])),
  };
}

function evaluated(setup: Setup): Evaluation | null {
  try {
    return evaluate(setup);
  } catch (error) {
    if (error instanceof InputRangeError) return null;
    throw error;
  }
}

const toFind = ({ changes }: Remedy): number =>
  changes.filter((change) => change.kind === 'part' && change.from === 'class').length;

function byWorth(a: Tried, b: Tried): number {
  return (
    a.fails - b.fails ||
    a.edges - b.edges ||
    toFind(a) - toFind(b) ||
    a.changes.length - b.changes.length ||
    b.gain - a.gain
  );
}

/** Fewer verdicts that fail or stand on an edge. */
const isBetterThan = (a: Tried, b: Tried | undefined): boolean =>
  !b || a.fails < b.fails || (a.fails === b.fails && a.edges < b.edges);

/** Pairs at different places, the best guesses first: rooms add up, and what is short of sound counts. */
function likelyPairs(singles: readonly Tried[], before: Evaluation): readonly (readonly Change[])[] {
  const start = VERDICT_NAMES.map((name) => roomOf(before.verdicts[name]) ?? 0);
  const guesses: { readonly pair: readonly Change[]; readonly short: number; readonly toFind: number }[] = [];
  singles.forEach((a, i) => {
    for (const b of singles.slice(i + 1)) {
      const pair = [a.changes[0]!, b.changes[0]!];
      const taken = placesOf(pair[0]!);
      if (placesOf(pair[1]!).some((place) => taken.includes(place))) continue;
      const short = start.reduce(
        (sum, room, k) => sum + Math.max(0, -(room + ((a.rooms[k] ?? room) - room) + ((b.rooms[k] ?? room) - room))),
        0,
      );
      guesses.push({ pair, short, toFind: toFind(a) + toFind(b) });
    }
  });
  return guesses
    .sort((a, b) => a.short + 0.01 * a.toFind - (b.short + 0.01 * b.toFind))
    .slice(0, PAIRS_TRIED)
    .map(({ pair }) => pair);
}

/** The best of each sort: remedies that touch the same places, from the same source, stand for each other. */
function unlike(remedies: readonly Tried[]): readonly Tried[] {
  const seen = new Map<string, number>();
  return remedies.filter(({ changes }) => {
    const sort = changes
      .map((change) => `${placesOf(change).join(' ')} ${change.kind === 'part' ? change.from : ''}`)
      .sort()
      .join(' + ');
    const count = seen.get(sort) ?? 0;
    seen.set(sort, count + 1);
    return count < ALIKE_KEPT;
  });
}
