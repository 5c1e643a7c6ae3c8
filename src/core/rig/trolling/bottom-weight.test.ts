import { describe, expect, it } from 'vitest';
import { readRig } from '../rigging';
import { tow } from '../../water';
import { bottomWeight, driftWeight } from '.';
import { harness, towedOf } from './tests/towed';

describe('the weight for an angle', () => {
  const rig = readRig(harness);
  const presentation = towedOf(harness);
  const ask = { depthM: 8, surfaceAngleRad: Math.PI / 4, bottom: 'sand', material: 'lead' } as const;
  it('put back in gives that angle within half a degree, for any angle that it has', () => {
    for (const degrees of [25, 35, 45, 60, 70]) {
      const found = bottomWeight(rig, presentation, { ...ask, surfaceAngleRad: (degrees * Math.PI) / 180 });
      const back = tow({
        ...found.asked,
        end: { ...found.asked.end, netWeightN: found.contactN! / 0.3 },
        solve: { for: 'line-out', depthM: 8 },
      });
      expect(Math.abs((back.surfaceAngleRad! * 180) / Math.PI - degrees)).toBeLessThan(0.5);
    }
  });
  it('stands beside the house rule, with the reasons of what is between', () => {
    const found = bottomWeight(rig, presentation, ask);
    expect(found.thumbKg).toBeCloseTo(8 * 0.0093, 9);
    expect(found.overThumb).toBeCloseTo(found.massKg! / found.thumbKg, 9);
    const faster = bottomWeight(rig, { ...presentation, speedMps: 1 }, ask);
    expect(faster.causes[0]).toMatchObject({ of: 'speed' });
    expect(faster.causes[0]!.factor).toBeGreaterThan(3);
    // Under the rule's own conditions no cause is left.
    const own = bottomWeight(rig, { ...presentation, speedMps: 0.5 }, ask);
    expect(own.causes.find(({ of }) => of === 'speed')!.factor).toBeCloseTo(1, 6);
    expect(own.causes.find(({ of }) => of === 'angle')!.factor).toBeCloseTo(1, 6);
  });
  it('free of the bottom is lighter, tungsten hardly lighter than lead in air', () => {
    const touching = bottomWeight(rig, presentation, ask).massKg!;
    expect(bottomWeight(rig, presentation, { ...ask, bottom: null }).massKg!).toBeLessThan(touching);
    const tungsten = bottomWeight(rig, presentation, { ...ask, material: 'tungsten' }).massKg!;
    expect(tungsten / touching).toBeCloseTo((1 - 999.7 / 11340) / (1 - 999.7 / 17500), 3);
  });
  it('says where no weight does', () =>
    expect(bottomWeight(rig, presentation, { ...ask, bottom: 'rock', surfaceAngleRad: 1.35 })).toMatchObject({
      outcome: 'no-weight-does',
      massKg: null,
      causes: [],
    }));
  it('for a drift grows with the wind, and where wind goes against the water', () => {
    const drift = (change: object) =>
      driftWeight(rig, presentation, {
        windMps: 5,
        windAgainstRad: 0,
        surfaceMps: 0.3,
        bottomMps: 0.1,
        depthM: 15,
        offPlumbRad: 0.35,
        material: 'lead',
        ...change,
      });
    expect(drift({ windMps: 10 }).massKg!).toBeGreaterThan(drift({}).massKg!);
    expect(drift({}).overGroundMps).toBeCloseTo(0.3 + 0.035 * 5, 9);
    expect(drift({ windAgainstRad: Math.PI }).massKg!).toBeLessThan(drift({}).massKg!);
    expect(drift({ offPlumbRad: 0.15 }).massKg!).toBeGreaterThan(drift({}).massKg!);
  });
});
