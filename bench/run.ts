import {
  again,
  exposure,
  rates,
  spread,
  trialLive,
  trialSize,
  type AgainInput,
  type BandSeries,
  type BoatLine,
  type ExposureInput,
  type RateCell,
  type SpreadLine,
} from '@/core/afloat';
import { castFit, dragWindow, hookset, type HooksetInput } from '@/core/strike';
import { finish, remedies, setupRanges, suit, sweep, quiver, scoreRods } from '@/core/decide';
import { boatSide, evaluate, withPart } from '@/core/judge';
import { loadMixedInteger, seeded } from '@/core/base/numeric';
import { rodBend, type Setup } from '@/core/tackle';
import { sink, tow, type SinkInput, type TowInput } from '@/core/water';
import { demoHouse, demoParts, demoSpreads, demoTrials, demoTrips } from '@/db/demo';
import { askOf } from '@/domain/log/ask';
import { seriesOf } from '@/domain/log/block-series';
import { cellsOf, type TripCells } from '@/domain/log/cells';
import { tripOf } from '@/domain/log/trip';
import { resultOf } from '@/domain/trials/result';
import type { TriedTrip } from '@/domain/trials/slices';
import { solveSpread, type SpreadQuestion } from '@/domain/spread/solve';
import { changesFor } from '@/domain/remedy/changes';
import { bandUnits } from '@/i18n/band-units';
import { demoFile, demoFiles } from '../tests/helpers/demo';
import { printSensitivity } from './sensitivity';

/** The speeds that are asked of the core, in milliseconds, one thread, median. */
const rod = { lengthM: 1.88, stiffness: { kind: 'class', power: 'heavy', action: 'fast' } } as const;

const set: HooksetInput = {
  rod,
  sweep: { startRad: 0.4, endRad: 1.8, timeS: 0.35, peakMomentNm: 55 },
  line: [
    { lengthM: 20, eaN: 2400, strengthN: 170 },
    { lengthM: 1.1, eaN: 460, strengthN: 90 },
  ],
  hook: {
    distanceM: 22,
    dropM: 4,
    wireMm: 1.28,
    gapMm: 14,
    points: 'single',
    barb: 'barbed',
    sharpness: 'needle',
    guardN: 2,
  },
  slackM: 0.3,
  drag: { settingN: 45 },
  mouth: 'bony',
  fishKg: 3,
  through: 0.85,
};

const fall: SinkInput = {
  water: { temperatureC: 9, salinity: 0 },
  bodies: [
    { massKg: 0.01, material: 'tungsten', shape: { kind: 'bullet', areaM2: 7e-5 } },
    { massKg: 0.0158, material: 'soft-salted', shape: { kind: 'paddle-tail', lengthM: 0.125 } },
  ],
  line: { diameterM: 0.28e-3, densityKgPm3: 970, tangentialCt: 0.02 },
  mode: 'free',
  depthsM: [1, 2, 3, 4, 6, 8, 10],
};

const towed: TowInput = {
  water: { temperatureC: 9, salinity: 0 },
  speedMps: 1.2,
  segments: [
    { lengthM: 55, diameterM: 0.9e-3, massPerLengthKgPm: 2.8e-3, tangentialCt: 0.02, normalDragFactor: 1.5 },
    { lengthM: 8, diameterM: 0.3e-3, massPerLengthKgPm: 1.2e-4 },
  ],
  weights: [{ afterSegment: 0, netWeightN: 0.4, dragAreaM2: 1e-3 }],
  end: { netWeightN: 0.05, dragAreaM2: 6e-4, downAreaM2: 2e-4 },
  solve: { for: 'depth' },
};
const strikeAgain: Omit<AgainInput, 'now'> = {
  water: towed.water,
  segments: towed.segments,
  end: towed.end,
  strike: { sogMps: 1.1, cogRad: 0, lineOutM: 50 },
  then: [
    { depthM: 0, speedMps: 0.3, towardRad: 0.4 },
    { depthM: 20, speedMps: 0.15, towardRad: 3.5 },
  ],
};
const rateCell = (k: number, events: number): RateCell => ({ name: String(k), events, exposureH: 1 + k / 3 });
const layers = [
  { depthM: 0, alongMps: 0.2 },
  { depthM: 6, alongMps: 0 },
  { depthM: 12, alongMps: -0.3 },
];

