import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { alarmsOf, crossedAt } from './alarms';
import { bottomAhead } from './bottom-ahead';
import {
  alongAcross,
  alongCurrent,
  courseNow,
  facingRad,
  groundSpeedToHold,
  speedAtDepth,
  wayTo,
} from './current-here';
import { figureOf, outsideForS } from './figure';
import { helmSchema, type Helm } from './helm';
import type { HelmEvent } from './helm-event';
import { breakOf, layerTemperature, profileOf } from './profile';
import { fitOf, takenRun, together, wholeCurrent, type Run } from './runs';
import { standingOf } from './standing';
import { Tracks } from './tracks';
import { corrected, usualHelm } from './usual-helm';
import type { HelmId } from '../ids';
import type { ChannelName } from '../instruments/channels';

const NOW = 1_000_000;
const usual = usualHelm('helm-1' as HelmId);
const eventId = '0b7c3c1e-7f6f-4b70-9d69-5b8f4a0e6a11';

/** Readings once a second up to now. */
function tracksOf(channels: Partial<Record<ChannelName, (agoS: number) => number | null>>, forS = 400): Tracks {
  const tracks = new Tracks();
  for (let agoS = forS; agoS >= 0; agoS -= 1)
    for (const [channel, of] of Object.entries(channels)) {
      const value = of(agoS);
      if (value !== null) tracks.record(channel as ChannelName, NOW - agoS, value);
    }
  return tracks;
}

describe('Tracks', () => {
  it('keep the mean of each second, of directions the short way', () => {
    const tracks = new Tracks();
    for (const value of [1, 2, 3]) tracks.record('sogMps', 10.2, value);
    for (const value of [0.1, 2 * Math.PI - 0.1]) tracks.record('cogRad', 10.5, value);
    tracks.record('sogMps', 11, 9);
    expect(tracks.of('sogMps')).toMatchObject({ tS: [10, 11], values: [2, 9], readS: 11 });
    expect(Math.cos(tracks.of('cogRad').values[0]!)).toBeCloseTo(1, 9);
  });

  it('remember the last minutes only, and begin anew when the clock goes back', () => {
    const tracks = tracksOf({ sogMps: () => 1 }, 2000);
    expect(tracks.of('sogMps').tS.length).toBeLessThan(1000);
    tracks.record('sogMps', NOW - 60, 2);
    expect(tracks.of('sogMps')).toMatchObject({ tS: [NOW - 60], values: [2] });
  });

  it('are the same after they were sent', () => {
    const tracks = tracksOf({ sogMps: (ago) => ago / 100, headingRad: () => 1 }, 30);
    expect(Tracks.from(tracks.whole()).whole()).toEqual(tracks.whole());
  });

  it('take over kept blocks, unless something was read since', () => {
    const tracks = new Tracks();
    tracks.record('sogMps', 605, 5);
    const values = { sogMps: [1, 2, null], probeC: [8, null, 9] };
    tracks.begin([{ startS: 600, values }], 601);
    expect(tracks.of('sogMps').values).toEqual([5]);
    expect(tracks.of('probeC')).toMatchObject({ tS: [602], values: [9] });
  });
});

describe('figureOf', () => {
  const options = { nowS: NOW, smoothingS: 8, staleS: 15 };

  it('smooths over its seconds, and knows its age, its trend and its minute', () => {
    const track = tracksOf({ sogMps: (ago) => 1 + (ago < 30 ? (30 - ago) * 0.01 : 0) }).of('sogMps');
    const figure = figureOf('sogMps', track, options);
    expect(figure.value).toBeCloseTo(1.26, 2);
    expect(figure).toMatchObject({ ageS: 0, isStale: false, over30S: 'rising' });
    expect(figure.minute!.mean).toBeCloseTo(1.08, 1);
  });

  it('is stale after its time, and says nothing but its last value then', () => {
    const track = tracksOf({ sogMps: (ago) => (ago > 20 ? 1 : null) }).of('sogMps');
    expect(figureOf('sogMps', track, options)).toMatchObject({
      value: 1,
      ageS: 21,
      isStale: true,
      over30S: null,
      minute: null,
    });
    expect(figureOf('sogMps', new Tracks().of('sogMps'), options)).toMatchObject({ value: null, ageS: null });
  });

  it('a heading that turns through north rises steadily', () =>
    expect(
      figureOf(
        'headingRad',
        tracksOf({ headingRad: (ago) => (6 + (400 - ago) * 0.01) % (2 * Math.PI) }).of('headingRad'),
        options,
      ).over30S,
    ).toBe('rising'));

  it('has been outside since the smoothed value left', () => {
    const track = tracksOf({ probeMps: (ago) => (ago <= 40 ? 0.9 : 1.1) }).of('probeMps');
    expect(outsideForS(track, { from: 1, to: 1.3 }, 8)).toBeGreaterThan(33);
    expect(outsideForS(track, { from: 0.8, to: 1.3 }, 8)).toBe(0);
  });
});

