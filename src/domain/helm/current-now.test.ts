import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { flowOf, lengthOf, minus } from '@/core/afloat';
import { helmIdSchema } from '../ids';
import { CHANNEL_NAMES, type ChannelName } from '../instruments/channels';
import { asDirection, turnBetween } from '../instruments/direction';
import {
  alongAcross,
  courseNow,
  facingRad,
  groundSpeedToHold,
  speedAtDepth,
  wayTo,
  type CurrentKnown,
} from './current-here';
import { currentNow, speedAtLures, throughWater } from './current-now';
import { guestHelm, guestMessage } from './guest-helm';
import type { HelmEvent } from './helm-event';
import type { LiveMessage } from './live';
import type { Run } from './runs';
import type { Standing } from './standing';
import { usualHelm } from './usual-helm';

const nowS = 50_000;
const known = (values: Partial<Record<ChannelName, number>>, stale: readonly ChannelName[] = []) =>
  Object.fromEntries(
    CHANNEL_NAMES.map((name) => [
      name,
      {
        value: values[name] ?? null,
        ageS: 1,
        isStale: values[name] === undefined || stale.includes(name),
        isTyped: false,
      },
    ]),
  ) as unknown as Readonly<Record<ChannelName, Standing>>;

/** A run in water that moves, as a boat at this speed through it makes it. */
function run(
  headingRad: number,
  current: { readonly mps: number; readonly towardRad: number },
  toS = nowS - 60,
): HelmEvent {
  const [n, e] = flowOf(0.9, headingRad);
  const [cn, ce] = flowOf(current.mps, current.towardRad);
  const made: Run = {
    fromS: toS - 120,
    toS,
    sogMps: Math.hypot(n + cn, e + ce),
    cogRad: asDirection(Math.atan2(e + ce, n + cn)),
    headingRad,
    waterMps: null,
    probeMps: 0.9,
    probeM: 15,
  };
  return { kind: 'run', id: `run-${headingRad}-${toS}`, atS: toS, ...made } as unknown as HelmEvent;
}

describe('the current as it is known now', () => {
  const current = { mps: 0.25, towardRad: 1.2 };
  const runs = [run(0, current), run(Math.PI, current)];

  it('is whole from runs there and back, whatever the boat does since', () => {
    const found = currentNow(runs, known({}), nowS)!;
    if (found.kind !== 'whole') throw new Error(found.kind);
    expect(found.speedMps).toBeCloseTo(current.mps, 3);
    expect(turnBetween(found.towardRad, current.towardRad)).toBeCloseTo(0, 2);
    expect(found.depthM).toBe(15);
  });

  it('is forgotten after two hours: tides turn', () => {
    const old = [run(0, current, nowS - 7300), run(Math.PI, current, nowS - 7400)];
    expect(currentNow(old, known({}), nowS)).toBeNull();
  });

  it('is that along the course where only speeds are read', () => {
    const standing = known({ sogMps: 1.3, cogRad: 0.5, probeMps: 0.9, probeM: 12 });
    expect(currentNow([], standing, nowS)).toMatchObject({ kind: 'along', courseRad: 0.5, depthM: 12 });
    expect((currentNow([], standing, nowS) as { readonly alongMps: number }).alongMps).toBeCloseTo(0.4, 9);
  });

  it.each([
    ['no probe', known({ sogMps: 1.3, cogRad: 0.5 })],
    ['a probe that was lost', known({ sogMps: 1.3, cogRad: 0.5, probeMps: 0.9 }, ['probeMps'])],
    ['no course', known({ sogMps: 1.3, probeMps: 0.9 })],
    ['a course that is noise', known({ sogMps: 0.2, cogRad: 0.5, probeMps: 0.1 })],
  ])('is not known with %s', (_, standing) => expect(currentNow([], standing, nowS)).toBeNull());

  it('takes where the boat points when it is too slow for the satellites', () => {
    expect([courseNow(0.2, 1, 2), courseNow(0.8, 1, 2), courseNow(0.8, null, 2), courseNow(null, 1, null)]).toEqual([
      2,
      1,
      2,
      null,
    ]);
  });
});

describe('speed where the lures are', () => {
  it('is the probe’s; else by the current; else through the water or over ground', () => {
    const whole: CurrentKnown = { kind: 'whole', speedMps: 0.3, towardRad: 0, depthM: 10 };
    expect(speedAtLures(known({ probeMps: 0.8, sogMps: 1.5, cogRad: 0 }), whole)).toBe(0.8);
    expect(speedAtLures(known({ sogMps: 1.5, cogRad: 0 }), whole)).toBeCloseTo(1.2, 9);
    expect(speedAtLures(known({ sogMps: 1.5, cogRad: Math.PI }), whole)).toBeCloseTo(1.8, 9);
    expect(speedAtLures(known({ waterMps: 1.1, sogMps: 1.5 }), whole)).toBe(1.1);
    expect(speedAtLures(known({ sogMps: 1.5 }), null)).toBe(1.5);
    expect(speedAtLures(known({}), null)).toBeNull();
    expect(throughWater(known({ waterMps: 1.1, sogMps: 1.5 }, ['waterMps']))).toBe(1.5);
  });
});

