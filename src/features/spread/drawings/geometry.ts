import { isSolved, lineIdOf } from '@/domain/spread/line-names';
import { inTurn, onStraight, parentsOf, type Point, type SpreadLine, type Turn } from '@/core/afloat';
import type { SolvedSpread } from '@/domain/spread/solve';

/** One piece of a rod's line as it lies: cable, board line or the line itself. */
export interface LaidPiece {
  readonly kind: 'line' | 'cable' | 'board';
  readonly points: readonly Point[];
}

/** A rod's line in the boat's frame, straight and in the turn. */
export interface LaidLine {
  readonly id: string;
  readonly pieces: readonly LaidPiece[];
  readonly lureM: Point;
  readonly depthSdM: number;
  /** null where it goes slack */
  readonly turned: readonly LaidPiece[] | null;
}

export type Geometry = readonly LaidLine[];

const kindOf = (name: string): LaidPiece['kind'] =>
  name.endsWith(' cable') ? 'cable' : name.endsWith(' board') ? 'board' : 'line';

/** Where every line lies, the probe's cable among them. */
export function boatGeometry({ lines, probe, throughMps }: SolvedSpread, turn: Turn): Geometry {
  const all: readonly SpreadLine[] = [
    ...lines.filter(isSolved).flatMap(({ chain }) => chain),
    ...(probe ? [probe.line] : []),
  ];
  if (all.length === 0) return [];
  const parents = parentsOf(all);
  const straight = onStraight(all, parents);
  const turned = inTurn({ lines: all, parents, turn, speedMps: throughMps });
  const ids = [...new Set(all.map(({ name }) => lineIdOf(name)))];
  return ids.map((id): LaidLine => {
    const own = all.flatMap(({ name }, i) => (lineIdOf(name) === id ? [i] : []));
    const last = own.at(-1)!;
    const isTight = own.every((i) => turned[i] !== null);
    const piece = (i: number, points: readonly Point[]): LaidPiece => ({
      kind: id === all[i]!.name && id === probe?.line.name ? 'cable' : kindOf(all[i]!.name),
      points,
    });
    return {
      id,
      pieces: own.map((i) => piece(i, straight[i]!.points)),
      lureM: straight[last]!.points.at(-1)!,
      depthSdM: all[last]!.depthSdM ?? 0,
      turned: isTight ? own.map((i) => piece(i, turned[i]!.points)) : null,
    };
  });
}
