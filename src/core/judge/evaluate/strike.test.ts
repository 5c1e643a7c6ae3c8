import { describe, expect, it } from 'vitest';
import { demoFile } from '../../../../tests/helpers/demo';
import { dragWindow } from '../../strike';
import { readRig, holderLeanRad, runRig } from '../../rig';
import type { CastPresentation, Presentation, Setup, TowedPresentation } from '../../tackle';
import { evaluate, pullAngleRad } from '.';

const behindBall = demoFile('setup-char-flasher');
/** On a flat line, in the craft's holder: no release between rod and fly. */
const fly: Setup = {
  ...behindBall,
  presentation: { ...behindBall.presentation, gear: undefined, holderRad: undefined, speedMps: 1 } as TowedPresentation,
};
const wall = demoFile('setup-drowned-wall');
const presenting = (setup: Setup, change: Partial<TowedPresentation>): Setup => ({
  ...setup,
  presentation: { ...setup.presentation, ...change } as Presentation,
});
const strikeOf = (setup: Setup) => evaluate(setup).figures.strike!;

describe('a rod in its holder', () => {
  it('sets by the peak of the strike over what the hook needs', () => {
    const { verdicts, figures } = evaluate(fly);
    const { window, asked } = figures.strike!;
    expect(figures.set).toBeUndefined();
    expect(window).toEqual(dragWindow(asked));
    expect(verdicts.set.value).toBeCloseTo(window.peakN / asked.neededN, 12);
    expect(verdicts.set).toMatchObject({ mark: 'sound', limits: { failsBelow: 1, soundFrom: 1.4 } });
  });
  it('does not bury by itself with a light clutch, and says so', () => {
    const light = evaluate(presenting(fly, { clutchN: 1 })).verdicts.set;
    expect(light.mark).toBe('fails');
    expect(light.reasons.map(({ code }) => code)).toEqual(['set-strike-clutch', 'set-strike-does-not-bury']);
  });
  it('endangers what the peak comes near', () => {
    const heavy = evaluate(presenting(fly, { clutchN: 120, fishKg: 30, speedMps: 3 })).verdicts.set;
    expect(heavy.mark).toBe('fails');
    expect(heavy.reasons[0]!.code).toMatch(/^set-danger-/);
  });
  it('waits for a fish where a snag is named, and for line where the spool is too short', () => {
    expect(evaluate(presenting(fly, { fishKg: null })).verdicts.set).toMatchObject({
      mark: 'cant-tell',
      reasons: [{ code: 'set-strike-no-fish' }],
    });
    expect(evaluate(presenting(fly, { lineOutM: 400 })).verdicts.set).toMatchObject({
      mark: 'cant-tell',
      reasons: [{ code: 'set-line-too-short' }],
    });
  });
  it('stands at the angle of its holder: 90° less the lean, and the line’s fall added', () => {
    const angle = (change: Partial<TowedPresentation>) => {
      const setup = presenting(fly, change);
      const rig = readRig(setup);
      return pullAngleRad(rig, setup.presentation, runRig(rig, setup.presentation as TowedPresentation));
    };
    const rig = readRig(fly);
    const asUpright = runRig(rig, { ...(fly.presentation as TowedPresentation), holderRad: 0 });
    // The tip's height changes with the lean, and with it a little of the line's angle.
    expect(angle({ holderRad: 0.5 }) - angle({ holderRad: 0.8 })).toBeCloseTo(0.3, 1);
    expect(angle({ holderRad: 0 })).toBeCloseTo(Math.PI / 2 + asUpright.surfaceAngleRad!, 9);
    expect(holderLeanRad(readRig(fly), fly.presentation)).toBe(
      fly.house!.crafts.find(({ id }) => id === 'dunlin')!.holderAngleRad,
    );
    expect(holderLeanRad(readRig(fly), { ...fly.presentation, craftId: null } as Presentation)).toBe(0.7);
  });
  it('absorbs less the nearer it points along its line', () => {
    const peak = (holderRad: number) => strikeOf(presenting(fly, { holderRad, depthM: 0.5 })).window.elasticPeakN;
    expect(peak(1.5)).toBeGreaterThan(1.2 * peak(0.4));
  });
});

