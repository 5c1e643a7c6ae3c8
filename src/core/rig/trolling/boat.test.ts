import { describe, expect, it } from 'vitest';
import { readRig } from '../rigging';
import { cableShock, depthCard, paddling, tripped } from '.';
import { minnow, run, towedOf } from './tests/towed';

describe('boat and craft', () => {
  it('the card of a lure is what it runs at', () => {
    const card = depthCard(readRig(minnow), towedOf(minnow), [20, 40], [1, 1.5]);
    expect(card.depthsM[1]![1]).toBe(run(minnow, { lineOutM: 40 }).depthM);
    expect(card.depthsM[1]![0]!).toBeGreaterThan(card.depthsM[0]![0]!);
  });
  it('lures cost a paddler what they pull', () => {
    const rig = readRig(minnow);
    const one = paddling(rig, towedOf(minnow, { craftId: 'canoe', speedMps: 1.2 }), 1)!;
    expect(one.hullN).toBeCloseTo(7.4 * 1.44, 9);
    expect(paddling(rig, towedOf(minnow, { craftId: 'canoe', speedMps: 1.2 }), 2)!.luresN).toBeCloseTo(
      2 * one.luresN,
      9,
    );
    expect(one.paddlerW).toBeCloseTo(((one.hullN + one.luresN) * 1.2) / 0.55, 9);
    expect(paddling(rig, towedOf(minnow, { craftId: null }), 1)).toBeNull();
    const ahead = paddling(rig, towedOf(minnow, { craftId: 'canoe', speedMps: 1.2 }), 1, -4)!;
    // ½·1.225·0.5·(4 + 1.2)² against the bow.
    expect(ahead.windN).toBeCloseTo(-0.5 * 1.225 * 0.5 * 5.2 ** 2, 9);
    expect(ahead.paddlerW).toBeGreaterThan(one.paddlerW);
  });
  it('slack of a tripped release: what is down and along, less the straight way', () => {
    const found = tripped({ depthM: 12, leadM: 9, speedMps: 1.2, rodSpringM: 0.8 });
    expect(found.slackM).toBeCloseTo(21 - 15, 12);
    expect(found.rodM + found.boatM).toBeCloseTo(6, 12);
    expect(found.tightS).toBeCloseTo(5.2 / 1.2, 12);
    expect(found.halfLead.slackM).toBeLessThan(found.slackM);
    expect(tripped({ depthM: 1, leadM: 0.5, speedMps: 1, rodSpringM: 3 })).toMatchObject({ boatM: 0, tightS: 0 });
  });
  it('shock of a cable is worst near the rail; a snubber or a softer cable saves it', () => {
    const asked = { speedMps: 1, ballKg: 4.5, eaN: 45_000, strengthN: 700, cableM: 15 };
    const bare = cableShock(asked);
    expect(bare.peakN).toBeCloseTo(Math.sqrt((4.5 * 45_000) / 15), 9);
    expect(bare.nearRail.peakN).toBeCloseTo(bare.peakN * Math.sqrt(15), 6);
    expect(bare.kinkedMargin).toBeCloseTo(bare.margin / 2, 12);
    expect(cableShock({ ...asked, snubberNpM: 800 }).nearRail.peakN).toBeLessThan(0.3 * bare.nearRail.peakN);
    expect(Number.isFinite(cableShock({ ...asked, speedMps: 0 }).margin)).toBe(true);
  });
});
