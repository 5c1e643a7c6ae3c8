import { expect, it } from 'vitest';
import { trialPlan } from '@/core/afloat';
import { seeded } from '@/core/base/numeric';
import { setupIdSchema } from '../ids';
import { tripOf } from '../log/trip';
import type { TripEvent } from '../log/trip-event';
import { NOTHING_KNOWN } from '../log/told';
import { parse } from '../problems';
import { resultOf } from './result';
import type { TriedTrip } from './slices';
import { planKept } from './plan-kept';
import { dueSwaps, swapTo } from './swaps';
import { trialSchema, type TrialDocument } from './trial-document';
import { newTrial } from './usual-trial';

const START_S = 1_780_000_000;
const DAY_S = 4 * 3600;
const [A, B] = [setupIdSchema.parse('setup-a'), setupIdSchema.parse('setup-b')];
const LINES = [
  { name: 'one', levels: { side: 'port' } },
  { name: 'two', levels: { side: 'port' } },
  { name: 'three', levels: { side: 'starboard' } },
  { name: 'four', levels: { side: 'starboard' } },
];

/** One day, minute by minute: whoever is reminded swaps, fish come by chance and are fought for three minutes. */
function fished(trial: TrialDocument, dayS: number, seed: number): TriedTrip {
  const random = seeded(seed);
  let made = 0;
  const own = (atS: number) => ({
    id: `0d3a0000-0000-4000-8${String(seed).padStart(3, '0')}-${String((made += 1)).padStart(12, '0')}`,
    atS,
  });
  const first = trial.plan!.spells[0]!;
  const events: TripEvent[] = LINES.map(({ name, levels }) => ({
    kind: 'in',
    ...own(dayS),
    line: name,
    setupId: first.lines.find(({ line }) => line === name)!.version === 'a' ? A : B,
    rodId: null,
    pointId: levels.side,
    lineM: 20,
    cableM: null,
    mark: '',
  }));
  let lastStrikeS = -Infinity;
  for (let atS = dayS + 60; atS < dayS + DAY_S; atS += 60) {
    const trip = tripOf(events);
    for (const { line, to, isIn } of dueSwaps(trial, trip, atS)) {
      const gear = trip.lines.find((each) => each.line === line)!.gear;
      expect(isIn || atS - lastStrikeS >= 600).toBe(true);
      events.push(...swapTo(trial[to], gear).map((each): TripEvent => ({ ...each, ...own(atS), line })));
    }
    for (const { line, state } of tripOf(events).lines) {
      if (state !== 'fishing' || random() > 1 / 75) continue;
      const strike = { kind: 'strike', ...own(atS + 20), line, touchedS: atS + 30, angler: null, then: null } as const;
      events.push(
        strike,
        { kind: 'told', ...own(atS + 40), of: strike.id, ...NOTHING_KNOWN, outcome: 'landed' },
        { kind: 'back', ...own(atS + 200), lines: [line] },
      );
      lastStrikeS = atS + 20;
    }
  }
  events.push({ kind: 'closed', ...own(dayS + DAY_S) });
  const gear = ({ pointId }: { readonly pointId: string | null }) => ({
    words: { lure: '', colour: '', setup: '', rod: '', place: '', side: pointId ?? '' },
    depthsAt: [],
  });
  return { id: `day-${seed}`, name: `day ${seed}`, trip: tripOf(events), untilS: dayS + DAY_S, series: null, gear };
}

it('a trial is planned, fished through two days by its reminders, and closed', () => {
  const begun: TrialDocument = {
    ...newTrial([], START_S),
    name: 'A or B',
    a: { name: 'A', pick: { by: 'gear', setupId: A } },
    b: { name: 'B', pick: { by: 'gear', setupId: B } },
  };
  const days = [START_S + 3600, START_S + 90_000].map((dayS, i) => {
    const { spells, overlaps } = trialPlan({ lines: LINES, fromS: dayS, toS: dayS + DAY_S });
    expect(Math.min(...overlaps.map(({ overlap }) => overlap))).toBeGreaterThan(0.9);
    const plan = {
      lines: LINES.map(({ name, levels }) => ({ line: name, levels })),
      spells: spells.map(({ fromS, toS, lines }) => ({
        fromS,
        toS,
        lines: lines.map(({ name, version }) => ({ line: name, version })),
      })),
    };
    const trial = { ...begun, plan };
    expect(parse(trialSchema, { ...trial, id: 'trial-x' }).ok).toBe(true);
    const day = fished(trial, dayS, i + 1);
    for (const { asPlannedH, otherH, neitherH } of planKept(trial, [day])) {
      expect(asPlannedH).toBeGreaterThan(0.8 * (asPlannedH + otherH + neitherH));
      expect(neitherH).toBeCloseTo(0, 9);
    }
    return day;
  });
  const { counts, factors, verdict } = resultOf(begun, days);
  expect(counts.trips).toHaveLength(2);
  expect(counts.a.counted + counts.b.counted).toBeGreaterThan(10);
  expect(verdict).toBe('not-yet');
  expect(factors.filter(({ confounded }) => confounded)).toEqual([]);
  const closed = { atS: START_S + 200_000, as: 'undecided', better: null, reason: 'Two days.', rule: '', school: null };
  expect(parse(trialSchema, { ...begun, id: 'trial-x', closed }).ok).toBe(true);
});
