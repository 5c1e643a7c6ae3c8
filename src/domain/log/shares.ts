import type { LineState, Trip } from './trip';

/** What the lines of a trip did, as shares of all the time that they could have fished. */
export interface Shares {
  /** of the trip, with at least one line fishing */
  readonly anyFishing: number;
  /** of line time, by what the line did; what was never let out counts as out */
  readonly by: Readonly<Record<LineState, number>>;
  readonly lineHours: number;
}

export function sharesOf(
  { spells, lines }: Pick<Trip, 'spells' | 'lines'>,
  { fromS, toS }: { readonly fromS: number; readonly toS: number },
): Shares {
  const totalS = Math.max(1, toS - fromS) * Math.max(1, lines.length);
  const seconds: Record<LineState, number> = { fishing: 0, fought: 0, fouled: 0, out: 0 };
  for (const spell of spells)
    seconds[spell.state] += Math.max(0, Math.min(spell.toS ?? toS, toS) - Math.max(spell.fromS, fromS));
  seconds.out = Math.max(0, totalS - seconds.fishing - seconds.fought - seconds.fouled);
  const fishing = spells
    .filter(({ state }) => state === 'fishing')
    .map((spell) => [Math.max(spell.fromS, fromS), Math.min(spell.toS ?? toS, toS)] as const)
    .sort(([a], [b]) => a - b);
  let [anyS, untilS] = [0, -Infinity];
  for (const [from, to] of fishing) {
    anyS += Math.max(0, to - Math.max(from, untilS));
    untilS = Math.max(untilS, to);
  }
  return {
    anyFishing: anyS / Math.max(1, toS - fromS),
    by: {
      fishing: seconds.fishing / totalS,
      fought: seconds.fought / totalS,
      fouled: seconds.fouled / totalS,
      out: seconds.out / totalS,
    },
    lineHours: seconds.fishing / 3600,
  };
}
