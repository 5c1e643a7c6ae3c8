import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoHouse, demoParts, demoSpreads, demoTrips } from '@/db/demo';
import { demoFiles } from '../../../tests/helpers/demo';
import { runRig, tipHeightM } from '@/core/rig';
import { flowAt, lengthOf, minus, tipAt } from '@/core/afloat';
import type { RodPart } from '@/core/tackle';
import { alongCurrent } from '../helm/current-here';
import type { Helm } from '../helm/helm';
import { setupIdSchema } from '../ids';
import { isProblem, placedRod } from '../spread/on-boat';
import { ordersOf } from './again';
import { ownRate } from '../trials/own-rate';
import { askOf, levelsIn } from './ask';
import { correctedSeries, seriesOf, stepped } from './block-series';
import { cellsOf, type CellsOptions, type GearKnown } from './cells';
import { fishedSpread, gearOf } from './planned';
import { overLimits } from './kept-limits';
import { sharesOf } from './shares';
import { suddenStop } from './sudden-stop';
import { depthAtSpeed, speedTrend, thenAt, turnPlace } from './then-at';
import { knownWith, tallyOf } from './told';
import { nextAngler, turnPassed } from './turn-list';
import { tripOf, type Trip } from './trip';
import type { Then } from './trip-event';

const [first] = demoTrips();
const trip: Trip = tripOf(first!.events);
const series = seriesOf(first!.blocks);
const untilS = trip.closedS!;
const known: GearKnown = {
  words: { lure: 'spoon', colour: '', setup: 's', rod: 'r', place: 'holder-1', side: 'port' },
  xM: -1,
  depthsAt: [
    { speedMps: 0.5, depthM: 20 },
    { speedMps: 2, depthM: 5 },
  ],
};
const made: CellsOptions = {
  untilS,
  series,
  gear: (gear) => ({
    ...known,
    words: { ...known.words, lure: gear.setupId, colour: gear.changed.colour?.name ?? '' },
  }),
  craftName: 'Dunlin',
  units: { depth: 'm', distance: 'm', speed: 'm/s', temperature: '°C' },
};
const cells = cellsOf(trip, made);
const ask = (more: Partial<Parameters<typeof askOf>[1]> = {}) =>
  askOf([cells], { by: 'lure', counted: 'strikes', only: [], withDoubtful: false, ...more });

describe('what was true at a strike', () => {
  it('is read from the seconds before it, and is nothing where nothing was read', () => {
    const atS = trip.strikes[3]!.atS;
    const then = thenAt(series, atS)!;
    expect(then.probeM).toBeGreaterThan(15);
    expect(then.sogMps).toBeGreaterThan(0.6);
    expect(then.latDeg).toBeCloseTo(46.5, 1);
    expect(thenAt(series, untilS + 90_000)).toBeNull();
    expect(thenAt(seriesOf([]), atS)).toBeNull();
  });
  it('a typed reading holds for half an hour, an instrument’s for a minute', () => {
    const typed = seriesOf([], {
      readings: [
        {
          kind: 'reading',
          id: '0',
          atS: 1000,
          readings: [
            { channel: 'probeC', value: 8 },
            { channel: 'waterMps', value: 1 },
          ],
        },
      ],
    });
    expect(thenAt(typed, 1050)).toMatchObject({ probeC: 8, waterMps: 1 });
    expect(thenAt(typed, 2500)).toMatchObject({ probeC: 8, waterMps: null });
    expect(thenAt(typed, 900)).toBeNull();
  });
  it('is read through the sensors’ runs, each channel once', () => {
    const meant = correctedSeries(series, {
      calibrations: [{ sensor: 'probeMps', scale: 1.1, offsetMps: 0.05 }] as unknown as Helm['calibrations'],
    });
    const [read, said] = [series.of('probeMps').values, meant.of('probeMps').values];
    expect(said[10]).toBeCloseTo(1.1 * read[10]! + 0.05, 12);
    expect(meant.of('probeMps')).toBe(meant.of('probeMps'));
    expect(meant.of('probeC')).toBe(series.of('probeC'));
    expect(correctedSeries(series, null).of('probeMps')).toBe(series.of('probeMps'));
  });
  it('a line is inside of a turn to its own side, and a change of speed has a floor', () => {
    expect([turnPlace(0.05, 1), turnPlace(0.05, -1), turnPlace(0.001, 1), turnPlace(0.05, 0)]).toEqual([
      'inside',
      'outside',
      'straight',
      'straight',
    ]);
    expect([speedTrend(0.05), speedTrend(0.2), speedTrend(-0.2)]).toEqual(['steady', 'rising', 'falling']);
  });
  it('depth lies between what was worked out, and stays beyond it', () => {
    const at = (mps: number) => depthAtSpeed(known.depthsAt, mps);
    expect([at(0.1), at(1.25), at(9)]).toEqual([20, 12.5, 5]);
    expect(depthAtSpeed([], 1)).toBeNull();
  });
  it('points alone give speed and course', () => {
    const points = Array.from({ length: 20 }, (_, i): [number, number, number] => [
      1000 + 10 * i,
      46.5 + (i * 10) / 111_195,
      -38,
    ]);
    const moved = seriesOf([], { track: points });
    expect(moved.of('sogMps').values.at(-1)).toBeCloseTo(1, 3);
    expect(moved.of('cogRad').values.at(-1)).toBeCloseTo(0, 3);
  });
  it('a sudden stop is found, a slow one is none', () => {
    const tS = Array.from({ length: 60 }, (_, i) => i);
    expect(suddenStop({ tS, values: tS.map((t) => (t < 40 ? 1.1 : 0.1)) }, 59)).toBeGreaterThan(30);
    expect(suddenStop({ tS, values: tS.map((t) => 1.1 - t / 100) }, 59)).toBeNull();
    expect(suddenStop({ tS: [], values: [] }, 59)).toBeNull();
  });
});

