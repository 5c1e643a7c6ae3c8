import { sliced, type TriedTrip } from './slices';
import type { TrialDocument } from './trial-document';

export interface PlanKept {
  readonly line: string;
  /** hours of the plan's time in which it fished what the plan wanted, the other version, and neither */
  readonly asPlannedH: number;
  readonly otherH: number;
  readonly neitherH: number;
}

/** What happened, held against the plan, over all trips in its time. */
export function planKept(document: TrialDocument, trips: readonly TriedTrip[]): readonly PlanKept[] {
  const { plan } = document;
  if (!plan) return [];
  const cut = trips.map((tried) => ({ tried, slices: sliced(tried, document).slices }));
  return plan.lines.map(({ line }) => {
    let [asPlannedH, otherH, wholeH] = [0, 0, 0];
    for (const { fromS, toS, lines } of plan.spells) {
      const wanted = lines.find((each) => each.line === line)?.version;
      for (const { tried, slices } of cut) {
        for (const slice of slices) {
          if (slice.line !== line) continue;
          const hours = Math.max(0, Math.min(toS, slice.toS) - Math.max(fromS, slice.fromS)) / 3600;
          if (slice.version === wanted) asPlannedH += hours;
          else otherH += hours;
        }
        for (const stretch of tried.trip.stretches)
          if (stretch.line === line)
            wholeH += Math.max(0, Math.min(toS, stretch.toS ?? tried.untilS) - Math.max(fromS, stretch.fromS)) / 3600;
      }
    }
    return { line, asPlannedH, otherH, neitherH: Math.max(0, wholeH - asPlannedH - otherH) };
  });
}
