import type { SetupId } from '../ids';
import type { SpreadDocument, SpreadLineDocument } from '../spread/spread';
import type { Gear, Trip } from './trip';
import type { TripEventOf } from './trip-event';

/** What goes onto a line when it is let out: as an `in` event has it. */
export type GearIn = Omit<TripEventOf<'in'>, 'id' | 'kind' | 'atS' | 'line'>;

/** A line of the trip as it is touched: in, or still to be let out. */
export interface PlannedLine {
  readonly line: string;
  readonly gear: GearIn;
}

/** A line of a spread as it is let out. */
export const gearOf = (line: SpreadLineDocument, revisionOf: (setupId: SetupId) => number | undefined): GearIn => ({
  setupId: line.setupId,
  revision: revisionOf(line.setupId),
  rodId: line.rodId ?? null,
  pointId: line.pointId,
  lineM: line.lineM,
  cableM: line.cableM ?? null,
  ballKg: line.ballKg,
  board: line.board,
  mark: line.mark.name,
});

/** What can be let out on a trip: the lines of its spread, or one for each setup that is cast. */
export function plannedLines(
  { opened }: Pick<Trip, 'opened'>,
  spreads: readonly SpreadDocument[],
  revisionOf: (setupId: SetupId) => number | undefined,
): readonly PlannedLine[] {
  const spread = spreads.find(({ id }) => id === opened?.spreadId);
  const cast = (opened?.setupIds ?? []).map((setupId, i): PlannedLine => ({
    line: `r${i + 1}`,
    gear: { setupId, revision: revisionOf(setupId), rodId: null, pointId: null, lineM: null, cableM: null, mark: '' },
  }));
  const towed = (spread?.lines ?? []).map((line): PlannedLine => ({ line: line.id, gear: gearOf(line, revisionOf) }));
  return [...towed, ...cast];
}

/** What is on a line now: what was let out with it, else what would be. */
export const gearNow = ({ changed: _, ...gear }: Gear): GearIn => gear;

/** The spread as it is fished: its lines with what the trip changed, for whoever works out depths. */
export function fishedSpread(
  spread: SpreadDocument,
  lines: readonly { readonly line: string; readonly gear: GearIn }[],
): SpreadDocument {
  return {
    ...spread,
    current: [],
    lines: lines.flatMap(({ line, gear }) => {
      if (gear.pointId === null || gear.lineM === null) return [];
      const { setupId, rodId, pointId, lineM, cableM, ballKg, board } = gear;
      const own = spread.lines.find(({ id }) => id === line);
      return [
        {
          id: line,
          setupId,
          pointId,
          lineM,
          pinned: false,
          wants: own?.wants ?? null,
          mark: own?.mark ?? { by: 'counter' as const, at: 'reel' as const, name: '', toCheck: false },
          ...(rodId === null ? {} : { rodId }),
          ...(cableM === null ? {} : { cableM }),
          ...(ballKg === undefined ? {} : { ballKg }),
          ...(board === undefined ? {} : { board }),
        },
      ];
    }),
  };
}
