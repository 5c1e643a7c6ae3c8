import { USUAL_BOARD, USUAL_CABLE, type RiggedFile } from './line-names';
import type { TowPoint } from '@/core/afloat';
import { MOST_LINES } from './spread-limits';
import type { SpreadDocument, SpreadLineDocument } from './spread';
import type { SetupId } from '../ids';

/** The first id of a line that is free: a to l. */
const freeId = (lines: readonly SpreadLineDocument[]): string | null =>
  Array.from({ length: MOST_LINES }, (_, i) => String.fromCharCode(97 + i)).find(
    (id) => !lines.some((line) => line.id === id),
  ) ?? null;

/** A setup put on its rod in the first free place of its kind; null where the boat has none, or the spread is full. */
export function placedSetup(
  { lines }: Pick<SpreadDocument, 'lines'>,
  { id: setupId, file }: { readonly id: SetupId; readonly file: RiggedFile },
  points: readonly TowPoint[],
): SpreadLineDocument | null {
  const id = freeId(lines);
  const { presentation } = file;
  if (id === null || presentation.kind !== 'towed') return null;
  const { gear } = presentation;
  const isFree = (point: TowPoint) => !lines.some(({ pointId }) => pointId === point.id);
  const kind = gear?.kind === 'downrigger' ? 'downrigger' : 'holder';
  const point = points.find((each) => each.kind === kind && isFree(each)) ?? points.find(isFree);
  if (!point) return null;
  return {
    id,
    setupId,
    pointId: point.id,
    lineM: gear?.leadM ?? presentation.lineOutM,
    ...gearAt(point.kind, gear?.kind === 'downrigger' ? gear : null, gear?.kind === 'side-planer' ? gear.boardM : null),
    pinned: false,
    wants: null,
    mark: { by: 'counter', at: 'reel', name: '', toCheck: false },
  };
}

function gearAt(
  kind: TowPoint['kind'],
  hung: { readonly cableM: number; readonly ballKg: number } | null,
  boardM: number | null,
): Pick<SpreadLineDocument, 'cableM' | 'ballKg' | 'board'> {
  if (kind === 'downrigger') {
    const { cableM, ballKg } = hung ?? USUAL_CABLE;
    return { cableM, ballKg };
  }
  if (boardM !== null) return { board: { lineM: boardM, outM: (USUAL_BOARD.outM / USUAL_BOARD.lineM) * boardM } };
  return kind === 'mast' ? { board: USUAL_BOARD } : {};
}

/** A line moved to another place; whoever stands there takes its own. What takes the line there goes with the place. */
export function movedTo(
  lines: readonly SpreadLineDocument[],
  lineId: string,
  toId: string,
  points: readonly TowPoint[],
): readonly SpreadLineDocument[] {
  const moved = lines.find(({ id }) => id === lineId);
  if (!moved) return lines;
  const at = (line: SpreadLineDocument, pointId: string): SpreadLineDocument => {
    const point = points.find(({ id }) => id === pointId);
    if (!point) return { ...line, pointId };
    const { cableM, ballKg, board, ...rest } = line;
    const hung = cableM === undefined ? null : { cableM, ballKg: ballKg ?? USUAL_CABLE.ballKg };
    return {
      ...rest,
      pointId,
      ...gearAt(point.kind, hung, null),
      ...(board && point.kind !== 'downrigger' ? { board } : {}),
    };
  };
  return lines.map((line) => {
    if (line.id === lineId) return at(line, toId);
    return line.pointId === toId ? at(line, moved.pointId) : line;
  });
}
