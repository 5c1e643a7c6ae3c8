import { seeded } from '@/core/base/numeric';
import { setupIdSchema, spreadIdSchema, tripIdSchema, type TripId } from '@/domain/ids';
import { BLOCK_S, blockStart, type BlockValues } from '@/domain/instruments/blocks';
import { isChannel, type ChannelName } from '@/domain/instruments/channels';
import type { Scenario, ScriptEvent } from '@/domain/instruments/simulated/scenario';
import { SCENARIOS } from '@/domain/instruments/simulated/scenarios';
import { world } from '@/domain/instruments/simulated/world';
import { seriesOf } from '@/domain/log/block-series';
import { gearOf } from '@/domain/log/planned';
import { thenAt } from '@/domain/log/then-at';
import { NOTHING_KNOWN } from '@/domain/log/told';
import type { TripEvent } from '@/domain/log/trip-event';
import type { SpreadDocument } from '@/domain/spread/spread';
import { demoSpreads } from './spreads';

export interface DemoTrip {
  readonly id: TripId;
  readonly events: readonly TripEvent[];
  readonly blocks: readonly { readonly startS: number; readonly values: BlockValues }[];
}

interface Story {
  readonly id: string;
  readonly name: string;
  readonly waterName: string;
  readonly spread: string;
  readonly scenario: string;
  readonly start: string;
  readonly hours: number;
  readonly seed: number;
  readonly crew: readonly string[];
  readonly species: readonly (readonly [name: string, leastM: number, mostM: number])[];
  /** strikes of one line an hour, where nothing speaks against it */
  readonly perH: number;
}

/** Days of one summer, as they might have been: three on the lake, one on the sound. */
const STORIES: readonly Story[] = [
  {
    id: 'trip-first-light',
    name: 'First light over the basin',
    waterName: 'Lake Ostrey',
    spread: 'spread-lake',
    scenario: 'lake',
    start: '2026-06-14T07:00:00Z',
    hours: 3.5,
    seed: 11,
    crew: ['Skipper', 'Ilse'],
    species: [['Arctic char', 0.28, 0.52]],
    perH: 1.15,
  },
  {
    id: 'trip-long-drift',
    name: 'Long runs north and south',
    waterName: 'Lake Ostrey',
    spread: 'spread-lake',
    scenario: 'lake',
    start: '2026-06-27T07:30:00Z',
    hours: 3,
    seed: 12,
    crew: ['Skipper', 'Ilse', 'Tamsin'],
    species: [
      ['Arctic char', 0.27, 0.5],
      ['zander', 0.4, 0.7],
    ],
    perH: 1.5,
  },
  {
    id: 'trip-after-the-wind',
    name: 'After the wind',
    waterName: 'Lake Ostrey',
    spread: 'spread-lake',
    scenario: 'lake',
    start: '2026-07-11T08:00:00Z',
    hours: 3,
    seed: 13,
    crew: ['Skipper'],
    species: [['Arctic char', 0.28, 0.5]],
    perH: 1.5,
  },
  {
    id: 'trip-sound-edges',
    name: 'Edges of the sound',
    waterName: 'Harl Sound',
    spread: 'spread-sound',
    scenario: 'sound',
    start: '2026-08-02T09:00:00Z',
    hours: 2.5,
    seed: 14,
    crew: ['Skipper', 'Tamsin'],
    species: [
      ['pollack', 0.4, 0.75],
      ['garfish', 0.5, 0.75],
    ],
    perH: 4.4,
  },
];

const LEG_S = 1500;

/** Where a ball came over a shoal: when, how deep its lure was worked out to be, and how deep the water was. */
const OVER_THE_SHOAL = 'trip-after-the-wind';
const TOUCHES = [
  [3400, 11.6, 12.4],
  [3490, 11.4, 11.9],
  [6900, 13.2, 14.3],
  [7020, 12.8, 13.4],
] as const;

/** Legs to and fro with a new pass on each, now and then another speed, one move of the probe. */
function scenarioOf({ scenario, hours, start }: Story): Scenario {
  const own = SCENARIOS[scenario]!;
  const script: ScriptEvent[] = [];
  for (let atS = LEG_S, leg = 1; atS < hours * 3600; atS += LEG_S, leg += 1) {
    script.push({ atS, kind: 'course', headingRad: (own.headingRad + (leg % 2) * Math.PI) % (2 * Math.PI) });
    script.push({
      atS: atS + 500,
      kind: 'throttle',
      throughMps: own.throughMps * (leg % 3 === 0 ? 1.18 : leg % 3 === 1 ? 0.9 : 1),
    });
  }
  script.push({ atS: 1.2 * 3600, kind: 'probe', cableM: own.probe.cableM + 3 });
  return { ...own, script, start: { ...own.start, atS: Date.parse(start) / 1000 } };
}

/** An id that is the same on every machine. */
const idOf = (seed: number, n: number): string =>
  `0d3a0000-0000-4000-8${String(seed).padStart(3, '0')}-${String(n).padStart(12, '0')}`;

