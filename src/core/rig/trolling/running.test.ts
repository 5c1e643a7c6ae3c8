import { describe, expect, it } from 'vitest';
import { readRig } from '../rigging';
import type { Setup, TowedPresentation } from '../../tackle';
import { tow } from '../../water';
import { bottomUnder, hungCable, lineToBottom, runOver, runRig } from '.';
import { fly, harness, minnow, run, towedOf } from './tests/towed';

describe('a rig in tow', () => {
  it('rises with speed in small steps, also where the rod could carry the weight above water', () => {
    const speeds = Array.from({ length: 21 }, (_, i) => 0.9 + i / 20);
    const depths = speeds.map((speedMps) => run(harness, { speedMps }).depthM!);
    const steps = depths.slice(1).map((depthM, i) => depths[i]! - depthM);
    expect(Math.min(...steps)).toBeGreaterThanOrEqual(0);
    expect(Math.max(...steps)).toBeLessThan(0.3);
    expect(depths.at(-1)).toBeLessThan(0.2);
  });

  it('has as much line out as is wet and in the air together', () => {
    const running = run(minnow);
    const wetM = running.asked.segments[0]!.lengthM;
    expect(wetM + running.airM).toBeCloseTo((minnow.presentation as TowedPresentation).lineOutM, 1);
    expect(running.airM * Math.sin(running.surfaceAngleRad!)).toBeCloseTo(running.tipHeightM, 9);
    expect(tow(running.asked).depthM).toBe(running.depthM);
    expect(running.shape[0]).toEqual([0, -running.tipHeightM]);
    expect(running.shape.at(-1)![0]).toBeCloseTo(running.behindM!, 9);
    expect(running.shape.at(-1)![1]).toBeCloseTo(running.depthM!, 9);
  });
  it('runs deeper the lower the tip, the more line and the thinner it is', () => {
    const { depthM } = run(minnow);
    expect(run(minnow, { handHeightM: 0.2 }).depthM!).toBeGreaterThan(depthM!);
    expect(run(minnow, { lineOutM: 60 }).depthM!).toBeGreaterThan(depthM!);
    const thin: Setup = {
      ...minnow,
      parts: minnow.parts.map((part) =>
        part.id === 'line-braid-14' && part.kind === 'line'
          ? { ...part, diameterM: { ...part.diameterM!, value: part.diameterM!.value / 2 } }
          : part,
      ),
    };
    expect(thin.parts).not.toEqual(minnow.parts);
    expect(run(thin).depthM!).toBeGreaterThan(depthM!);
  });
  it('hangs in the air with less line than the tip is high, and stays on top where nothing takes it down', () => {
    expect(run(minnow, { lineOutM: 0.5, handHeightM: 4 })).toMatchObject({
      outcome: 'in-the-air',
      depthM: null,
      behindM: null,
    });
    const top = run(fly, { gear: undefined, speedMps: 2.5, lineOutM: 10 });
    expect(top).toMatchObject({ outcome: 'at-surface', depthM: 0 });
    expect(Math.hypot(top.behindM!, top.tipHeightM)).toBeCloseTo(10 + readRig(fly).pieces[1]!.lengthM!, 6);
  });
  it('rests on the bottom with what the line does not carry, and no more than its weight', () => {
    const free = run(harness, { bottomM: undefined });
    const resting = run(harness);
    expect(free.depthM!).toBeGreaterThan(6);
    expect(resting).toMatchObject({ outcome: 'on-bottom', depthM: 6 });
    expect(resting.contact!.share).toBeGreaterThan(0.02);
    expect(resting.contact!.share).toBeLessThan(1);
    expect(run(harness, { bottomM: 5 }).contact!.forceN).toBeGreaterThan(resting.contact!.forceN);
    // Put back in, with the bottom's push and rub on the bouncer, the line runs at the bottom by itself.
    expect(tow(resting.asked).depthM).toBeGreaterThan(5.9);
    expect(resting.asked.segments[0]!.lengthM + resting.airM).toBeCloseTo(
      (harness.presentation as TowedPresentation).lineOutM,
      1,
    );
  });
  it('lifts off where it is too fast for its weight', () => expect(run(harness, { speedMps: 1.2 }).contact).toBeNull());
  it('runs in the water of its depth: faster where that water comes against the boat', () => {
    const layers = [
      { depthM: 0, alongMps: 0 },
      { depthM: 2, alongMps: -0.4 },
    ];
    const against = run(minnow, { layers });
    expect(against.lureMps).toBeCloseTo(1.9, 1);
    expect(against.sogMps).toBe(1.5);
    expect(run(minnow, { layers: [{ depthM: 0, alongMps: 0.3 }] })).toMatchObject({
      sogMps: 1.8,
      lureMps: 1.5,
      depthM: run(minnow).depthM,
    });
  });
});