describe('hours in cells', () => {
  it('come to the line-hours of the trip, and every strike is counted once or said to be apart', () => {
    const sum = cells.seconds.reduce((a, b) => a + b, 0) / 3600;
    expect(sum).toBeCloseTo(sharesOf(trip, { fromS: trip.opened!.atS, toS: untilS }).lineHours, 1);
    const strikes = cells.counts.strikes.reduce((a, b) => a + b, 0);
    expect(strikes + cells.apart).toBe(trip.strikes.length);
    expect(cells.counts.flurries.reduce((a, b) => a + b, 0)).toBeLessThanOrEqual(
      new Set(trip.strikes.map(({ flurry }) => flurry)).size,
    );
  });
  it('come to the same hours and strikes in whatever units their bands are round', () => {
    const sums = (of: typeof cells) => [of.seconds, of.counts.strikes].map((each) => each.reduce((a, b) => a + b, 0));
    const inFeet = cellsOf(trip, { ...made, units: { depth: 'ft', distance: 'ft', speed: 'kn', temperature: '°F' } });
    const [[hours, strikes], [before, counted]] = [sums(inFeet), sums(cells)] as const;
    expect(Math.abs(hours! - before!)).toBeLessThan(inFeet.rows + cells.rows);
    expect([strikes, inFeet.apart]).toEqual([counted, cells.apart]);
  });
  it('know depth, turn, pass, light and the colour that was changed to', () => {
    for (const name of ['depth', 'turn', 'pass', 'light', 'hour', 'moon', 'wind', 'current'] as const)
      expect(
        cells.bands[name].some((band) => band >= 0),
        name,
      ).toBe(true);
    expect(cells.words.colour.list).toContain('copper and green');
    expect(new Set(cells.words.angler.list)).toEqual(new Set(['Skipper', 'Ilse', '']));
  });
});

describe('what a user brings home', () => {
  it('is what all trips answer together', () => {
    const own = ownRate([{ trip, untilS }]);
    const answer = ask({ by: 'side', counted: 'flurries' });
    expect(own.perLineH).toBeCloseTo(answer.events / answer.hours, 2);
    expect(own.trips).toBe(1);
    expect(own.linesAtOnce * own.hoursADay).toBeCloseTo(answer.hours, 1);
  });
  it('is nothing where no line was out', () =>
    expect(ownRate([{ trip: tripOf([]), untilS: 0 }])).toEqual({
      trips: 0,
      perLineH: 0,
      hoursADay: 0,
      linesAtOnce: 0,
    }));
});