// Each call varies its input a little, so that nothing can be remembered.
/** Twelve flat lines across a boat, four lengths of them, whose lures stand half a metre apart. */
const twelve = Array.from({ length: 12 }, (_, i): SpreadLine => {
  const outM = 18 + 7 * (i % 5);
  return {
    name: `line ${i + 1}`,
    tipM: [-3 + 0.55 * i, 0.3 * (i % 3), -1.2],
    profileM: Array.from({ length: 14 }, (_, k) => [
      (k * outM) / 13,
      k === 0 ? -1.2 : ((k - 1.7) * (0.15 + 0.12 * (i % 4)) * outM) / 30,
    ]),
  };
});

/** The demo's eight lines as a worker has them: one is dragged, the others are kept from the frame before. */
const lake = demoSpreads.find(({ id }) => id === 'spread-lake')!;
const lakeQuestion: SpreadQuestion = {
  spread: lake,
  craft: demoHouse.crafts.find(({ id }) => id === lake.craftId)!,
  files: Object.fromEntries(demoFiles.map(({ id, file }) => [id, file])),
  house: demoHouse,
  rods: demoParts.flatMap((part) => (part.kind === 'rod' ? [part] : [])),
  turn: { radiusM: 64, side: 'starboard' },
};
const lakeLines = new Map<string, BoatLine>();
const dragged = (i: number) =>
  solveSpread(
    {
      ...lakeQuestion,
      spread: {
        ...lake,
        lines: lake.lines.map((line) => (line.id === 'd' ? { ...line, lineM: 40 + (i % 200) / 10 } : line)),
      },
    },
    (keyOf, solve) => {
      const key = keyOf();
      const found = lakeLines.get(key) ?? solve();
      // The dragged line is always another.
      if (found.name !== 'd') lakeLines.set(key, found);
      return found;
    },
  );

/** A day of twelve hours, a reading of three instruments each second. */
const DAY_S = 12 * 3600;
const readAt = (name: string, base: number, periodS: number): BandSeries => ({
  name,
  tS: Array.from({ length: DAY_S }, (_, i) => i),
  values: Array.from({ length: DAY_S }, (_, i) => base * (1 + 0.4 * Math.sin(i / periodS))),
  edges: [0.7, 0.9, 1, 1.1, 1.3].map((share) => base * share),
});
const fishedDay: ExposureInput = {
  lines: Array.from({ length: 12 }, (_, i) => ({ fromS: 600 * i, toS: DAY_S, keys: { lure: `lure ${i % 5}` } })),
  series: [readAt('speed', 1.2, 40), readAt('temperature', 9, 700), readAt('depth', 12, 90)],
};
const struck = Array.from({ length: 200 }, (_, i) => ({ version: i % 3 ? 'a' : 'b', aLines: 4, bLines: 4 }) as const);

type Job = readonly [name: string, askedMs: number, job: (i: number) => unknown];

