import { describe, expect, it } from 'vitest';
import { demoFile } from '../../../../tests/helpers/demo';
import { sampleOf } from '@/domain/sample-rig';
import type { RigId } from '@/domain/rigs';
import { STANDARD_GRAVITY_MPS2 as g } from '../../base/constants';
import { EMPTY_HOUSE, type Presentation, type Setup } from '../../tackle';
import { evaluate } from './evaluate';

const wall: Setup = demoFile('setup-drowned-wall');
const wanting = (setup: Setup, wanted: object, more: object = {}): Setup => ({
  ...setup,
  presentation: { ...setup.presentation, ...more, wanted: { ...setup.presentation.wanted, ...wanted } } as Presentation,
});
const sample = (rig: RigId): Setup => ({ ...sampleOf(rig), house: EMPTY_HOUSE });
const balance = (setup: Setup) => evaluate(setup).verdicts.balance;
const [end] = evaluate(wall).figures.balance.ends;
const pitch = end!.pitchRad;
const rad = (degrees: number) => (degrees * Math.PI) / 180;

describe('the attitude', () => {
  it.each([
    ['what it is', 0, 'sound'],
    ['7° off', 7, 'sound'],
    ['9° off', 9, 'edge'],
    ['14° off', 14, 'edge'],
    ['16° off', 16, 'fails'],
    ['16° off the other way', -16, 'fails'],
  ] as const)('wanted %s is marked by its steps', (_name, offDegrees, mark) =>
    expect(balance(wanting(wall, { attitude: { kind: 'own', pitchRad: pitch + rad(offDegrees) } })).mark).toBe(mark),
  );

  it('has its scale about what is wanted', () => {
    const { limits } = balance(wanting(wall, { attitude: { kind: 'nose-up' } }));
    expect(limits!.soundTo! - limits!.soundFrom!).toBeCloseTo(rad(16), 12);
    expect((limits!.failsAbove! + limits!.failsBelow!) / 2).toBeCloseTo(0.35, 12);
  });

  it('is not judged where none is asked, and still said', () => {
    const { mark, limits, value, reasons } = balance(wanting(wall, { attitude: { kind: 'any' } }));
    expect([mark, limits, value]).toEqual(['sound', null, pitch]);
    expect(reasons[0]!.code).toBe('balance-pitch-any');
  });

  it('is read pulled at a working speed and at rest on slack line', () => {
    expect(end!.read).toBe('pulled');
    const [slack] = evaluate(wanting(wall, {}, { speedMps: 0.1 })).figures.balance.ends;
    expect([slack!.read, slack!.pitchRad]).toEqual(['rest', slack!.trim.pitchFallingRad]);
  });

  it('of lipped lures and lures on the surface is read at rest whatever the speed', () => {
    for (const rig of ['plug', 'towed-minnow', 'hollow-topwater'] as const)
      expect(evaluate(sample(rig)).figures.balance.ends[0]!.read).toBe('rest');
    expect(evaluate(sample('jerked-plug')).figures.balance.ends[0]!.read).toBe('pulled');
  });

  it('is none of a bare hook or a spoon', () => {
    for (const rig of ['fast-head', 'spoon'] as const)
      expect(balance(sample(rig))).toMatchObject({ value: null, reasons: [{ code: 'balance-nothing-swims' }] });
  });

  it('of two baits is that of the one that lies farther off', () => {
    const tandem = sample('tandem');
    const { ends } = evaluate(tandem).figures.balance;
    expect(ends).toHaveLength(2);
    expect(Math.abs(balance(tandem).value!)).toBe(Math.max(...ends.map(({ pitchRad }) => Math.abs(pitchRad))));
  });

  it('goes down at the tail with a heavier stinger, and levels with speed', () => {
    const big = demoFile('setup-big-tail');
    const heavy: Setup = {
      ...big,
      parts: big.parts.map((part) =>
        part.kind === 'hook' ? { ...part, massKg: { ...part.massKg, value: 0.02 } } : part,
      ),
    };
    expect(evaluate(heavy).figures.balance.ends[0]!.pitchRad).toBeGreaterThan(
      evaluate(big).figures.balance.ends[0]!.pitchRad,
    );
    const at = (speedMps: number) =>
      Math.abs(evaluate(wanting(wall, {}, { speedMps })).figures.balance.ends[0]!.pitchRad);
    expect(at(0.4)).toBeGreaterThan(at(0.8));
    expect(at(0.8)).toBeGreaterThan(at(1.6));
  });
});