describe('a bottom that rises and falls', () => {
  const profile = [
    { behindM: 0, depthM: 9 },
    { behindM: 10, depthM: 5 },
    { behindM: 30, depthM: 12 },
  ];
  it('is straight between its points and level beyond them', () => {
    expect([
      bottomUnder(profile, -5),
      bottomUnder(profile, 0),
      bottomUnder(profile, 5),
      bottomUnder(profile, 20),
      bottomUnder(profile, 99),
      bottomUnder([], 3),
    ]).toEqual([9, 9, 7, 8.5, 12, undefined]);
  });
  it('counts where the rig runs', () => {
    const rig = readRig(harness);
    const running = runOver(rig, towedOf(harness), profile);
    expect(running.depthM!).toBeCloseTo(bottomUnder(profile, running.behindM!)!, 1);
    expect(runOver(rig, towedOf(harness, { bottomM: undefined }), [])).toEqual(run(harness, { bottomM: undefined }));
  });
  it('is reached with so much line, and with it the rig touches; or no line reaches it', () => {
    const flat = [{ behindM: 0, depthM: 9 }];
    const free = run(harness, { bottomM: 9 });
    expect(free.contact).toBeNull();
    const { lineM } = lineToBottom(free, flat)!;
    expect(run(harness, { bottomM: 9, lineOutM: lineM! - 1 }).contact).toBeNull();
    expect(run(harness, { bottomM: 9, lineOutM: lineM! + 1.5 }).contact).not.toBeNull();
    expect(lineToBottom(run(minnow), [{ behindM: 0, depthM: 200 }])).toMatchObject({
      outcome: 'never-that-deep',
      lineM: null,
    });
    expect(lineToBottom(run(harness), flat)).toBeNull();
  });
});

describe('gear', () => {
  const { gear } = fly.presentation as TowedPresentation;
  if (gear?.kind !== 'downrigger') throw new Error('the char fly runs behind a ball');
  const cable = {
    water: { temperatureC: 6, salinity: 0 },
    cableM: 20,
    cable: 'steel-cable',
    cableDiameterM: 0.9e-3,
    ballKg: 3.6,
  } as const;
  const { classes } = readRig(fly);
  it('a ball hangs higher and farther behind the faster it goes, straight down when it stands', () => {
    const still = hungCable({ ...cable, speedMps: 0 }, classes);
    expect(still.depthM).toBeCloseTo(20, 4);
    const [slow, fast] = [
      hungCable({ ...cable, speedMps: 0.8 }, classes),
      hungCable({ ...cable, speedMps: 1.6 }, classes),
    ];
    expect(fast.laybackM).toBeGreaterThan(2.5 * slow.laybackM);
    expect(fast.depthM).toBeLessThan(slow.depthM);
    expect(hungCable({ ...cable, speedMps: 1.6, ballKg: 5.4 }, classes).laybackM).toBeLessThan(fast.laybackM);
  });
  it('a lure behind a release runs from its depth, and one that floats rises above it', () => {
    const running = run(fly);
    expect(running.release!.depthM).toBeLessThan(gear.cableM);
    expect(running.depthM!).toBeGreaterThan(running.release!.depthM);
    const floating: Setup = {
      ...minnow,
      parts: minnow.parts.map((part) => (part.kind === 'hard-lure' ? { ...part, lip: 'no-lip' } : part)),
    };
    const rises = runRig(readRig(floating), towedOf(floating, { gear, speedMps: 0.5 }));
    expect(rises.depthM!).toBeLessThan(rises.release!.depthM);
    expect(rises.depthM!).toBeGreaterThanOrEqual(0);
    expect(
      runRig(readRig(floating), towedOf(floating, { gear: { ...gear, cableM: 1, leadM: 60 }, speedMps: 0.2 })),
    ).toMatchObject({ outcome: 'at-surface', depthM: 0 });
  });
  it('a board takes the line aside: no air, the lure behind its lead', () => {
    const running = run(minnow, { gear: { kind: 'side-planer', boardM: 20, leadM: 30 } });
    expect(running.airM).toBe(0);
    expect(running.release).toMatchObject({ depthM: 0, cable: null });
    expect(running.depthM!).toBeGreaterThan(run(minnow, { lineOutM: 30 }).depthM!);
  });
});
