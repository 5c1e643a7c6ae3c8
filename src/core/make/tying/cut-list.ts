import { DEFAULT_CLASSES, type Classes } from '../../tackle/defaults/classes';
import type { EndKind } from '../../tackle/defaults/tying-classes';
import { requireInRange, type Limits } from '../../base/guard';
import type { Setup } from '../../tackle';
import { leadersOf, linksOnMainLine, type LeaderPiece } from './leaders';

export const TYING_LIMITS = {
  count: { min: 1, max: 500 },
  endM: { min: 0, max: 1 },
} as const satisfies Record<string, Limits>;

/** So many of one setup's leaders. */
export interface BatchItem {
  readonly setup: Pick<Setup, 'chain' | 'parts'>;
  readonly count: number;
  /** the swivel or snap stays on the main line and serves them all */
  readonly sharesLink?: boolean | undefined;
}

/** Allowances that the user has changed, by kind of end [m]. */
export type Allowances = { readonly [kind in EndKind | 'trim']?: number | undefined };

/** A length to cut, so many times. */
export interface CutPiece {
  /** which item of the batch, and which of its leaders */
  readonly item: number;
  readonly jointId: string;
  readonly partId: string;
  readonly count: number;
  /** between knots, what the ends take, and what is cut [m] */
  readonly lengthM: number;
  readonly nearM: number;
  readonly farM: number;
  readonly trimM: number;
  readonly cutM: number;
  readonly leader: LeaderPiece;
}

/** What is taken out of the Box for a batch, in pieces. */
export interface Taken {
  readonly partId: string;
  readonly pieces: number;
}

export interface CutList {
  readonly pieces: readonly CutPiece[];
  readonly take: readonly Taken[];
}

/** Kinds that are tied in at the table; baits and lures go on at the water. */
const TIED_IN: ReadonlySet<string> = new Set([
  'hardware',
  'hook',
  'weight',
  'attractor',
  'bouncer',
  'skirt',
  'snell',
  'stinger',
  'plane',
]);

/**
 * What a tying batch cuts and takes: every leader with its allowances, and every part that is tied in behind the main line.
 *
 * Model: cut = length between knots + what each end takes + a trim at both ends. What sits on the main line itself is no
 * part of a leader; lures and baits go on at the water.
 *
 * @throws {InputRangeError} when a count or an allowance lies outside TYING_LIMITS.
 */
export function cutList(
  batch: readonly BatchItem[],
  allowances: Allowances = {},
  classes: Pick<Classes, 'tying'> = DEFAULT_CLASSES,
): CutList {
  const take = (kind: EndKind | 'trim') =>
    requireInRange(`allowances.${kind}`, allowances[kind] ?? classes.tying[kind].endM, TYING_LIMITS.endM);
  const taken = new Map<string, number>();
  const pieces = batch.flatMap(({ setup, count, sharesLink = false }, item): CutPiece[] => {
    requireInRange(`batch[${item}].count`, count, TYING_LIMITS.count);
    const first = setup.chain.findIndex(({ kind }) => kind === 'knot' || kind === 'leader');
    const shared = sharesLink ? linksOnMainLine(setup) : [];
    for (const { id, kind, partId } of first < 0 ? [] : setup.chain.slice(first))
      if (TIED_IN.has(kind)) taken.set(partId, (taken.get(partId) ?? 0) + (shared.includes(id) ? 1 : count));
    return leadersOf(setup, sharesLink).map((leader) => {
      const [nearM, farM, trimM] = [take(leader.near.kind), take(leader.far.kind), 2 * take('trim')];
      return {
        item,
        jointId: leader.jointId,
        partId: leader.partId,
        count,
        lengthM: leader.lengthM,
        nearM,
        farM,
        trimM,
        cutM: leader.lengthM + nearM + farM + trimM,
        leader,
      };
    });
  });
  return { pieces, take: [...taken].map(([partId, count]) => ({ partId, pieces: count })) };
}