it('weighs a rig in water as its parts do one by one', () => {
  // Offset 3/0 of steel, 10 g of tungsten that rides with it, 15.8 g of salted vinyl, in water of nine degrees.
  const rho = 999.78;
  const net = (kg: number, density: number) => kg * (1 - rho / density) * g;
  const hook = wall.parts.find(({ kind }) => kind === 'hook')!;
  const expected = net('massKg' in hook ? hook.massKg!.value : 0, 7850) + net(0.01, 17500) + net(0.0158, 1180);
  expect(end!.trim.netWeightN).toBeCloseTo(expected, 4);
});

describe('hook and body', () => {
  const [hook] = end!.hooks;
  it('leave clear what the bitten body does not fill', () => {
    // 17 mm high, 0.958 of that where the point comes out, 42 % of it left between shank and point.
    expect(hook!.gapM - hook!.clearGapM!).toBeCloseTo(0.42 * 0.017 * 0.958, 4);
    expect(hook!.askedGapM).toBeCloseTo(0.4 * hook!.gapM, 12);
  });
  it('are marked by the gap that is left', () => {
    const gapped = (gapMm: number): Setup => ({
      ...wall,
      parts: wall.parts.map((part) =>
        part.kind === 'hook' ? { ...part, gapM: { ...part.gapM, value: gapMm / 1e3 } } : part,
      ),
    });
    expect([13, 10.5, 8].map((gap) => balance(gapped(gap)).mark)).toEqual(['sound', 'edge', 'fails']);
    expect(balance(gapped(8)).reasons.map(({ code }) => code)).toContain('balance-gap');
    expect(evaluate(gapped(8)).figures.balance.pointsInReach).toBe(0);
  });
  it('count the points that can catch: one, two of a treble, both hooks of a snell', () => {
    const points = (rig: RigId) => evaluate(sample(rig)).figures.balance.pointsInReach;
    expect([points('jig-head'), points('spoon'), points('live-bait-snell'), points('big-bait-stinger')]).toEqual([
      1, 2, 2, 3,
    ]);
  });
  it('say how much of a live bait trails behind the last hook', () => {
    const [live] = evaluate(sample('live-bait-snell')).figures.balance.ends;
    expect(live!.pastHookM!).toBeGreaterThan(0);
    expect(live!.pastHookM!).toBeLessThan(live!.bodyLengthM!);
    expect(end!.pastHookM).toBeNull();
  });
});

describe('towed rigs', () => {
  const harness = demoFile('setup-crawler-harness');
  it('have Carry and Depth in Throw and Fall, and set by the sweep when the rod is in the hand', () => {
    const { verdicts, figures } = evaluate(harness);
    expect([verdicts.throw, verdicts.fall]).toMatchObject([
      { unit: '1', value: figures.tow!.dropShare },
      { unit: 'm', value: figures.tow!.running.depthM },
    ]);
    expect(figures.set).toBeDefined();
    expect([figures.throw, figures.fall]).toEqual([undefined, undefined]);
  });
  it('set from as far off as line out and depth leave, straight below too', () => {
    const out = (lineOutM: number, depthM = 6) =>
      evaluate({ ...harness, presentation: { ...harness.presentation, lineOutM, depthM } as Presentation }).figures.set!
        .mainLineM;
    expect(out(30)).toBeGreaterThan(out(15) + 14);
    expect(Number.isFinite(out(5, 20))).toBe(true);
  });
});

describe('a fall that is not to be one', () => {
  const plug = demoFile('setup-reef-plug');
  const fall = (setup: Setup) => evaluate(setup).verdicts.fall;
  it('is sound where it floats as wanted, and fails where it sinks', () => {
    expect(fall(plug)).toMatchObject({ mark: 'sound', limits: null, reasons: [{ code: 'fall-floats-as-wanted' }] });
    const sinking: Setup = {
      ...plug,
      parts: plug.parts.map((part) => (part.kind === 'hard-lure' ? { ...part, buoyancy: 'sinks' as const } : part)),
    };
    expect(fall(sinking)).toMatchObject({ mark: 'fails', reasons: [{ code: 'fall-does-not-float' }] });
  });
  it('hangs in the water it was tuned for, and not in the sea', () => {
    const hanging = wanting(
      {
        ...plug,
        chain: plug.chain.filter(({ id }) => id !== 'hook' && id !== 'hook-ring' && id !== 'snap'),
        parts: plug.parts.map((part) =>
          part.kind === 'hard-lure' ? { ...part, buoyancy: 'suspends' as const } : part,
        ),
      },
      { fall: { kind: 'suspends' } },
    );
    expect(fall(hanging)).toMatchObject({ mark: 'sound', reasons: [{ code: 'fall-suspends-as-wanted' }] });
    expect(
      fall({ ...hanging, presentation: { ...hanging.presentation, water: { temperatureC: 10, salinity: 35 } } }),
    ).toMatchObject({ mark: 'fails', reasons: [{ code: 'fall-does-not-suspend' }] });
  });
});
