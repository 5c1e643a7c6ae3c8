import { describe, expect, it } from 'vitest';
import { readRig } from '../rigging';
import { depthsAt, runRig, turnRig, turnTrack } from '.';
import { minnow, towedOf } from './tests/towed';

describe('turns', () => {
  const rig = readRig(minnow);
  it('the inside lure is slower and runs otherwise than the outside one', () => {
    const at = (offsetM: number) => turnRig(rig, towedOf(minnow, { lineOutM: 20 }), { radiusM: 60, offsetM });
    expect(at(3).speedMps!).toBeGreaterThan(at(-3).speedMps!);
    expect(at(-3).turningM).not.toBe(at(-3).straightM);
    expect(turnRig(rig, towedOf(minnow), { radiusM: 20, offsetM: 0 })).toMatchObject({
      outcome: 'goes-slack',
      turningM: null,
    });
  });
  it('depths along a turn are those of the speeds, each as if it were held', () => {
    const presentation = towedOf(minnow, { lineOutM: 30 });
    const [slow, fast] = depthsAt(rig, presentation, [0.7, 1.5]);
    expect(slow!).toBeCloseTo(runRig(rig, { ...presentation, speedMps: 0.7 }).depthM!, 0);
    expect(fast!).toBeCloseTo(runRig(rig, presentation).depthM!, 9);
  });
  it('the track settles on the circle of the steady turn, at its speed', () => {
    const track = turnTrack({ radiusM: 30, speedMps: 1.2, offsetM: 2, laybackM: 18, untilS: 300 });
    const steady = Math.sqrt(32 ** 2 - 18 ** 2);
    const [x, y] = track.lure.at(-1)!;
    expect(Math.hypot(x - 30, y)).toBeCloseTo(steady, 1);
    expect(track.speedMps.at(-1)!).toBeCloseTo((1.2 * steady) / 30, 1);
    for (let i = 0; i < track.timeS.length; i += 1)
      expect(Math.hypot(track.lure[i]![0] - 30, track.lure[i]![1])).toBeLessThan(200);
  });
});
