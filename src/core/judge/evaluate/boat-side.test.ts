import { describe, expect, it } from 'vitest';
import { demoFile, demoFiles } from '../../../../tests/helpers/demo';
import { dragWindow, loadUp, smallCraft, winding } from '../../strike';
import { readRig } from '../../rig';
import type { Presentation, Setup, TowedPresentation } from '../../tackle';
import { boatSide, evaluate } from '.';

const behindBall = demoFile('setup-char-flasher');
const fly: Setup = {
  ...behindBall,
  presentation: { ...behindBall.presentation, gear: undefined, holderRad: undefined } as TowedPresentation,
};
const lily = demoFile('setup-lily-bay');
const presenting = (setup: Setup, change: object): Setup => ({
  ...setup,
  presentation: { ...setup.presentation, ...change } as Presentation,
});

describe('boatSide', () => {
  it.each(demoFiles.filter(({ newest }) => newest).map(({ id, file }) => [id, file] as const))(
    'has figures for %s, all of them finite',
    (_, file) => {
      const { hands, winding: wound, strike } = boatSide(file);
      expect(
        [
          ...hands.rods.flatMap((rod) => Object.values(rod)),
          wound.pullN,
          ...wound.speeds.map(({ turnsPerMin }) => turnsPerMin),
        ].every(Number.isFinite),
      ).toBe(true);
      expect(strike).toEqual(evaluate(file).figures.strike);
    },
  );
  it('says each figure by a call that gives it again', () => {
    const { load, craft, winding: wound, holders } = boatSide(fly);
    expect(loadUp(load!.asked)).toEqual(load!.given);
    const { giveToRad: _, ...staying } = load!.asked;
    expect(loadUp(staying)).toEqual(load!.stays);
    expect(smallCraft(craft!.asked)).toMatchObject({ heelingNm: craft!.heelingNm, towedMps: craft!.towedMps });
    expect(winding(wound.asked).pullN).toBe(wound.pullN);
    expect(dragWindow({ ...boatSide(fly).strike!.asked, pullAngleRad: holders[1]!.pullAngleRad }).elasticPeakN).toBe(
      holders[1]!.elasticPeakN,
    );
  });
  it('takes up the most with the rod square to its line, next to nothing along it', () => {
    const { holders } = boatSide(presenting(fly, { depthM: 0.2 }));
    const takesUp = holders.map(({ takesUpJ }) => takesUpJ);
    expect(takesUp).toEqual([...takesUp].sort((a, b) => b - a));
    expect(takesUp.at(-1)!).toBeLessThan(0.2 * takesUp[0]!);
  });
  it('asks more of the hands and gains more with a longer rod', () => {
    const [short, own, long] = boatSide(lily).hands.rods;
    expect([short!.lengthM, long!.lengthM]).toEqual([
      expect.closeTo(own!.lengthM - 0.3, 9),
      expect.closeTo(own!.lengthM + 0.3, 9),
    ]);
    expect(short!.momentNm).toBeLessThan(own!.momentNm);
    expect(long!.gainM).toBeGreaterThan(own!.gainM);
  });
  it('gives the rod back later than it lets it load, and neither when nothing is towed', () => {
    const { load } = boatSide(fly);
    expect(load!.given.tightS).toBeGreaterThan(load!.stays.tightS);
    expect(load!.given.curve.at(-1)!.timeS).toBeCloseTo(load!.given.tightS + 3, 9);
    expect([boatSide(lily).load, boatSide(presenting(fly, { speedMps: 0 })).load]).toEqual([null, null]);
  });
  it('compares holders only of a rod in one, and knows a craft only where one is named', () => {
    expect([boatSide(lily).holders, boatSide(presenting(fly, { held: 'hand' })).holders]).toEqual([[], []]);
    expect(boatSide(presenting(fly, { craftId: null })).craft).toBeNull();
    expect(boatSide(lily).craft!.name).toBe('canoe');
    expect(boatSide(lily).craft!.asked.tipHeightM).toBeCloseTo(
      lily.presentation.handHeightM + 0.7 * readRig(lily).rod.lengthM,
      9,
    );
  });
});
