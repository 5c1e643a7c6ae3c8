import { COLOUR_M, countsAt, lineProperties, spoolOf, type LinePart, type ReelPart, type RodPart } from '@/core/tackle';
import { InputRangeError } from '@/core/base/guard';
import type { SetupFiles } from './solve';
import type { LineMark, SpreadDocument, SpreadLineDocument } from './spread';

const USUAL_TURNS_A_PASS = 12;

/** A line mark as it is read: a count, or a tied mark at its place on the line. */
export interface MarkReading {
  readonly by: LineMark['by'];
  /** metres, turns, passes, colours; of a tied mark the metres of line from the lure's end to it. Null: the spool cannot be counted */
  readonly count: number | null;
  readonly name: string;
}

const partOf = (file: SetupFiles[string], kind: 'rod' | 'reel' | 'line') =>
  file.parts.find(({ id }) => id === file.chain.find((joint) => joint.kind === kind)?.partId);

/**
 * How the place of a line is met again: counters, turns and passes count what left the reel, zero with the lure at the tip; colours
 * and tied marks are places on the line, read at the reel or at the tip. A tip is the rod's length from its reel.
 */
export function markReading(
  { mark, lineM }: Pick<SpreadLineDocument, 'mark' | 'lineM'>,
  file: SetupFiles[string],
): MarkReading {
  const [rod, reel, line] = [
    partOf(file, 'rod') as RodPart,
    partOf(file, 'reel') as ReelPart,
    partOf(file, 'line') as LinePart,
  ];
  const placeM = lineM + (mark.at === 'reel' ? rod.lengthM.value : 0);
  const said = { by: mark.by, name: mark.name };
  switch (mark.by) {
    case 'metres':
      return { ...said, count: lineM };
    case 'colours':
      return { ...said, count: placeM / COLOUR_M };
    case 'tied':
      return { ...said, count: placeM };
    case 'counter':
    case 'turns':
    case 'passes': {
      const counts = countsOf(lineM, reel, line);
      if (!counts) return { ...said, count: null };
      const { counterM, handleTurns, spoolTurns } = counts;
      return {
        ...said,
        count:
          mark.by === 'counter'
            ? counterM
            : mark.by === 'turns'
              ? handleTurns
              : spoolTurns / (mark.turnsAPass ?? USUAL_TURNS_A_PASS),
      };
    }
    default:
      return mark.by satisfies never;
  }
}

function countsOf(lineM: number, reel: ReelPart, line: LinePart) {
  try {
    const { diameterM } = lineProperties({
      material: line.material,
      strengthN: line.strengthN?.value,
      diameterM: line.diameterM?.value,
    });
    return countsAt(lineM, {
      spool: spoolOf(reel),
      line: { material: line.material, diameterM },
      gearRatio: reel.gearRatio.value,
    });
  } catch (error) {
    // More line than the spool holds: there is nothing to count.
    if (error instanceof InputRangeError) return null;
    throw error;
  }
}

/** The spool that a line comes from. */
export const spoolIdOf = (file: SetupFiles[string] | undefined): string | null =>
  file?.chain.find(({ kind }) => kind === 'line')?.partId ?? null;

/**
 * After so much was cut off a line, or lost in a knot: marks that are tied into it, and its colours, stand nearer to the lure, so
 * the lure runs that much nearer when it is fished to them; what is counted from the tip stays. All lines of the spool are to be
 * checked once.
 */
export function cutBack(
  spread: SpreadDocument,
  files: SetupFiles,
  lineId: string,
  byM: number,
): SpreadDocument['lines'] {
  const spool = spoolIdOf(files[spread.lines.find(({ id }) => id === lineId)?.setupId ?? '']);
  return spread.lines.map((line) => {
    if (spool === null || spoolIdOf(files[line.setupId]) !== spool) return line;
    const isOnTheLine = line.mark.by === 'tied' || line.mark.by === 'colours';
    return {
      ...line,
      lineM: isOnTheLine ? Math.max(0.5, line.lineM - byM) : line.lineM,
      mark: { ...line.mark, toCheck: true },
    };
  });
}
