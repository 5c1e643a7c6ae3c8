import type { Levels } from './slices';
import type { Side } from './trial-document';

/** Hours, or casts, of one line under one version. */
export interface Spent {
  readonly line: string;
  readonly version: Side;
  readonly fromS: number;
  readonly toS: number;
  readonly exposure: number;
  readonly levels: Levels;
  readonly beside: boolean;
}

interface Struck {
  readonly atS: number;
  readonly line: string;
  readonly version: Side;
}

export interface SpellPair<H> {
  readonly spells: readonly Spent[];
  readonly hits: readonly H[];
  readonly aExposure: number;
  readonly bExposure: number;
  readonly toS: number;
}

/**
 * Spells of one version after the other, in pairs. Of a pair that is over it is known how long each version fished, so that a
 * strike in it falls on B with the share of B's time, whatever the day was like; of one that goes on it is not.
 */
export function pairsOfSpells<H extends Struck>(
  spent: readonly Spent[],
  hits: readonly H[],
  isOver: boolean,
): {
  readonly pairs: readonly SpellPair<H>[];
  readonly unpaired: { readonly hits: number; readonly exposure: number };
} {
  const pairs: SpellPair<H>[] = [];
  let exposure = 0;
  let left = hits;
  for (const line of new Set(spent.map((each) => each.line))) {
    const spells = spellsOf(spent.filter((each) => each.line === line));
    for (let i = 0; i < spells.length; i += 2) {
      const [one, other, next] = [spells[i]!, spells[i + 1], spells[i + 2]];
      const both = [...one, ...(other ?? [])];
      const sum = (side: Side) => both.reduce((all, each) => (each.version === side ? all + each.exposure : all), 0);
      const [aExposure, bExposure] = [sum('a'), sum('b')];
      if (!other || (!next && !isOver) || aExposure <= 0 || bExposure <= 0) {
        exposure += aExposure + bExposure;
        continue;
      }
      const [fromS, toS] = [one[0]!.fromS, next?.[0]!.fromS ?? Infinity];
      const isInside = (hit: H) => hit.line === line && hit.atS >= fromS && hit.atS <= toS;
      pairs.push({ spells: both, hits: left.filter(isInside), aExposure, bExposure, toS: other.at(-1)!.toS });
      left = left.filter((hit) => !isInside(hit));
    }
  }
  return { pairs: pairs.sort((a, b) => a.toS - b.toS), unpaired: { hits: left.length, exposure } };
}

/** What follows one another under one version is one spell. */
function spellsOf(spent: readonly Spent[]): readonly (readonly Spent[])[] {
  const spells: Spent[][] = [];
  for (const each of [...spent].sort((a, b) => a.fromS - b.fromS)) {
    const last = spells.at(-1);
    if (last?.[0]!.version === each.version) last.push(each);
    else spells.push([each]);
  }
  return spells;
}