describe('line and clutch', () => {
  it('stand from the reel through the rings to the hook that lies depth and hands below the grip', () => {
    const { distanceM, depthM, handHeightM, slackM, sweep } = wall.presentation as CastPresentation;
    const { rod, pieces } = readRig(wall);
    const reachM = Math.hypot(distanceM, depthM + handHeightM);
    const tipToHookM = Math.hypot(
      rod.lengthM * Math.cos(sweep.startRad) - reachM,
      rod.lengthM * Math.sin(sweep.startRad),
    );
    expect(evaluate(wall).figures.set!.mainLineM).toBeCloseTo(
      tipToHookM + slackM - pieces[1]!.lengthM! + rod.lengthM,
      12,
    );
    expect(strikeOf(wall).mainLineM).toBe(evaluate(wall).figures.set!.mainLineM);
  });
  it('hold by the weakest joint over the clutch at a full spool', () => {
    const { verdicts, figures } = evaluate(wall);
    expect(verdicts.hold.value).toBeCloseTo(figures.hold.chain.strengthN / wall.presentation.clutchN!, 12);
    expect(verdicts.hold.value).toBeGreaterThan(1);
  });
});

describe('the window of clutch settings', () => {
  it('runs from 1.3 of the need, as a pull in the line through cover, to the least that gives', () => {
    const open = strikeOf(wall).window.windowN;
    const sparse = strikeOf({ ...wall, presentation: { ...wall.presentation, cover: 'sparse' } }).window.windowN;
    expect(sparse[0]).toBeCloseTo(open[0] / 0.85, 9);
    expect(sparse[1]).toBeLessThanOrEqual(open[1] / 0.85 + 1e-9);
  });
  it('moves down as line leaves and as the rod is lifted', () => {
    const { scales, window } = strikeOf(wall);
    expect(scales.map(({ fill, rod }) => `${fill} ${rod}`)).toEqual([
      'full pointed',
      'full lifted',
      'third pointed',
      'third lifted',
    ]);
    expect(scales[0]!.settingN).toEqual(window.windowN);
    const lifted = Math.exp(0.15 * wall.presentation.sweep.endRad);
    for (const end of [0, 1] as const) {
      expect(scales[1]!.settingN[end]).toBeCloseTo(window.windowN[end] / lifted, 9);
      expect(scales[3]!.settingN[end]).toBeCloseTo(scales[2]!.settingN[end] / lifted, 9);
    }
    expect(scales[2]!.settingN[1]).toBeLessThan(scales[0]!.settingN[1]);
  });
  it('fails Hold where none is right, and names the part to change', () => {
    const { verdicts, figures } = evaluate(demoFile('setup-long-flat'));
    expect(figures.strike!.window.outcome).toBe('no-window');
    expect(verdicts.hold.mark).toBe('fails');
    expect(verdicts.hold.reasons[0]).toMatchObject({
      code: 'hold-no-window',
      facts: { upperBy: figures.strike!.window.upperBy },
    });
  });
  it('asks the light setting to hold a live bait by half its weight besides what the line pulls, and nothing of a cast rig', () => {
    const live = demoFile('setup-kelp-live');
    const bait = live.parts.find((part) => part.kind === 'natural-bait')!;
    for (const speedMps of [0, 1]) {
      const { figures } = evaluate(presenting(live, { speedMps }));
      expect(figures.strike!.asked.baitPullN! - figures.tow!.running.pullN!).toBeCloseTo(
        0.5 * bait.massKg!.value * 9.80665,
        9,
      );
    }
    expect(strikeOf(wall).asked.baitPullN).toBeUndefined();
  });
});
