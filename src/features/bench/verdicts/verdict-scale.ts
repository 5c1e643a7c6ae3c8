import type { Verdict, VerdictLimits } from '@/core/judge';
import type { ScaleZone } from '@/ui/scale-bar';

export interface VerdictScale {
  readonly from: number;
  readonly to: number;
  readonly zones: readonly ScaleZone[];
  readonly ticks: readonly number[];
}

/** Ticks closer than this share of the axis would print over each other. */
const TICK_GAP = 0.15;

/** The axis of a verdict: its limits with some room, stretched to take in the value; null where there are no limits. */
export function verdictScale({ value, limits }: Pick<Verdict, 'value' | 'limits'>): VerdictScale | null {
  if (!limits) return null;
  const marks = [limits.failsBelow, limits.soundFrom, limits.soundTo, limits.failsAbove].filter(
    (each) => each !== null,
  );
  if (marks.length === 0) return null;
  const all = value === null ? marks : [...marks, value];
  const low = Math.min(...all);
  const high = Math.max(...all);
  const room = 0.18 * (high - low);
  // A margin or a mass begins at nothing; a pitch goes both ways.
  const from = low < 0 ? low - room : Math.max(0, low - room);
  const to =
    limits.failsAbove === null && limits.soundTo === null
      ? Math.max(high + room, 1.35 * Math.max(...marks))
      : high + room;
  return { from, to, zones: zonesOf(limits, to), ticks: ticksOf(marks, from, to) };
}

/** Where sound and fails overlap, the narrower promise wins: an empty window has no sound zone. */
function zonesOf({ failsBelow, soundFrom, soundTo, failsAbove }: VerdictLimits, to: number): ScaleZone[] {
  const lowFail = failsBelow ?? Math.min(0, to);
  const lowEdge = Math.max(lowFail, soundFrom ?? lowFail);
  const highFail = Math.max(lowFail, failsAbove ?? to);
  const highEdge = Math.min(highFail, soundTo ?? highFail);
  if (lowEdge >= highEdge) {
    return [
      { to: lowFail, tone: 'bad' },
      { to: highFail, tone: 'edge' },
      { to, tone: 'bad' },
    ];
  }
  return [
    { to: lowFail, tone: 'bad' },
    { to: lowEdge, tone: 'edge' },
    { to: highEdge, tone: 'ok' },
    { to: highFail, tone: 'edge' },
    { to, tone: 'bad' },
  ];
}

function ticksOf(marks: readonly number[], from: number, to: number): number[] {
  const kept: number[] = [];
  for (const mark of [...marks].sort((a, b) => a - b)) {
    if (kept.every((each) => Math.abs(each - mark) >= TICK_GAP * (to - from))) kept.push(mark);
  }
  return kept;
}
