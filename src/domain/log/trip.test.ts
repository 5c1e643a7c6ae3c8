import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { partIdSchema, setupIdSchema } from '../ids';
import { exposure } from '@/core/afloat';
import { hoursOf } from './hours';
import { tripOf } from './trip';
import { tripEventSchema, type TripEvent } from './trip-event';

const setupId = setupIdSchema.parse('setup-char-flasher');
const id = (n: number) => `0b7c3c1e-7f6f-4b70-9d69-${String(n).padStart(12, '0')}`;
const gear = { setupId, rodId: null, pointId: 'h1', lineM: 40, cableM: null, mark: 'counter 40' };

const put = (n: number, atS: number, line: string): TripEvent => ({ kind: 'in', id: id(n), atS, line, ...gear });
const strike = (n: number, atS: number, line: string): TripEvent => ({
  kind: 'strike',
  id: id(n),
  atS,
  line,
  touchedS: atS + 15,
  angler: null,
});
const told = (n: number, atS: number, of: number, outcome: 'missed' | 'landed'): TripEvent => ({
  kind: 'told',
  id: id(n),
  atS,
  of: id(of),
  outcome,
  lost: null,
  lostBy: null,
  heldBy: null,
  species: null,
  lengthM: null,
  isKept: null,
  note: '',
});
const spans = (events: readonly TripEvent[]) =>
  tripOf(events).stretches.map(({ line, fromS, toS, isDoubtful }) => [line, fromS, toS, isDoubtful] as const);

