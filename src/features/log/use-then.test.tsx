import { cleanup } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Helm } from '@/domain/helm/helm';
import { Tracks } from '@/domain/helm/tracks';
import { usualHelm } from '@/domain/helm/usual-helm';
import { helmIdSchema } from '@/domain/ids';
import type { ChannelName } from '@/domain/instruments/channels';
import type { SolvedLine } from '@/domain/spread/solve';
import { doing, inAPage } from '../../../tests/helpers/in-a-page';
import { useHere } from './use-here';
import { useThen } from './use-then';

const NOW_S = 1_750_000_000;
/** Readings of one a second over the last seconds, each as many as are given. */
const tracksOf = (read: Partial<Record<ChannelName, number>>, { forS = 120, untilS = NOW_S } = {}): Tracks => {
  const tracks = new Tracks();
  for (const [channel, value] of Object.entries(read))
    for (let s = untilS - forS; s <= untilS; s += 1) tracks.record(channel as ChannelName, s, value);
  return tracks;
};
interface Given {
  readonly read?: Tracks | null;
  readonly here?: Tracks;
  readonly aheadS?: number;
  readonly helm?: Helm | null;
  readonly solved?: ReadonlyMap<string, SolvedLine>;
}
const so = ({ read = null, here = new Tracks(), aheadS = 0, helm = null, solved = new Map() }: Given) =>
  inAPage(() =>
    useThen({
      live: { heard: read && { tracks: read, aheadS }, nowS: NOW_S, line: 'open' } as never,
      here,
      solved,
      helm,
    }),
  ).result.current;
const line = (id: string, depthsAt: SolvedLine['depthsAt']) =>
  new Map([[id, { id, depthsAt } as unknown as SolvedLine]]);

describe('what was so at a strike', () => {
  it('is what the instruments read, and how deep the lure ran at that speed', () => {
    const depths = line('deep', [
      { speedMps: 1, depthM: 12 },
      { speedMps: 2, depthM: 8 },
    ]);
    const { then, throughMps } = so({ read: tracksOf({ waterMps: 1.5, probeC: 9 }), solved: depths });
    expect(then('deep', NOW_S)).toMatchObject({ waterMps: 1.5, probeC: 9, lureM: 10, latDeg: null });
    expect(then('another', NOW_S)).toMatchObject({ waterMps: 1.5, lureM: null });
    expect(throughMps).toBeCloseTo(1.5, 12);
  });

  it('is nothing where nothing was read', () => {
    const { then, throughMps } = so({});
    expect(then('deep', NOW_S)).toBeNull();
    expect(throughMps).toBeNull();
    expect(then.readings(NOW_S)).toEqual([]);
  });

  it('is of this phone’s clock, though the server’s is ahead', () => {
    const read = new Tracks();
    for (let s = 0; s < 200; s += 1) read.record('waterMps', NOW_S - 200 + s, s < 150 ? 1 : 2);
    const { then } = so({ read, aheadS: 30 });
    expect(then('deep', NOW_S - 90)?.waterMps).toBeCloseTo(1, 9);
    expect(then('deep', NOW_S - 40)?.waterMps).toBeCloseTo(2, 9);
  });

  it('takes the speed over ground where none through the water is known', () => {
    const depths = line('deep', [{ speedMps: 1, depthM: 12 }]);
    const { then, throughMps } = so({ read: tracksOf({ sogMps: 1 }), solved: depths });
    expect(throughMps).toBeCloseTo(1, 12);
    expect(then('deep', NOW_S)?.lureM).toBeCloseTo(12, 12);
  });

  it('keeps a reading as it was read, and works out by what it means', () => {
    const helm: Helm = {
      ...usualHelm(helmIdSchema.parse('helm-lake')),
      calibrations: [
        {
          sensor: 'waterMps',
          scale: 1.2,
          offsetMps: 0,
          residualMps: 0.02,
          runs: 4,
          takenAt: '2026-06-01T06:00:00Z',
        },
      ],
    };
    const depths = line('deep', [
      { speedMps: 1, depthM: 12 },
      { speedMps: 2, depthM: 7 },
    ]);
    const { then, throughMps } = so({ read: tracksOf({ waterMps: 1 }), helm, solved: depths });
    expect(throughMps).toBeCloseTo(1.2, 12);
    expect(then('deep', NOW_S)).toMatchObject({ waterMps: 1, lureM: expect.closeTo(11, 9) as number });
  });
});

describe('where the boat was', () => {
  const phone = tracksOf({ latDeg: 60, lonDeg: 20, sogMps: 1.1 });
  it('is told by the instruments while they are fresh', () => {
    const { then } = so({ read: tracksOf({ latDeg: 10, lonDeg: 11 }), here: phone });
    expect(then('deep', NOW_S)).toMatchObject({ latDeg: 10, lonDeg: 11 });
  });

  it('is told by the phone where they have no position, or had one long ago', () => {
    expect(so({ read: tracksOf({ probeC: 8 }), here: phone }).then('deep', NOW_S)).toMatchObject({
      latDeg: 60,
      lonDeg: 20,
      sogMps: expect.closeTo(1.1, 9) as number,
      probeC: 8,
    });
    const old = tracksOf({ latDeg: 10, lonDeg: 11 }, { untilS: NOW_S - 600 });
    expect(so({ read: old, here: phone }).then('deep', NOW_S)?.latDeg).toBe(60);
  });

  it('is on the server’s clock like all else', () => {
    const { then } = so({ read: tracksOf({ probeC: 8 }), here: phone, aheadS: 1000 });
    expect(then('deep', NOW_S)?.latDeg).toBe(60);
  });
});

