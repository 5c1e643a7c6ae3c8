import type { Stretch, Strike, Trip } from './trip';

export interface TurnedStretch {
  readonly stretch: Stretch;
  readonly angler: string;
}

/** Stretches cut where the turn passes on, each with whoever's turn it was. */
export function stretchesByTurn({ stretches, strikes, crew }: Trip, untilS: number): readonly TurnedStretch[] {
  const turns = strikes.filter(({ angler }) => angler !== null);
  const whose = (fromS: number) => turns.find(({ atS }) => atS >= fromS)?.angler ?? (crew.length === 1 ? crew[0]! : '');
  return stretches
    .filter(({ fromS }) => fromS < untilS)
    .flatMap((stretch) => {
      const endS = Math.min(stretch.toS ?? untilS, untilS);
      const cuts = turns.map(({ atS }) => atS).filter((atS) => atS > stretch.fromS && atS < endS);
      const edges = [stretch.fromS, ...new Set(cuts), endS];
      return edges.slice(1).map((toS, i): TurnedStretch => {
        const fromS = edges[i]!;
        // A turn that ends in the very second is the one before: whoever struck had it until then.
        return { stretch: { ...stretch, fromS, toS }, angler: whose(i === 0 ? fromS : fromS + 1e-6) ?? '' };
      });
    });
}

/** The line on which a strike was: the stretch that its second ends, else the one it lies in. */
export function lineOf(
  { line, atS }: Strike,
  stretches: readonly TurnedStretch[],
  lines: readonly { readonly fromS: number; readonly toS: number }[],
): number {
  const at = stretches.findIndex(({ stretch }, i) => stretch.line === line && lines[i]!.toS === atS);
  return at >= 0
    ? at
    : stretches.findIndex(({ stretch }, i) => stretch.line === line && lines[i]!.fromS <= atS && atS < lines[i]!.toS);
}