describe('questions over trips', () => {
  it('leave out the hours before weed was found, unless they are asked for', () => {
    expect(ask({ withDoubtful: true }).hours).toBeGreaterThan(ask().hours);
  });
  it('rates lie within their intervals, chances to be best come to one, and filters only take away', () => {
    const all = ask();
    for (const { ratePerH, interval } of all.rows) {
      expect(ratePerH).toBeGreaterThanOrEqual(interval[0]);
      expect(ratePerH).toBeLessThanOrEqual(interval[1]);
    }
    expect(all.rows.reduce((sum, { probabilityBest }) => sum + probabilityBest!, 0)).toBeCloseTo(1, 3);
    const deep = ask({ only: [{ dimension: 'depth', levels: [7, 8, 9, 10] }] });
    expect(deep.hours).toBeGreaterThan(0);
    expect(deep.hours).toBeLessThan(all.hours);
  });
  it('what was never fished says so, and every hook has the hours of its lines', () => {
    expect(ask({ only: [{ dimension: 'water', levels: ['elsewhere'] }] }).outcome).toBe('never-fished');
    expect(askOf([], { by: 'lure', counted: 'strikes', only: [], withDoubtful: false }).outcome).toBe('never-fished');
    const hooks = ask({ by: 'hook' });
    expect(new Set(hooks.rows.map(({ hours }) => hours.toFixed(3))).size).toBe(1);
    expect(levelsIn([cells], 'hook')).toHaveLength(4);
  });
  it('twice the trips give twice the hours and events', () => {
    const twice = askOf([cells, cells], { by: 'angler', counted: 'landed', only: [], withDoubtful: false });
    const once = ask({ by: 'angler', counted: 'landed' });
    expect(twice.hours).toBeCloseTo(2 * once.hours, 6);
    expect(twice.events).toBe(2 * once.events);
  });
  it('more than sixty levels are pooled', () => {
    const many = {
      ...cells,
      words: {
        ...cells.words,
        rod: { list: Array.from({ length: 90 }, (_, i) => `rod ${i}`), at: cells.seconds.map((_, i) => i % 90) },
      },
    };
    const answer = askOf([many], { by: 'rod', counted: 'strikes', only: [], withDoubtful: true });
    expect(answer.rows).toHaveLength(59);
    expect(answer.other!.hours + answer.rows.reduce((sum, { hours }) => sum + hours, 0)).toBeCloseTo(answer.hours, 6);
  });
  it('means of steps keep the mean', () =>
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0, max: 30, noNaN: true }), { minLength: 40, maxLength: 40 }), (values) => {
        const { values: means } = stepped({ tS: values.map((_, i) => i), values }, 20);
        expect(means.reduce((a, b) => a + b, 0) / means.length).toBeCloseTo(
          values.reduce((a, b) => a + b, 0) / values.length,
          9,
        );
      }),
    ));
});

describe('again', () => {
  const spread = demoSpreads.find(({ id }) => id === 'spread-lake')!;
  const rods = demoParts.flatMap((part): RodPart[] => (part.kind === 'rod' ? [part] : []));
  const craft = demoHouse.crafts.find(({ id }) => id === 'dunlin')!;
  const house = { ...demoHouse };
  const fileOf = (setupId: string) => demoFiles.find(({ id, newest }) => newest && id === setupId)!.file;
  // Water that moves the same way all the way down along the course, faster on top then and slower now.
  const layers = (topMps: number, deepMps: number) => [
    { depthM: 0, speedMps: topMps, towardRad: 0 },
    { depthM: 20, speedMps: deepMps, towardRad: 0 },
  ];
  const state = (sogMps: number, topMps: number, deepMps: number) => ({
    sogMps,
    waterMps: sogMps - topMps,
    probeMps: sogMps - deepMps,
  });
  const lureAt = (gear: ReturnType<typeof gearOf>, through: number, slowerMps: number, depthM: number) => {
    const line = fishedSpread(spread, [{ line: 'x', gear }]).lines[0]!;
    const scene = {
      speedMps: through,
      current: [
        { depthM: 0, alongMps: 0, acrossMps: 0 },
        { depthM, alongMps: slowerMps, acrossMps: 0 },
      ],
    };
    const placed = placedRod(line, fileOf(gear.setupId), { craft, house, rods, scene });
    if (isProblem(placed)) throw new Error(placed.code);
    const heightM =
      placed.point.kind === 'downrigger'
        ? tipHeightM(placed.rig, placed.presentation)
        : -tipAt(placed.rig, placed.presentation, placed.point)[2];
    return runRig(placed.rig, placed.presentation, heightM).depthM!;
  };
  const thenOf = (sogMps: number, top: number, deep: number): Then => ({
    latDeg: 46.5,
    lonDeg: -38,
    headingRad: 0,
    cogRad: 0,
    surfaceC: null,
    probeC: null,
    bottomM: null,
    fasterMps: 0,
    turnRadPerS: 0,
    lureM: null,
    probeM: 20,
    ...state(sogMps, top, deep),
  });
  it.each(spread.lines.map((line) => [line.id, line] as const))(
    'line %s runs as deep and as fast as it did, in other water',
    (_, line) => {
      const gear = gearOf(line, () => undefined);
      const [thenWater, nowWater] = [
        [0.15, 0],
        [-0.1, 0.05],
      ] as const;
      const then = thenOf(1.2, ...thenWater);
      const now = state(1.2, ...nowWater);
      const orders = ordersOf({
        then,
        gear,
        file: fileOf(line.setupId),
        onBoat: { craft, house, rods },
        correct: (_c, reading) => reading,
        now: {
          courseRad: 0,
          latDeg: 46.51,
          lonDeg: -38,
          waterMps: now.waterMps,
          probeMps: now.probeMps,
          probeM: 20,
          current: alongCurrent(now.sogMps, 0, now.probeMps, 20),
        },
      });
      expect(orders.outcome).toBe('ok');
      expect(orders.back!.distanceM).toBeCloseTo(1112, -1);
      const depthThen = lureAt(gear, then.waterMps!, then.waterMps! - then.probeMps!, 20);
      // The boat does what it was told, in the water of now.
      const paid = orders.sameLine
        ? gear
        : {
            ...gear,
            ...(orders.paidOut!.cableM === null
              ? { lineM: orders.paidOut!.lineM }
              : { cableM: orders.paidOut!.cableM }),
          };
      const truth = layers(...nowWater);
      const through = orders.groundMps! - nowWater[0];
      const depthNow = lureAt(paid, through, nowWater[1] - nowWater[0], 20);
      expect(Math.abs(depthNow / depthThen - 1)).toBeLessThan(0.05);
      const speed = (sog: number, water: typeof truth, depthM: number) =>
        lengthOf(minus([sog, 0], flowAt(water, depthM)));
      const [was, is] = [speed(1.2, layers(...thenWater), depthThen), speed(orders.groundMps!, truth, depthNow)];
      expect(Math.abs(is / was - 1)).toBeLessThan(0.05);
    },
  );
  it('says that standing still is already too fast, and that without readings nothing can be told', () => {
    const line = spread.lines[2]!;
    const question = {
      then: thenOf(0.5, 0, 0),
      gear: gearOf(line, () => undefined),
      file: fileOf(line.setupId),
      onBoat: { craft, house, rods },
      correct: (_: string, reading: number) => reading,
      now: {
        courseRad: Math.PI,
        latDeg: null,
        lonDeg: null,
        waterMps: 1,
        probeMps: 1,
        probeM: 20,
        current: { kind: 'whole', speedMps: 1.5, towardRad: 0, depthM: 20 } as const,
      },
    };
    expect(ordersOf({ ...question, then: thenOf(0.5, 0, 0) }).outcome).toBe('too-fast-already');
    const blind: Then = { ...thenOf(1, 0, 0), sogMps: null, waterMps: null, probeMps: null };
    expect(ordersOf({ ...question, then: blind })).toMatchObject({
      outcome: 'cannot-tell',
      probe: null,
      sameLine: true,
    });
  });
});