/** A trip with lines behind a boat, its readings from the simulated instrument. */
function trolled(story: Story): DemoTrip {
  const scenario = scenarioOf(story);
  const startS = scenario.start.atS;
  const endS = startS + story.hours * 3600;
  const blocks = blocksOf(scenario, story, endS);
  const series = seriesOf(blocks);
  const spread = demoSpreads.find(({ id }) => id === story.spread)!;
  const random = seeded(story.seed);
  let made = 0;
  const own = (atS: number) => ({ id: idOf(story.seed, (made += 1)), atS });
  const events: TripEvent[] = [
    {
      kind: 'opened',
      ...own(startS),
      name: story.name,
      way: 'trolling',
      craftId: 'dunlin',
      crew: [...story.crew],
      waterName: story.waterName,
      spreadId: spreadIdSchema.parse(story.spread),
    },
    {
      kind: 'conditions',
      ...own(startS + 20),
      windMps: scenario.wind.mps,
      windFromRad: (scenario.wind.towardRad + Math.PI) % (2 * Math.PI),
      tide: 'falling',
    },
    ...spread.lines.map((line, i): TripEvent => ({
      kind: 'in',
      ...own(startS + 240 + 70 * i),
      line: line.id,
      ...gearOf(line, () => undefined),
    })),
  ];
  for (let atS = LEG_S; atS < story.hours * 3600; atS += LEG_S)
    events.push({ kind: 'pass', ...own(startS + atS + 30) });
  const changeS = startS + 1.5 * 3600;
  events.push({
    kind: 'changed',
    ...own(changeS),
    line: spread.lines[1]!.id,
    what: 'colour',
    partId: null,
    name: 'copper and green',
  });
  events.push({ kind: 'seen', ...own(startS + 4000), what: 'birds' });
  strikesOf(story, { spread, startS, endS, random, own, series, events });
  if (story.id === OVER_THE_SHOAL)
    for (const [afterS, lureM, bottomM] of TOUCHES) {
      const line = spread.lines.find(({ cableM }) => cableM !== undefined)!.id;
      events.push({ kind: 'touched', ...own(startS + afterS), line, lureM, bottomM });
    }
  events.push({ kind: 'closed', ...own(endS) });
  return { id: tripIdSchema.parse(story.id), events, blocks };
}

interface Fishing {
  readonly spread: SpreadDocument;
  readonly startS: number;
  readonly endS: number;
  readonly random: () => number;
  readonly own: (atS: number) => { readonly id: string; readonly atS: number };
  readonly series: ReturnType<typeof seriesOf>;
  readonly events: TripEvent[];
}

/** Strikes come by chance, more of them where it is cool and the speed is steady, and on deeper lines. */
function strikesOf(story: Story, { spread, startS, endS, random, own, series, events }: Fishing): void {
  const busyUntil = new Map<string, number>();
  let turn = 0;
  for (let atS = startS + 900; atS < endS - 300; atS += 20) {
    const then = thenAt(series, atS);
    spread.lines.forEach((line, i) => {
      if ((busyUntil.get(line.id) ?? 0) > atS || (line.id === spread.lines[0]!.id && weedAt(startS, atS))) return;
      const cool = then?.probeC === null || then === null ? 0.7 : Math.exp(-(((then.probeC - 8.6) / 2.2) ** 2));
      const deep = line.cableM === undefined ? 0.7 : 1.5;
      const liked = i === 1 && atS > startS + 1.5 * 3600 ? 1.8 : 1;
      const morning = atS - startS < 5400 ? 1.4 : 0.8;
      if (random() > ((story.perH * 20) / 3600) * (0.4 + cool) * deep * liked * morning * 0.55) return;
      const late = Math.round(5 + 25 * random());
      const id = own(atS);
      const angler = story.crew[turn % story.crew.length]!;
      turn += 1;
      events.push({
        kind: 'strike',
        ...id,
        line: line.id,
        touchedS: atS + late,
        angler,
        then: then && { ...then, lureM: null },
      });
      const backS = atS + 200 + Math.round(260 * random());
      busyUntil.set(line.id, backS + 60);
      events.push(toldOf(story, own(atS + 150), id.id, random));
      events.push({ kind: 'back', ...own(Math.min(backS, endS - 60)), lines: [line.id] });
    });
  }
  // Weed on the first line: nobody knows since when it did not fish.
  const first = spread.lines[0]!.id;
  events.push({ kind: 'fouled', ...own(startS + 5400), line: first });
  events.push({ kind: 'clean', ...own(startS + 5700), line: first });
}

const weedAt = (startS: number, atS: number): boolean => atS > startS + 5000 && atS < startS + 5800;

/** Most hold by the last hook: that is what the settled trial found. */
const HELD = [...Array<'tail'>(8).fill('tail'), 'middle', 'middle', 'several', 'front'] as const;