const JOBS: readonly Job[] = [
  ['rod-bend', 0.3, (i) => rodBend({ ...rod, pull: { forceN: 2 + (i % 97) / 10, angleRad: 1 + (i % 7) / 10 } })],
  [
    'cast-fit',
    0.3,
    (i) => castFit({ rod, massKg: 0.01 + (i % 50) / 1000, ratingKg: [0.014, 0.042], style: 'overhead', weakestN: 60 }),
  ],
  ['hookset with its curve', 5, (i) => hookset({ ...set, slackM: 0.1 + (i % 60) / 100 })],
  ['sink table, free', 1, (i) => sink({ ...fall, currentMps: (i % 10) / 10 })],
  ['sink table, tight line', 1, (i) => sink({ ...fall, mode: 'tight-line', lineLengthM: 12 + (i % 20) })],
  [
    'spread of 12 lines, both turns',
    30,
    (i) => spread({ lines: twelve, clearM: 0.2 + (i % 20) / 200, turn: { radiusM: 40 + (i % 30), side: 'port' } }),
  ],
  ['spread of the demo, one of eight lines dragged', 50, dragged],
  [
    'drag-window',
    5,
    (i) =>
      dragWindow({
        rod,
        pullAngleRad: 1.4,
        line: set.line,
        fishKg: 1 + (i % 30) / 10,
        speedMps: 1,
        neededN: 20,
        openingN: 70,
        weakestN: 80,
        tearN: 110,
        clutchN: 20,
      }),
  ],
  ['rates of 40 cells', 20, (i) => rates(Array.from({ length: 40 }, (_, k) => rateCell(k, (i + k) % 7)))],
  ['evidence of a trial of 200 strikes', 20, (i) => trialLive(struck.slice(i % 2))],
  ['a strike again on another course', 20, (i) => again({ ...strikeAgain, now: { cogRad: (i % 60) / 10 } })],
  [
    'hours of 12 lines in 12 h, three instruments',
    150,
    (i) => exposure({ ...fishedDay, lines: fishedDay.lines.slice(i % 2) }),
  ],
  ['tow for depth', 2, (i) => tow({ ...towed, speedMps: 0.8 + (i % 40) / 50 })],
  ['tow for depth in layers', 10, (i) => tow({ ...towed, current: layers, speedMps: 0.8 + (i % 40) / 50 })],
  [
    'tow for a weight',
    10,
    (i) =>
      tow({
        ...towed,
        segments: [towed.segments[1]!],
        weights: [],
        solve: { for: 'weight', depthM: 8, surfaceAngleRad: 0.7 + (i % 10) / 20 },
      }),
  ],
  ['strike, hands, reel and craft', 100, (i) => boatSide(demoFiles[i % demoFiles.length]!.file)],
  ['whole setup without the curve', 5, (i) => evaluate(demoFiles[i % demoFiles.length]!.file)],
];

const wall: Setup = demoFile('setup-drowned-wall');
const harness: Setup = demoFile('setup-crawler-harness');
const flawed = demoFile('setup-long-flat');
const hooks = demoParts.filter(({ kind }) => kind === 'hook');
const demoRods = demoParts.filter((part) => part.kind === 'rod');
const demoReels = demoParts.filter((part) => part.kind === 'reel');

const newest = demoFiles.filter(({ newest: isNewest }) => isNewest);
const day200 = Array.from({ length: 200 }, (_, i) => ({
  id: String(i),
  setup: newest[i % newest.length]!.file as Setup,
}));

/** What takes longer is asked fewer times. */
const LONG_JOBS: Job[] = [
  ['ranges of a setup, 256 draws', 800, (i) => finish(setupRanges(wall, { seed: i }))],
  ['ranges of a rig on the bottom', 800, (i) => finish(setupRanges(harness, { seed: i }))],
  [
    '150 candidates',
    1500,
    (i) => Array.from({ length: 150 }, (_, k) => evaluate(withPart(wall, 'hook', hooks[(i + k) % hooks.length]!))),
  ],
  [
    '200 setups ranked for a day',
    3000,
    (i) => finish(suit({ setups: day200, day: { surfaceC: 8 + (i % 5), depthM: { from: 0.5, to: 30 }, fishKg: 3 } })),
  ],
  ['remedies of a flawed setup', 1500, () => finish(remedies({ setup: flawed, ...changesFor(flawed, demoParts) }))],
  [
    'sweep, 41 steps',
    500,
    (i) =>
      finish(
        sweep({
          base: wall,
          axes: [{ path: 'presentation.distanceM', from: 8 + i, to: 50, steps: 41 }],
          of: ['verdicts.set.value'],
          compute: (setup) => evaluate(setup),
        }),
      ),
  ],
];

/** Forty rods against four hundred presentations, each lure on the rods around its mass: as crowded as a shop. */
function crowded(): number[][] {
  const at = seeded(7);
  const rods = Array.from({ length: 40 }, () => ({ place: 10 * at(), width: 0.5 + 1.5 * at() }));
  const lures = Array.from({ length: 400 }, () => 10 * at());
  return rods.map(({ place, width }) =>
    lures.map((lure) =>
      Math.abs(place - lure) > width ? 0 : Math.sqrt((1 - Math.abs(place - lure) / width) * (0.4 + 0.6 * at())),
    ),
  );
}

if (process.argv[2] === 'sensitivity') {
  printSensitivity();
  process.exit(0);
}
await loadMixedInteger();
const scores = crowded();
const fortyRods = Array.from({ length: 40 }, (_, i) => demoRods[i % demoRods.length]!);
LONG_JOBS.push(
  ['quiver, best 6 of 40 × 400', 1000, () => finish(quiver({ scores, mode: 'best-k', k: 6 }))],
  ['quiver, fewest of 40 × 400', 1000, () => finish(quiver({ scores, mode: 'cover', floor: 0.5 }))],
  [
    'scoring 40 rods × 20, a twentieth',
    2000,
    () => demoFiles.slice(0, 20).map(({ file }) => scoreRods(file, fortyRods, demoReels)),
  ],
);

