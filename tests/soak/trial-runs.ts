import { evidencePath, ENOUGH, trialSize, type LiveEvent } from '@/core/afloat';
import { seeded } from '@/core/base/numeric';
import { setupIdSchema } from '@/domain/ids';
import { NOTHING_KNOWN } from '@/domain/log/told';
import { FLURRY_S, tripOf } from '@/domain/log/trip';
import type { TripEvent } from '@/domain/log/trip-event';
import { countsOf } from '@/domain/trials/counts';
import type { TriedTrip } from '@/domain/trials/slices';
import { newTrial } from '@/domain/trials/usual-trial';

const START_S = 1_780_000_000;
const DAY_S = 6 * 3600;
const [A, B] = ['setup-a', 'setup-b'].map((id) => setupIdSchema.parse(id)) as [never, never];
/** Of strikes that come alone, so many bring a second one on another line within three minutes. */
const DOUBLES = 0.3;

/**
 * Days of four lines, two of each version, swapped half-way; strikes come by chance, the better version so many times as often, the
 * morning twice as good as the rest, and a school brings two at once. Each is logged as a phone would log it.
 */
function loggedDay(random: () => number, day: number, ratio: number, perLineH: number): TriedTrip {
  let made = 0;
  const own = (afterS: number) => ({
    id: `0d3a0000-0000-4000-8${String(day).padStart(3, '0')}-${String((made += 1)).padStart(12, '0')}`,
    atS: START_S + day * 86_400 + afterS,
  });
  const lines = ['l1', 'l2', 'l3', 'l4'];
  const versionOf = (line: number, atS: number) => ((line % 2 === 0) === atS < DAY_S / 2 ? A : B);
  const goesIn = (line: number, atS: number): TripEvent => ({
    kind: 'in',
    ...own(atS),
    line: lines[line]!,
    setupId: versionOf(line, atS),
    rodId: null,
    pointId: null,
    lineM: 20,
    cableM: null,
    mark: '',
  });
  const events: TripEvent[] = lines.flatMap((_, i) => [goesIn(i, 60), goesIn(i, DAY_S / 2)]);
  const busy = new Map<number, number>();
  let flurryS = -Infinity;
  const strike = (line: number, atS: number): void => {
    if ((busy.get(line) ?? 0) >= atS) return;
    const struck = {
      kind: 'strike',
      ...own(atS),
      line: lines[line]!,
      touchedS: START_S,
      angler: null,
      then: null,
    } as const;
    events.push(
      struck,
      { kind: 'told', ...own(atS + 1), of: struck.id, ...NOTHING_KNOWN, outcome: 'landed' },
      { kind: 'back', ...own(atS + 120), lines: [lines[line]!] },
    );
    busy.set(line, atS + 121);
  };
  for (let atS = 120; atS < DAY_S - 300; atS += 30)
    for (const line of lines.keys()) {
      const better = versionOf(line, atS) === B ? ratio : 1;
      const morning = atS < DAY_S / 4 ? 2 : 1;
      if (random() >= (perLineH * better * morning * 30) / 3600) continue;
      if ((busy.get(line) ?? 0) >= atS) continue;
      strike(line, atS);
      // A school is one event: what it brings besides falls on any line, within the flurry that it began.
      if (atS - flurryS <= FLURRY_S) continue;
      flurryS = atS;
      if (random() < DOUBLES) strike((line + 1 + Math.floor(3 * random())) % 4, atS + 60);
    }
  events.push({ kind: 'closed', ...own(DAY_S) });
  const gear = { words: { lure: '', colour: '', setup: '', rod: '', place: '', side: '' }, depthsAt: [] } as const;
  return {
    id: `day-${day}`,
    name: `day ${day}`,
    trip: tripOf(events),
    untilS: START_S + day * 86_400 + DAY_S,
    series: null,
    gear: () => gear,
  };
}

/** One trial, logged day by day until so many strikes are counted; which version was named, if any, at any look. */
export function trialRun(seed: number, ratio: number, strikes: number): 'a' | 'b' | null {
  const random = seeded(seed);
  const document = {
    ...newTrial([], START_S),
    name: 'simulated',
    a: { name: 'A', pick: { by: 'gear', setupId: A } },
    b: { name: 'B', pick: { by: 'gear', setupId: B } },
  } as const;
  const events: LiveEvent[] = [];
  for (let day = 0; events.length < strikes; day += 1)
    events.push(...countsOf(document, [loggedDay(random, day, ratio, 0.8)]).events);
  const looked = events.slice(0, strikes);
  const at = evidencePath(looked).findIndex((evidence) => evidence >= ENOUGH);
  if (at < 0) return null;
  const until = looked.slice(0, at + 1);
  const share = until.reduce((sum, { aLines, bLines }) => sum + bLines / (aLines + bLines), 0);
  return until.filter(({ version }) => version === 'b').length > share ? 'b' : 'a';
}

export interface TrialRuns {
  readonly runs: number;
  readonly claimed: number;
  readonly found: number;
  readonly wrong: number;
}

/** As many trials without a difference as with a true 2 to 1, each of the planned size. */
export function trialRuns(runs: number, firstSeed = 1): TrialRuns {
  const { needed } = trialSize({ kind: 'rate', ratio: 2 });
  let [claimed, found, wrong] = [0, 0, 0];
  for (let seed = firstSeed; seed < firstSeed + runs; seed += 1) {
    if (trialRun(seed, 1, 3 * needed!) !== null) claimed += 1;
    const named = trialRun(100_000 + seed, 2, needed!);
    if (named === 'b') found += 1;
    if (named === 'a') wrong += 1;
  }
  return { runs, claimed, found, wrong };
}