describe('alarms', () => {
  const helm: Helm = {
    ...usual,
    figures: [{ channel: 'probeMps', wanted: { from: 1, to: 1.3 }, alarm: true }, usual.figures[1]!, usual.figures[2]!],
    breakC: 9,
    clearM: 4,
  };
  const alarms = (
    tracks: Tracks,
    { events = [] as HelmEvent[], bottom = null as ReturnType<typeof bottomAhead> } = {},
  ) => alarmsOf({ helm, tracks, standing: standingOf(tracks, { helm, events, nowS: NOW }), events, bottom, nowS: NOW });

  it('sound for a figure that has left its window, not for a gust', () => {
    expect(alarms(tracksOf({ probeMps: (ago) => (ago <= 3 ? 0.2 : 1.1) }))).toEqual([]);
    expect(alarms(tracksOf({ probeMps: (ago) => (ago <= 40 ? 0.9 : 1.1) }))).toMatchObject([
      { key: 'below probeMps', kind: 'below', isSilenced: false },
    ]);
  });

  it('sound for a reading that was lost, a break that was crossed and a bottom that is near', () => {
    const tracks = tracksOf({ sogMps: (ago) => (ago > 40 ? 1 : null), probeC: (ago) => (ago > 30 ? 10 : 8) });
    expect(crossedAt(tracks, 9, NOW)).toBeGreaterThan(NOW - 32);
    const bottom = { name: 'a', clearM: 2, touchesInS: null };
    expect(alarms(tracks, { bottom }).map(({ key }) => key)).toEqual(['lost sogMps', 'break', 'bottom']);
  });

  it('are silenced until they come anew', () => {
    const events: HelmEvent[] = [{ kind: 'silenced', id: eventId, atS: NOW - 10, keys: ['below probeMps'] }];
    const tracks = tracksOf({ probeMps: (ago) => (ago <= 40 ? 0.9 : 1.1) });
    expect(alarms(tracks, { events })).toMatchObject([{ isSilenced: true }]);
    const since: HelmEvent[] = [{ ...events[0]!, atS: NOW - 200 }];
    expect(alarms(tracks, { events: since })).toMatchObject([{ isSilenced: false }]);
  });

  it('a reading that was typed is not lost after a quarter of a minute', () => {
    const tracks = tracksOf({ sogMps: (ago) => (ago === 120 ? 1 : null) });
    const events: HelmEvent[] = [
      { kind: 'typed', id: eventId, atS: NOW - 120, readings: [{ channel: 'sogMps', value: 1 }] },
    ];
    expect(standingOf(tracks, { helm, events, nowS: NOW }).sogMps).toMatchObject({ isTyped: true, isStale: false });
    expect(alarms(tracks, { events })).toEqual([]);
    expect(alarms(tracks)).toMatchObject([{ key: 'lost sogMps' }]);
  });
});

describe('bottomAhead', () => {
  const soundings = tracksOf({ bottomM: (ago) => (ago <= 20 && ago > 10 ? 14 : 30) }).of('bottomM');

  it('counts the seconds until what hangs behind comes to what was sounded', () => {
    // A hump was sounded 20 s ago; 40 m behind at 1 m/s a lure is there in 20 s.
    const found = bottomAhead(soundings, { nowS: NOW, sogMps: 1, hanging: [{ name: 'a', depthM: 18, laybackM: 40 }] });
    expect(found).toEqual({ name: 'a', clearM: -4, touchesInS: 20 });
  });

  it('names the one that comes nearest, and none that has passed it', () => {
    const hanging = [
      { name: 'deep and close', depthM: 20, laybackM: 2 },
      { name: 'shallow and far', depthM: 12, laybackM: 60 },
    ];
    expect(bottomAhead(soundings, { nowS: NOW, sogMps: 1, hanging })).toEqual({
      name: 'shallow and far',
      clearM: 2,
      touchesInS: null,
    });
    expect(bottomAhead(soundings, { nowS: NOW, sogMps: null, hanging: [hanging[0]!] })).toMatchObject({ clearM: 10 });
    expect(bottomAhead(new Tracks().of('bottomM'), { nowS: NOW, sogMps: 1, hanging })).toBeNull();
  });
});