describe('turns, fish and shares', () => {
  it('the turn goes round, and can be given away', () => {
    const at = (angler: string) => ({ angler }) as Trip['strikes'][number];
    expect(nextAngler({ crew: ['a', 'b'], strikes: [] })).toBe('a');
    expect(nextAngler({ crew: ['a', 'b'], strikes: [at('a')] })).toBe('b');
    expect(nextAngler({ crew: ['a', 'b'], strikes: [at('b')] })).toBe('a');
    expect(nextAngler({ crew: [], strikes: [] })).toBeNull();
    expect(turnPassed(['a', 'b', 'c'], 'b')).toEqual(['a', 'c', 'b']);
  });
  it('what no longer fits an outcome goes with it', () => {
    const lost = knownWith(null, { outcome: 'lost', lostBy: 'broke', brokeAt: 'leader', heldBy: 'tail' });
    expect(knownWith(lost, { outcome: 'landed' })).toMatchObject({ lostBy: null, brokeAt: undefined, heldBy: 'tail' });
    expect(knownWith(lost, { outcome: 'missed' }).heldBy).toBeNull();
  });
  it('the tally counts landed fish alone', () => {
    const sum = tallyOf(trip.strikes).reduce((all, { kept, released }) => all + kept + released, 0);
    expect(sum).toBe(trip.strikes.filter(({ told }) => told?.outcome === 'landed').length);
  });
  it('kept fish are held against the rules sheet, by species and angler', () => {
    const kept = (angler: string, lengthM: number) =>
      ({ angler, told: { outcome: 'landed', isKept: true, species: 'Zander', lengthM } }) as Trip['strikes'][number];
    const sheet = { mayKeep: [{ species: 'zander', perPerson: 1, leastM: 0.45 }] };
    expect(overLimits([kept('a', 0.5), kept('b', 0.5)], sheet)).toEqual([]);
    expect(overLimits([kept('a', 0.5), kept('a', 0.44)], sheet).map(({ code, angler }) => [code, angler])).toEqual([
      ['too-many', 'a'],
      ['too-short', 'a'],
    ]);
    expect(overLimits([kept('a', 0.1)], {})).toEqual([]);
  });
  it('shares come to one', () => {
    const { by, anyFishing } = sharesOf(trip, { fromS: trip.opened!.atS, toS: untilS });
    expect(Object.values(by).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
    expect(anyFishing).toBeGreaterThan(by.fishing);
  });
  it('the demo’s gear has ids of the bench', () => {
    for (const { gear } of trip.lines) expect(demoFiles.some(({ id }) => id === gear.setupId)).toBe(true);
    expect(setupIdSchema.safeParse(trip.lines[0]!.gear.setupId).success).toBe(true);
  });
});