const trolled = [...demoTrips()].filter(({ blocks }) => blocks.length > 0);
const fished = trolled.map(cellsOfDemo);
/** Each demo trip again and again, with five times its rows: days of eight hours. */
const twoHundred = Array.from({ length: 200 }, (_, i) => fished[i % fished.length]!).map(longer);
LONG_JOBS.push(
  ['cells of a trip of 3 h', 1000, (i) => cellsOfDemo(trolled[i % trolled.length]!)],
  [
    `a question over 200 trips, ${twoHundred.reduce((sum, { rows }) => sum + rows, 0)} cells`,
    1000,
    () =>
      askOf(twoHundred, {
        by: 'depth',
        counted: 'strikes',
        only: [{ dimension: 'side', levels: ['port'] }],
        withDoubtful: false,
      }),
  ],
);

const triedTrips = [...demoTrips()].map(({ id, events }): TriedTrip => {
  const trip = tripOf(events);
  const gear = { words: { lure: '', colour: '', setup: '', rod: '', place: '', side: '' }, depthsAt: [] };
  return { id, name: id, trip, untilS: trip.closedS!, series: null, gear: () => gear };
});
/** Each demo trip forty times: two hundred days. */
const triedDays = Array.from({ length: 200 }, (_, i) => triedTrips[i % triedTrips.length]!);
const undecided = demoTrials.find(({ closed }) => !closed)!;
LONG_JOBS.push(
  ['a trial over 200 trips', 2000, () => resultOf(undecided, triedDays)],
  ['how long a trial of 2 to 1 takes', 500, () => trialSize({ kind: 'rate', ratio: 2 })],
  ['how long one of 50 % and 75 % takes', 3000, () => trialSize({ kind: 'share', a: 0.5, b: 0.75 })],
);

measure(JOBS, 200, 300);
measure(LONG_JOBS, 2, 7);

function cellsOfDemo({ events, blocks }: (typeof trolled)[number]): TripCells {
  const trip = tripOf(events);
  return cellsOf(trip, {
    untilS: trip.closedS!,
    series: seriesOf(blocks, trip),
    gear: ({ setupId, pointId }) => ({
      words: { lure: setupId, colour: '', setup: setupId, rod: '', place: pointId ?? '', side: 'port' },
      xM: 1,
      depthsAt: [
        { speedMps: 0.5, depthM: 20 },
        { speedMps: 2, depthM: 5 },
      ],
    }),
    craftName: 'Dunlin',
    units: bandUnits({ units: 'metric' }),
  });
}

function longer(cells: TripCells): TripCells {
  const five = <T>(list: readonly T[]): readonly T[] => Array.from({ length: 5 }, () => list).flat();
  const each = <V>(all: object, made: (value: V) => unknown) =>
    Object.fromEntries(Object.entries(all).map(([name, value]) => [name, made(value as V)]));
  return {
    ...cells,
    rows: 5 * cells.rows,
    seconds: five(cells.seconds),
    doubtful: five(cells.doubtful),
    words: each<TripCells['words']['lure']>(cells.words, ({ list, at }) => ({
      list,
      at: five(at),
    })) as TripCells['words'],
    bands: each<readonly number[]>(cells.bands, five) as unknown as TripCells['bands'],
    counts: each<readonly number[]>(cells.counts, five) as unknown as TripCells['counts'],
  };
}

function measure(jobs: readonly Job[], warmUp: number, runs: number): void {
  for (const [name, askedMs, job] of jobs) {
    for (let i = 0; i < warmUp; i += 1) job(i);
    const times = Array.from({ length: runs }, (_, i) => {
      const start = performance.now();
      job(i);
      return performance.now() - start;
    }).sort((a, b) => a - b);
    const at = (share: number) => times[Math.floor(share * (times.length - 1))]!;
    console.log(
      `${name.padEnd(30)} median ${at(0.5).toFixed(3)} ms, 95 % ${at(0.95).toFixed(3)} ms, asked ${askedMs} ms`,
    );
  }
}