describe('a drop', () => {
  it('makes layers of the way down, and finds the break', () => {
    const down = (ago: number) => Math.min(20, (60 - ago) * 0.4);
    const tracks = tracksOf(
      {
        probeM: down,
        probeC: (ago) => (down(ago) < 10 ? 15 : down(ago) < 12 ? 15 - 3 * (down(ago) - 10) : 9),
        probeMps: () => 1.1,
      },
      60,
    );
    const profile = profileOf(tracks, NOW - 60, NOW);
    expect(profile.layers.at(0)!.depthM).toBe(0);
    expect(profile.layers.at(-1)!.depthM).toBe(20);
    expect(profile.breakM).toBeCloseTo(11, 0);
    expect(profile.breakKPm).toBeLessThan(-2);
    expect(layerTemperature(profile.layers)(11)).toBeGreaterThan(9);
    expect(layerTemperature(profile.layers)(25)).toBeNull();
  });

  it('has no break in mixed water, and no layers where the depth is not read', () => {
    expect(breakOf([0, 2, 4, 6].map((depthM) => ({ depthM, temperatureC: 9 - depthM / 20, speedMps: null })))).toEqual({
      breakM: null,
      breakKPm: null,
    });
    expect(profileOf(tracksOf({ probeC: () => 9 }), NOW - 60, NOW).layers).toEqual([]);
  });
});

describe('current', () => {
  it('is known along one course only, and not used on courses more than 30° away', () => {
    const known = alongCurrent(1.4, 1, 1.1, 18);
    expect(alongAcross(known, 1.4)).toMatchObject({ acrossMps: null });
    expect(alongAcross(known, 1.4)!.alongMps).toBeCloseTo(0.3, 9);
    expect(alongAcross(known, 1.6)).toBeNull();
    expect(groundSpeedToHold(known, 1, 1.2)).toBeCloseTo(1.5, 9);
    expect(groundSpeedToHold(known, 1 + Math.PI, 1.2)).toBeNull();
    expect(speedAtDepth(known, 3, 1)).toBeNull();
    expect(facingRad(known)).toBeNull();
  });

  it('whole, holds what is wanted at the lure on every course where it can', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 0.8, noNaN: true }),
        fc.double({ min: 0, max: 6.28, noNaN: true }),
        fc.double({ min: 0, max: 6.28, noNaN: true }),
        (speedMps, towardRad, course) => {
          const known = { kind: 'whole' as const, speedMps, towardRad, depthM: null };
          const ground = groundSpeedToHold(known, course, 1);
          if (ground !== null) expect(speedAtDepth(known, course, ground)).toBeCloseTo(1, 9);
        },
      ),
    ));

  it('takes the heading where the boat is too slow for the satellites', () => {
    expect(courseNow(0.4, 1, 2)).toBe(2);
    expect(courseNow(0.6, 1, 2)).toBe(1);
    expect(courseNow(0.4, 1, null)).toBeNull();
  });

  it('knows the way back to a place', () => {
    const { distanceM, bearingRad } = wayTo({ latDeg: 46.5, lonDeg: 179.999 }, { latDeg: 46.5, lonDeg: -179.999 });
    expect(distanceM).toBeCloseTo(153, 0);
    expect(bearingRad).toBeCloseTo(Math.PI / 2, 3);
  });
});