describe('a trip', () => {
  it('a strike takes its line out of fishing until it is back in', () => {
    const events = [put(1, 0, 'a'), put(2, 10, 'b'), strike(3, 100, 'a')];
    expect(tripOf(events).lines).toMatchObject([
      { line: 'a', state: 'fought', sinceS: 100 },
      { line: 'b', state: 'fishing', sinceS: 10 },
    ]);
    expect(spans([...events, { kind: 'back', id: id(4), atS: 400, lines: ['a'] }])).toEqual([
      ['a', 0, 100, false],
      ['b', 10, null, false],
      ['a', 400, null, false],
    ]);
  });

  it('a pass that two people begin in one second is one', () => {
    const pass = (n: number, atS: number): TripEvent => ({ kind: 'pass', id: id(n), atS });
    expect(tripOf([pass(1, 50), pass(2, 50), pass(3, 60)]).passesS).toEqual([50, 60]);
  });

  it('missed, and still out, it never stopped', () => {
    const events: TripEvent[] = [
      put(1, 0, 'a'),
      strike(2, 100, 'a'),
      { kind: 'still-out', id: id(3), atS: 130, of: id(2) },
    ];
    expect(spans(events)).toEqual([['a', 0, null, false]]);
    expect(tripOf(events)).toMatchObject({
      lines: [{ state: 'fishing', sinceS: 0 }],
      strikes: [{ line: 'a', atS: 100 }],
    });
  });

  it('weed makes the time since the last clean check doubtful, and none before it', () => {
    const events: TripEvent[] = [
      put(1, 0, 'a'),
      { kind: 'clean', id: id(2), atS: 600, line: 'a' },
      { kind: 'fouled', id: id(3), atS: 900, line: 'a' },
      { kind: 'clean', id: id(4), atS: 960, line: 'a' },
    ];
    expect(spans(events)).toEqual([
      ['a', 0, 600, false],
      ['a', 600, 900, true],
      ['a', 960, null, false],
    ]);
  });

  it('a lure that was changed counts from then on, and its strike keeps what was on the line', () => {
    const lure = { partId: partIdSchema.parse('lure-spoon-silver'), name: 'silver' };
    const trip = tripOf([
      put(1, 0, 'a'),
      { kind: 'changed', id: id(2), atS: 50, line: 'a', what: 'lure', ...lure },
      strike(3, 90, 'a'),
    ]);
    expect(trip.stretches.map(({ gear: { changed }, toS }) => [changed.lure?.name, toS])).toEqual([
      [undefined, 50],
      ['silver', 90],
    ]);
    expect(trip.strikes[0]!.gear!.changed.lure).toEqual(lure);
  });

  it('what is told of a strike later counts, the newest of it; undone, it is as if it had not been', () => {
    const events = [put(1, 0, 'a'), strike(2, 60, 'a'), told(3, 100, 2, 'missed'), told(4, 300, 2, 'landed')];
    expect(tripOf(events).strikes[0]!.told!.outcome).toBe('landed');
    const undone: TripEvent = { kind: 'undone', id: id(5), atS: 310, of: id(4) };
    expect(tripOf([...events, undone]).strikes[0]!.told!.outcome).toBe('missed');
    expect(
      tripOf([...events, undone, { kind: 'undone', id: id(6), atS: 320, of: id(5) }]).strikes[0]!.told!.outcome,
    ).toBe('landed');
  });

  it('a touch that came late is put back in time, and the hours with it', () => {
    const retimed: TripEvent = { kind: 'retimed', id: id(3), atS: 130, of: id(2), toS: 40 };
    expect(spans([put(1, 0, 'a'), strike(2, 100, 'a'), retimed])).toEqual([['a', 0, 40, false]]);
  });

  it('strikes within three minutes of a flurry’s first are one flurry', () => {
    const at = [0, 100, 180, 190, 500];
    const trip = tripOf([put(1, 0, 'a'), ...at.map((atS, i) => strike(10 + i, atS, 'a'))]);
    expect(trip.strikes.map(({ flurry }) => flurry)).toEqual([0, 0, 0, 1, 2]);
  });

  it('a strike on a line that is still being fought is perhaps the same fish, from another phone', () => {
    const back: TripEvent = { kind: 'back', id: id(9), atS: 130, lines: ['a'] };
    const twins = (events: readonly TripEvent[]) => tripOf(events).strikes.map(({ twinOf }) => twinOf);
    const before = [put(1, 0, 'a'), put(2, 0, 'b'), strike(3, 100, 'a')];
    expect(twins([...before, strike(4, 104, 'a')])).toEqual([null, id(3)]);
    // Another line, a line that is in again, and much later are other fish.
    expect(twins([...before, strike(4, 104, 'b')])).toEqual([null, null]);
    expect(twins([...before, back, strike(4, 140, 'a')])).toEqual([null, null]);
    expect(twins([...before, strike(4, 300, 'a')])).toEqual([null, null]);
    const undone: TripEvent = { kind: 'undone', id: id(5), atS: 150, of: id(3) };
    expect(twins([...before, strike(4, 104, 'a'), undone])).toEqual([null]);
  });

  it('a line that fished on after all does so whichever of its two strikes says it', () => {
    const both = [put(1, 0, 'a'), strike(2, 100, 'a'), strike(3, 104, 'a')];
    for (const of of [2, 3])
      expect(tripOf([...both, { kind: 'still-out', id: id(4), atS: 120, of: id(of) }]).lines[0]!.state).toBe('fishing');
  });

  it('names what does not fit, and goes on', () => {
    const events: TripEvent[] = [
      { kind: 'out', id: id(1), atS: 0, lines: ['a'] },
      strike(2, 5, 'b'),
      { kind: 'still-out', id: id(3), atS: 9, of: id(99) },
      { kind: 'moved', id: id(4), atS: 9, line: 'c', pointId: 'h2' },
      put(5, 20, 'a'),
    ];
    const trip = tripOf(events);
    expect(trip.unfitting.map((event) => event.id)).toEqual([1, 2, 3, 4].map(id));
    expect(trip.strikes).toMatchObject([{ line: 'b', gear: null }]);
    expect(spans(events)).toEqual([['a', 20, null, false]]);
  });

  const someEvents = fc
    .array(
      fc.tuple(
        fc.constantFrom('in', 'out', 'back', 'strike', 'fouled', 'clean', 'moved'),
        fc.nat(5000),
        fc.constantFrom('a', 'b', 'c'),
      ),
      {
        maxLength: 40,
      },
    )
    .map((all) =>
      all.map(([kind, atS, line], n): TripEvent => {
        switch (kind) {
          case 'in':
            return put(n, atS, line);
          case 'out':
          case 'back':
            return { kind, id: id(n), atS, lines: [line] };
          case 'strike':
            return strike(n, atS, line);
          case 'moved':
            return { kind, id: id(n), atS, line, pointId: 'h3' };
          default:
            return { kind: kind as 'fouled' | 'clean', id: id(n), atS, line };
        }
      }),
    );

  it('is the same on every phone, in whatever order its events came, and however often', () =>
    fc.assert(
      fc.property(someEvents, fc.infiniteStream(fc.nat()), (events, order) => {
        const mixed = [...events, ...events.slice(0, 5)]
          .map((event) => [order.next().value as number, event] as const)
          .sort(([a], [b]) => a - b)
          .map(([, event]) => event);
        expect(tripOf(mixed)).toEqual(tripOf(events));
      }),
    ));

  it('a line never fishes twice at once, and undoing everything leaves nothing', () =>
    fc.assert(
      fc.property(someEvents, (events) => {
        const { stretches } = tripOf(events);
        for (const line of ['a', 'b', 'c']) {
          const own = stretches.filter((stretch) => stretch.line === line);
          own.forEach(({ fromS, toS }, i) => {
            expect(toS ?? Infinity).toBeGreaterThan(fromS);
            if (i > 0) expect(fromS).toBeGreaterThanOrEqual(own[i - 1]!.toS!);
          });
        }
        const undoing = events.map((event, n): TripEvent => ({
          kind: 'undone',
          id: id(1000 + n),
          atS: 9000,
          of: event.id,
        }));
        expect(tripOf([...events, ...undoing])).toEqual({
          opened: null,
          closedS: null,
          lines: [],
          stretches: [],
          strikes: [],
          spells: [],
          crew: [],
          casts: [],
          conditions: [],
          readings: [],
          seen: [],
          touched: [],
          passesS: [],
          track: [],
          unfitting: [],
        });
      }),
    ));

  it('gives hours by what was on the line and what instruments said, and leaves out what is doubtful', () => {
    const events: TripEvent[] = [
      put(1, 0, 'a'),
      put(2, 0, 'b'),
      { kind: 'changed', id: id(3), atS: 1800, line: 'b', what: 'colour', partId: null, name: 'red' },
      strike(4, 2700, 'b'),
      strike(5, 2705, 'b'),
      { kind: 'fouled', id: id(6), atS: 3000, line: 'a' },
    ];
    const depth = { name: 'depth', tS: [0, 2000], values: [5, 15], edges: [10], holdS: 1e5 };
    const { input, apart } = hoursOf(tripOf(events), { untilS: 3600, series: [depth] });
    const { cells } = exposure(input);
    expect(
      cells.map(({ keys, bands, hours, events: found }) => [
        keys['colour'],
        bands['depth'],
        hours * 3600,
        found['strike'] ?? 0,
      ]),
    ).toEqual([
      ['', 0, 1800, 0],
      ['red', 0, 200, 0],
      ['red', 1, 700, 1],
    ]);
    expect(apart).toBe(1);
    const all = exposure(hoursOf(tripOf(events), { untilS: 3600, withDoubtful: true }).input).cells;
    expect(all.reduce((sum, { hours }) => sum + hours * 3600, 0)).toBeCloseTo(5700, 6);
  });

  it('closed, all its lines are in, and what is told later still counts', () => {
    const trip = tripOf([
      {
        kind: 'opened',
        id: id(1),
        atS: 0,
        name: 'Dawn',
        way: 'trolling',
        craftId: 'dunlin',
        crew: ['Skipper'],
        waterName: '',
      },
      put(2, 10, 'a'),
      strike(3, 50, 'a'),
      { kind: 'back', id: id(4), atS: 80, lines: ['a'] },
      { kind: 'closed', id: id(5), atS: 100 },
      told(6, 900, 3, 'landed'),
    ]);
    expect(trip).toMatchObject({ opened: { name: 'Dawn' }, closedS: 100, lines: [{ state: 'out', sinceS: 100 }] });
    expect(trip.stretches.map(({ toS }) => toS)).toEqual([50, 100]);
    expect(trip.strikes[0]!.told!.outcome).toBe('landed');
  });

  it('its events are right as they are sent', () => {
    for (const event of [put(1, 0, 'a'), strike(2, 5, 'a'), told(3, 9, 2, 'landed')])
      expect(tripEventSchema.safeParse(event).success).toBe(true);
    expect(tripEventSchema.safeParse({ ...put(1, 0, 'a'), id: 'x' }).success).toBe(false);
    expect(tripEventSchema.safeParse({ ...strike(1, 0, 'a'), line: '' }).success).toBe(false);
  });
});
