import type { TowPoint } from '@/core/afloat';
import type { SetupId } from '../ids';
import { sideOf } from '../spread/tow-points';
import type { SpreadDocument } from '../spread/spread';

/** A line that can take part in a plan, with what else may make the difference. */
export interface LineFactors {
  readonly line: string;
  readonly setupId: SetupId;
  readonly levels: { readonly rod: string; readonly side: string; readonly place: string };
}

export const spreadFactors = (
  { lines }: Pick<SpreadDocument, 'lines'>,
  points: readonly TowPoint[],
  rodOf: (line: SpreadDocument['lines'][number]) => string,
): readonly LineFactors[] =>
  lines.map((line) => {
    const point = points.find(({ id }) => id === line.pointId);
    return {
      line: line.id,
      setupId: line.setupId,
      levels: { rod: rodOf(line), side: point ? sideOf(point) : '', place: line.pointId },
    };
  });