describe('runs', () => {
  const run = (headingRad: number, fromS: number, probeM = 18): Run => {
    // 0.3 m/s of current toward the north, a probe that reads a twentieth too little.
    const [n, e] = [1.2 * Math.cos(headingRad) + 0.3, 1.2 * Math.sin(headingRad)];
    return {
      fromS,
      toS: fromS + 120,
      sogMps: Math.hypot(n, e),
      cogRad: (Math.atan2(e, n) + 2 * Math.PI) % (2 * Math.PI),
      headingRad,
      waterMps: null,
      probeMps: 1.2 / 1.05,
      probeM,
    };
  };

  it('there and back tell the scale and the whole current; one alone does not', () => {
    const runs = [run(0.5, 1000), run(0.5 + Math.PI, 1200)];
    expect(fitOf(runs, 'probeMps')).toMatchObject({ outcome: 'fitted' });
    expect(fitOf(runs, 'probeMps')!.scale).toBeCloseTo(1.05, 6);
    const current = wholeCurrent(runs)!;
    expect(current).toMatchObject({ kind: 'whole', depthM: 18 });
    expect(fitOf(runs, 'waterMps')).toBeNull();
    expect(wholeCurrent(runs.slice(1))).toBeNull();
  });

  it('belong together at one depth of the probe', () =>
    expect(together([run(0, 1000, 10), run(1, 1200), run(2, 1400)]).map(({ fromS }) => fromS)).toEqual([1400, 1200]));

  it('are taken of what was read, or refused with the reason', () => {
    const tracks = tracksOf({
      sogMps: () => 1.4,
      cogRad: () => 1,
      headingRad: (ago) => (ago > 200 ? 2 : 1),
      probeMps: () => 1.1,
    });
    expect(takenRun(tracks, NOW - 120, NOW)).toMatchObject({
      kind: 'run',
      run: { sogMps: expect.closeTo(1.4, 9), probeMps: expect.closeTo(1.1, 9), waterMps: null },
    });
    expect(takenRun(tracks, NOW - 10, NOW)).toEqual({ kind: 'refused', why: 'too-short' });
    expect(takenRun(tracks, NOW - 380, NOW)).toEqual({ kind: 'refused', why: 'not-straight' });
    expect(takenRun(tracksOf({ sogMps: () => 1, cogRad: () => 1 }), NOW - 60, NOW)).toEqual({
      kind: 'refused',
      why: 'no-sensor',
    });
    expect(takenRun(tracksOf({ probeMps: () => 1 }), NOW - 60, NOW)).toEqual({
      kind: 'refused',
      why: 'no-ground-speed',
    });
    expect(takenRun(tracksOf({ sogMps: () => 1, probeMps: () => 1 }), NOW - 60, NOW)).toEqual({
      kind: 'refused',
      why: 'no-heading',
    });
  });

  it('correct a sensor by the newest calibration of its own', () => {
    const calibrations: Helm['calibrations'] = [1.1, 1.05].map((scale, i) => ({
      sensor: 'waterMps',
      scale,
      offsetMps: 0.02,
      residualMps: 0.01,
      runs: 2,
      takenAt: `2026-06-1${i}T05:00:00.000Z`,
    }));
    expect(corrected({ calibrations }, 'waterMps', 2)).toBeCloseTo(2.12, 9);
    expect(corrected({ calibrations }, 'probeMps', 2)).toBe(2);
  });
});

describe('the helm document', () => {
  it('is right as usual', () => expect(helmSchema.safeParse(usual).success).toBe(true));

  it.each([
    [
      'a host that is an option',
      { connections: [{ id: 'a', name: '', kind: 'tcp', host: '-oProxy', port: 1, needsChecksum: true, on: true }] },
    ],
    [
      'a host that is a path',
      { connections: [{ id: 'a', name: '', kind: 'tcp', host: '/dev/tty', port: 1, needsChecksum: true, on: true }] },
    ],
    [
      'a port beyond the last',
      {
        connections: [
          { id: 'a', name: '', kind: 'udp', host: '127.0.0.1', port: 70_000, needsChecksum: true, on: true },
        ],
      },
    ],
    [
      'a window that ends before it begins',
      { figures: [{ channel: 'sogMps', wanted: { from: 2, to: 1 }, alarm: true }, ...usual.figures.slice(1)] },
    ],
    [
      'a window that a channel cannot have',
      { figures: [{ channel: 'probeC', wanted: { from: 8, to: 90 }, alarm: true }, ...usual.figures.slice(1)] },
    ],
    ['two large figures', { figures: usual.figures.slice(1) }],
    ['a row for what is worked out', { routes: [{ source: 'VTG.speed', channel: 'currentMps' }] }],
    ['a source that is none', { routes: [{ source: 'speed', channel: 'sogMps' }] }],
  ])('refuses %s', (_name, change) => expect(helmSchema.safeParse({ ...usual, ...change }).success).toBe(false));
});