function toldOf(
  story: Story,
  own: { readonly id: string; readonly atS: number },
  of: string,
  random: () => number,
): TripEvent {
  const chance = random();
  const outcome = chance < 0.22 ? 'missed' : chance < 0.42 ? 'lost' : 'landed';
  const [species, least, most] = story.species[Math.floor(random() * story.species.length)]!;
  const held = HELD[Math.floor(random() * HELD.length)]!;
  return {
    kind: 'told',
    ...own,
    of,
    ...NOTHING_KNOWN,
    outcome,
    lost: outcome === 'lost' ? (random() < 0.6 ? 'after-set' : 'at-set') : null,
    lostBy: outcome === 'lost' ? (random() < 0.5 ? 'tore' : 'at-net') : null,
    heldBy: outcome === 'missed' ? null : held,
    species: outcome === 'landed' ? species : null,
    lengthM: outcome === 'landed' ? Math.round(100 * (least + (most - least) * random())) / 100 : null,
    isKept: outcome === 'landed' ? random() < 0.35 : null,
  };
}

function blocksOf(scenario: Scenario, { seed }: Story, endS: number): DemoTrip['blocks'] {
  const blocks = new Map<number, Record<string, (number | null)[]>>();
  for (const { atS, readings, faults } of world(scenario, seed)) {
    const second = scenario.start.atS + atS;
    if (second >= endS) break;
    const startS = blockStart(second);
    const own = blocks.get(startS) ?? {};
    blocks.set(startS, own);
    if (faults.silent) continue;
    for (const [channel, value] of Object.entries(readings)) {
      if (!isChannel(channel)) continue;
      (own[channel] ??= Array<number | null>(BLOCK_S).fill(null))[second - startS] = value as number;
    }
  }
  return [...blocks].map(([startS, values]) => ({
    startS,
    values: values as Partial<Record<ChannelName, (number | null)[]>>,
  }));
}

/** An evening from the canoe with two rods: no instruments, the phone’s own track. */
function cast(): DemoTrip {
  const startS = Date.parse('2026-08-15T19:00:00Z') / 1000;
  const random = seeded(15);
  let made = 0;
  const own = (atS: number) => ({ id: idOf(15, (made += 1)), atS });
  const setupIds = [...CAST_SETUPS];
  const gear = (i: number) => ({
    setupId: setupIds[i]!,
    rodId: null,
    pointId: null,
    lineM: null,
    cableM: null,
    mark: '',
  });
  const events: TripEvent[] = [
    {
      kind: 'opened',
      ...own(startS),
      name: 'Reeds from the canoe',
      way: 'casting',
      craftId: 'canoe',
      crew: [],
      waterName: 'Lake Ostrey',
      setupIds,
    },
    { kind: 'conditions', ...own(startS + 5), windMps: 2, windFromRad: 4.1, light: 'dusk' },
  ];
  let inHand = 0;
  events.push({ kind: 'in', ...own(startS + 120), line: 'r1', ...gear(0) });
  for (let atS = startS + 300; atS < startS + 7200; atS += 60) {
    events.push({ kind: 'cast', ...own(atS), line: `r${inHand + 1}`, count: 2 });
    if (random() < 0.09) {
      const id = own(atS + 30);
      const outcome = (['followed', 'nipped', 'short', 'missed', 'landed', 'landed', 'lost'] as const)[
        Math.floor(random() * 7)
      ]!;
      events.push({ kind: 'strike', ...id, line: `r${inHand + 1}`, touchedS: atS + 34, angler: null, then: null });
      events.push({
        kind: 'told',
        ...own(atS + 50),
        of: id.id,
        ...NOTHING_KNOWN,
        outcome,
        lureDid: (['fell', 'rested', 'moved'] as const)[Math.floor(random() * 3)]!,
        ...(outcome === 'landed'
          ? { species: 'zander', lengthM: Math.round(100 * (0.35 + 0.3 * random())) / 100, isKept: false }
          : {}),
      });
      events.push({ kind: 'back', ...own(atS + 58), lines: [`r${inHand + 1}`] });
    }
    if ((atS - startS) % 1800 === 300 && atS > startS + 600) {
      events.push({ kind: 'out', ...own(atS + 59), lines: [`r${inHand + 1}`] });
      inHand = 1 - inHand;
      events.push({ kind: 'in', ...own(atS + 59.5), line: `r${inHand + 1}`, ...gear(inHand) });
    }
  }
  const points = Array.from({ length: 480 }, (_, i): [number, number, number] => {
    const turn = (i / 480) * 2 * Math.PI;
    return [
      startS + 15 * i,
      46.512 + 0.004 * Math.sin(turn) + 0.0002 * Math.sin(9 * turn),
      -38.214 + 0.006 * Math.cos(turn),
    ];
  });
  events.push({ kind: 'track', ...own(startS + 7195), points }, { kind: 'closed', ...own(startS + 7200) });
  return { id: tripIdSchema.parse('trip-reeds'), events, blocks: [] };
}

const CAST_SETUPS = ['lily-bay', 'drowned-wall'].map((name) => setupIdSchema.parse(`setup-${name}`));

const MAKERS: readonly (() => DemoTrip)[] = [...STORIES.map((story) => () => trolled(story)), cast];
const made: DemoTrip[] = [];

/**
 * Five trips of one summer, each made once, when it is reached: all at once would keep a server from its other answers, and what
 * waits for the database would believe it away.
 */
export function* demoTrips(): Generator<DemoTrip, void> {
  for (const [nth, make] of MAKERS.entries()) yield (made[nth] ??= make());
}
