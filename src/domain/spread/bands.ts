import { lineFor, type PaidOut } from '@/core/afloat';
import { isProblem, placedRod } from './on-boat';
import type { SpreadQuestion } from './solve';
import { SPREAD_DOCUMENT_LIMITS as L } from './spread-limits';
import { wantedBand, type DepthBand } from './wanted-band';

/** What is to be wound in or let out so that a line runs in the middle of its band. */
export interface BandMove {
  readonly id: string;
  readonly outcome: PaidOut['outcome'];
  readonly band: DepthBand;
  /** line or cable, now and then [m] */
  readonly of: 'line' | 'cable';
  readonly nowM: number;
  readonly thenM: number;
}

/** For each line that has a band what brings it into its middle. */
export function bandMoves(question: SpreadQuestion): readonly BandMove[] {
  const { spread, files } = question;
  return spread.lines.flatMap((line): BandMove[] => {
    const band = wantedBand(line, spread, files[line.setupId]?.presentation);
    const placed = placedRod(line, files[line.setupId] ?? null, { ...question, scene: spread });
    if (!band || isProblem(placed)) return [];
    const paid = lineFor(placed, { depthM: (band.fromM + band.toM) / 2 }, { lineM: L.lineM, cableM: L.cableM });
    const { gear } = placed.presentation;
    return [
      paid.cableM !== null && gear?.kind === 'downrigger'
        ? { id: line.id, outcome: paid.outcome, band, of: 'cable', nowM: gear.cableM, thenM: paid.cableM }
        : { id: line.id, outcome: paid.outcome, band, of: 'line', nowM: line.lineM, thenM: paid.lineM },
    ];
  });
}