describe('what is drawn of it', () => {
  it('readings that are kept alone are those that an instrument sends', () => {
    const { then } = so({ read: tracksOf({ probeC: 8.2, probeMps: 1.3 }) });
    expect(then.readings(NOW_S)).toEqual(
      expect.arrayContaining([
        { channel: 'probeC', value: expect.closeTo(8.2, 9) as number },
        { channel: 'probeMps', value: expect.closeTo(1.3, 9) as number },
      ]),
    );
    expect(then.readings(NOW_S)).toHaveLength(2);
  });

  it('the boat’s speed is drawn every five seconds, on this phone’s clock', () => {
    const { speeds, boatTrack } = so({ read: tracksOf({ waterMps: 1.4, sogMps: 2 }, { forS: 50 }), aheadS: 7 });
    expect(speeds).toHaveLength(11);
    expect(speeds[0]).toEqual({ tS: NOW_S - 57, mps: 1.4 });
    expect(boatTrack.tS.at(-1)).toBe(NOW_S - 7);
  });
});

describe('the phone’s own position', () => {
  const receiver = { tell: null as ((position: unknown) => void) | null, fail: null as ((e: unknown) => void) | null };
  let points: (readonly (readonly number[])[])[] = [];
  beforeEach(() => {
    vi.useFakeTimers({ now: NOW_S * 1000 });
    points = [];
    vi.stubGlobal('isSecureContext', true);
    vi.stubGlobal('navigator', {
      geolocation: {
        watchPosition: (tell: typeof receiver.tell, fail: typeof receiver.fail) => {
          Object.assign(receiver, { tell, fail });
          return 1;
        },
        clearWatch: () => Object.assign(receiver, { tell: null, fail: null }),
      },
    });
  });
  afterEach(() => {
    cleanup();
    vi.useRealTimers();
    vi.unstubAllGlobals();
  });
  const here = () => inAPage(() => useHere((kept) => points.push(kept)));
  const at = (s: number, coords: object = {}) =>
    doing(() =>
      receiver.tell!({
        timestamp: (NOW_S + s) * 1000,
        coords: { latitude: 60 + s / 1e4, longitude: 20, speed: null, heading: null, ...coords },
      }),
    );

  it('is kept as a track, a point every five seconds and an entry a minute', async () => {
    const { result } = here();
    await doing(() => result.current.start());
    for (let s = 0; s < 30; s += 1) await at(s);
    expect(points).toEqual([]);
    await doing(() => vi.advanceTimersByTimeAsync(60_000));
    expect(points).toHaveLength(1);
    expect(points[0]!.map(([tS]) => tS! - NOW_S)).toEqual([0, 5, 10, 15, 20, 25]);
    await doing(() => vi.advanceTimersByTimeAsync(60_000));
    expect(points).toHaveLength(1);
  });

  it('is kept at once where the page goes out of sight, or the phone is asked to stop', async () => {
    const { result } = here();
    await doing(() => result.current.start());
    await at(0);
    await doing(() => document.dispatchEvent(new Event('visibilitychange')));
    expect(points).toHaveLength(1);
    await at(6);
    await doing(() => result.current.stop());
    expect(points).toHaveLength(2);
    expect(receiver.tell).toBeNull();
  });

  it('is there for strikes too, with speed and course where the phone knows them', async () => {
    const { result } = here();
    await doing(() => result.current.start());
    await at(1, { speed: 1.5, heading: 90 });
    await at(2, { heading: Number.NaN });
    const { tracks } = result.current;
    expect(tracks.newest('latDeg')?.value).toBeCloseTo(60.0002, 9);
    expect(tracks.newest('sogMps')).toEqual({ value: 1.5, readS: NOW_S + 1 });
    expect(tracks.newest('cogRad')?.value).toBeCloseTo(Math.PI / 2, 9);
  });

  it('that is refused, not found or not allowed is said', async () => {
    const { result } = here();
    await doing(() => result.current.start());
    await doing(() => receiver.fail!({ code: 2, PERMISSION_DENIED: 1 }));
    expect(result.current).toMatchObject({ on: true, problem: 'no-position' });
    await at(1);
    expect(result.current.problem).toBeNull();
    await doing(() => receiver.fail!({ code: 1, PERMISSION_DENIED: 1 }));
    expect(result.current).toMatchObject({ on: false, problem: 'refused' });
    vi.stubGlobal('isSecureContext', false);
    await doing(() => result.current.start());
    expect(result.current.problem).toBe('not-secure');
  });
});