describe('current and course', () => {
  const direction = fc.double({ min: 0, max: 2 * Math.PI, noNaN: true });
  const speed = fc.double({ min: 0.05, max: 0.6, noNaN: true });

  it('along and across make up the whole, on every course', () =>
    fc.assert(
      fc.property(direction, direction, speed, (courseRad, towardRad, speedMps) => {
        const { alongMps, acrossMps } = alongAcross({ kind: 'whole', speedMps, towardRad, depthM: null }, courseRad)!;
        expect(Math.hypot(alongMps, acrossMps!)).toBeCloseTo(speedMps, 9);
        const other = alongAcross({ kind: 'whole', speedMps, towardRad, depthM: null }, courseRad + Math.PI)!;
        expect(other.alongMps).toBeCloseTo(-alongMps, 9);
      }),
    ));

  it('the speed over ground that holds a speed through the water gives that speed there', () =>
    fc.assert(
      fc.property(direction, direction, speed, (courseRad, towardRad, speedMps) => {
        const whole: CurrentKnown = { kind: 'whole', speedMps, towardRad, depthM: null };
        const sog = groundSpeedToHold(whole, courseRad, 0.9);
        if (sog === null) return;
        expect(speedAtDepth(whole, courseRad, sog)).toBeCloseTo(0.9, 6);
        expect(lengthOf(minus(flowOf(sog, courseRad), flowOf(speedMps, towardRad)))).toBeCloseTo(0.9, 6);
      }),
    ));

  it('known along one course it says nothing of others, and nothing of where it comes from', () => {
    const along: CurrentKnown = { kind: 'along', alongMps: 0.2, courseRad: 1, depthM: null };
    expect(alongAcross(along, 1.1)).toEqual({ alongMps: 0.2, acrossMps: null });
    expect(alongAcross(along, 2.5)).toBeNull();
    expect(groundSpeedToHold(along, 2.5, 1)).toBeNull();
    expect(groundSpeedToHold(along, 1, 1)).toBeCloseTo(1.2, 9);
    expect(speedAtDepth(along, 1, 1.2)).toBeCloseTo(1, 9);
    expect(facingRad(along)).toBeNull();
    expect(facingRad({ kind: 'whole', speedMps: 0.2, towardRad: 0.5, depthM: null })).toBeCloseTo(0.5 + Math.PI, 9);
  });

  it('the way to a place is as long there as back, and the other way round, across the date line too', () =>
    fc.assert(
      fc.property(
        fc.double({ min: -60, max: 60, noNaN: true }),
        fc.double({ min: -180, max: 180, noNaN: true }),
        fc.double({ min: -0.02, max: 0.02, noNaN: true }),
        fc.double({ min: -0.02, max: 0.02, noNaN: true }),
        (latDeg, lonDeg, north, east) => {
          const [a, b] = [
            { latDeg, lonDeg },
            { latDeg: latDeg + north, lonDeg: ((lonDeg + east + 540) % 360) - 180 },
          ];
          const [there, back] = [wayTo(a, b), wayTo(b, a)];
          expect(there.distanceM).toBeCloseTo(back.distanceM, 3);
          expect(there.distanceM).toBeLessThan(3500);
          if (there.distanceM > 1)
            expect(Math.abs(turnBetween(there.bearingRad + Math.PI, back.bearingRad))).toBeLessThan(1e-3);
        },
      ),
    ));
});

describe('the helm as a guest hears it', () => {
  const document = {
    ...usualHelm(helmIdSchema.parse('helm-1')),
    connections: [{ id: 'c', name: 'Multiplexer', kind: 'tcp', host: '192.168.1.7', port: 10110 }],
  } as unknown as ReturnType<typeof usualHelm>;
  const helm = { document, version: 3 };

  it('has its figures, and not where the instruments are reached', () => {
    expect(guestHelm(document)).toMatchObject({ figures: document.figures, connections: [], routes: [] });
  });

  it('says readings, and nothing of who typed or answered what', () => {
    const readings: LiveMessage = { kind: 'readings', readings: [['probeC', 1, 7]] };
    expect(guestMessage(readings)).toBe(readings);
    const event = { kind: 'event', event: run(0, { mps: 0, towardRad: 0 }) } as LiveMessage;
    const logged = { kind: 'logged', tripId: 'trip', ids: [] } as unknown as LiveMessage;
    expect([event, logged, { kind: 'links', links: [] } as LiveMessage].map(guestMessage)).toEqual([null, null, null]);
    const hello = {
      kind: 'hello',
      nowS,
      tracks: {},
      links: [{ id: 'c' }],
      events: [event],
      helm,
      reads: true,
    } as unknown as LiveMessage;
    for (const message of [hello, { kind: 'helm', helm } as LiveMessage])
      expect(JSON.stringify(guestMessage(message))).not.toMatch(/192\.168|Multiplexer|run-/);
  });
});
