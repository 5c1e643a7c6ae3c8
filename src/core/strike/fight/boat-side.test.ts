import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { InputRangeError } from '../../base/guard';
import type { Rod } from '../../tackle';
import { dragWindow } from '../drag';
import { loadUp, smallCraft, takeOf, winding, type LoadUpInput, type SmallCraftInput, type WindingInput } from '.';

const rod: Rod = { lengthM: 2.2, stiffness: { kind: 'class', power: 'medium', action: 'moderate' } };
const poker: Rod = { lengthM: 2.2, stiffness: { kind: 'taper', buttEiNm2: 9e5, tipRatio: 1 } };
const towing: LoadUpInput = {
  rod,
  heldRad: 1.4,
  line: [{ lengthM: 30, eaN: 1500 }],
  speedMps: 1,
  fishKg: 3,
  neededN: 12,
};

describe('loadUp', () => {
  it('stretches a line on a stiff rod against a snag as a spring: T = EA·U·t/L', () => {
    const { curve, buriesS } = loadUp({ ...towing, rod: poker, fishKg: null });
    expect(curve.at(-1)!.tensionN).toBeCloseTo((1500 * 1 * 4) / 30, 0);
    expect(buriesS!).toBeCloseTo((12 * 30) / 1500, 2);
  });
  it('yields L·(cos to − cos from) of line when the rod is given, which boat and fish take in so many seconds', () => {
    const given = loadUp({ ...towing, giveToRad: 0.17, speedMps: 0.5, slackM: 0.2 });
    const yields = 2.2 * (Math.cos(0.17) - Math.cos(1.4));
    expect([given.yieldsM, given.yieldsS, given.tightS]).toEqual([
      expect.closeTo(yields, 12),
      expect.closeTo(yields / 2, 12),
      expect.closeTo((yields + 0.2) / 2, 12),
    ]);
    expect(given.curve.filter(({ timeS }) => timeS < given.tightS).every(({ tensionN }) => tensionN === 0)).toBe(true);
  });
  it('loads slower with the rod across its line than along it, once tight', () => {
    const stays = loadUp({ ...towing, fishKg: null });
    const given = loadUp({ ...towing, fishKg: null, giveToRad: 0.17 });
    expect(stays.tightS).toBe(0);
    expect(given.buriesS! - given.tightS).toBeLessThan(stays.buriesS!);
    expect(given.buriesS!).toBeGreaterThan(stays.buriesS!);
  });
  it('stands at the need when it buries: the curve passes it there', () => {
    const { buriesS, curve } = loadUp({ ...towing, fishKg: null });
    const after = curve.find(({ timeS }) => timeS >= buriesS!)!;
    const before = curve.findLast(({ timeS }) => timeS < buriesS!)!;
    expect([before.tensionN <= 12, after.tensionN >= 12]).toEqual([true, true]);
  });
  it('stops at the clutch: given before the hook is in, or after', () => {
    expect(loadUp({ ...towing, clutchN: 3 })).toMatchObject({ outcome: 'clutch-gives', buriesS: null });
    const firm = loadUp({ ...towing, clutchN: 14, fishKg: null });
    expect(firm.outcome).toBe('buries');
    expect(Math.max(...firm.curve.map(({ tensionN }) => tensionN))).toBeCloseTo(14 * 1.2, 9);
  });
  it('has the peak of the drag window, and the same answer to whether the strike sets by itself', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0.3, max: 12, noNaN: true }),
        fc.double({ min: 4, max: 60, noNaN: true }),
        fc.option(fc.double({ min: 3, max: 40, noNaN: true })),
        (fishKg, neededN, clutchN) => {
          const clutch = clutchN === null ? {} : { clutchN };
          const { peakN, buriesS } = loadUp({ ...towing, fishKg, neededN, ...clutch, untilS: 60 });
          const window = dragWindow({
            rod,
            pullAngleRad: 1.4,
            line: towing.line,
            fishKg,
            speedMps: 1,
            neededN,
            openingN: 100,
            weakestN: 100,
            tearN: 100,
            ...clutch,
          });
          expect(peakN).toBeCloseTo(window.elasticPeakN, 6);
          expect(buriesS !== null).toBe(window.strikeBuries);
        },
      ),
      { numRuns: 30 },
    ));
  it('takes a quarter of the swing of a weight on a spring to the peak, on a stiff rod', () => {
    // T = k·x with k = EA/L and mass 1.5·M: the peak comes after (π/2)·√(m/k).
    const { peakN, curve } = loadUp({ ...towing, rod: poker, untilS: 1 });
    const quarterS = (Math.PI / 2) * Math.sqrt((1.5 * 3) / (1500 / 30));
    expect(peakN).toBeCloseTo(2.5 * Math.sqrt(1.5 * 3 * (1500 / 30)), 0);
    expect(curve.find(({ tensionN }) => tensionN >= 0.9999 * peakN!)!.timeS).toBeCloseTo(quarterS, 1);
  });
  it('waits where neither happens in the time looked at', () =>
    expect(loadUp({ ...towing, speedMps: 0.01, fishKg: 0.02 })).toMatchObject({
      outcome: 'waits',
      buriesS: null,
      clutchGivesS: null,
    }));
  it('buries sooner the faster the boat goes', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0.4, max: 2, noNaN: true }),
        fc.double({ min: 1.05, max: 1.5, noNaN: true }),
        (speedMps, factor) => {
          const at = (U: number) => loadUp({ ...towing, fishKg: null, speedMps: U }).buriesS ?? Infinity;
          expect(at(speedMps * factor)).toBeLessThanOrEqual(at(speedMps));
        },
      ),
      { numRuns: 20 },
    ));
  it('refuses a rod given back beyond where it was held, and a boat that stands', () => {
    expect(() => loadUp({ ...towing, giveToRad: 1.6 })).toThrow(InputRangeError);
    expect(() => loadUp({ ...towing, speedMps: 0 })).toThrow(InputRangeError);
  });
});

describe('winding', () => {
  const reel: WindingInput = {
    gearRatio: 6,
    nowRadiusM: 0.02,
    handleM: 0.05,
    speedsMps: [0.8, 3],
    handN: 40,
    efficiency: 0.75,
  };
  it('winds 2π·R·i a turn, and pulls hand·handle·η/(i·R)', () => {
    const { lineATurnM, pullN, speeds } = winding(reel);
    expect(lineATurnM).toBeCloseTo(2 * Math.PI * 0.12, 12);
    expect(pullN).toBeCloseTo((40 * 0.05 * 0.75) / 0.12, 12);
    expect(speeds.map(({ turnsPerMin, winds }) => [Math.round(turnsPerMin), winds])).toEqual([
      [64, true],
      [239, false],
    ]);
  });
  it('does as much work on the line as the hand’s share', () => {
    const { lineATurnM, pullN } = winding(reel);
    expect(pullN * lineATurnM).toBeCloseTo(0.75 * 40 * 2 * Math.PI * 0.05, 12);
  });
  it('pulls harder and winds slower on a spool run down', () => {
    const [full, down] = [winding(reel), winding({ ...reel, nowRadiusM: 0.013 })];
    expect(down.pullN / full.pullN).toBeCloseTo(0.02 / 0.013, 12);
    expect(down.speeds[0]!.turnsPerMin).toBeGreaterThan(full.speeds[0]!.turnsPerMin);
  });
  it('refuses a gear and a spool that no reel has', () => {
    expect(() => winding({ ...reel, gearRatio: 0 })).toThrow(InputRangeError);
    expect(() => winding({ ...reel, nowRadiusM: 0 })).toThrow(InputRangeError);
  });
});

describe('smallCraft', () => {
  const canoe: SmallCraftInput = { pullN: 36, hullDragN: 16, tipHeightM: 2, fishMps: 3, runS: 10, lineM: 100 };
  it('is towed at √(F/D), and gives the rest of the run as line', () =>
    expect(smallCraft(canoe)).toEqual({
      outcome: 'holds',
      towedMps: 1.5,
      lineNeededM: 15,
      emptyS: null,
      heelingNm: 72,
    }));
  it('says when the spool is empty', () =>
    expect(smallCraft({ ...canoe, lineM: 6 })).toMatchObject({ outcome: 'runs-out', emptyS: 4 }));
  it('never goes faster than the fish, which then takes no line', () =>
    expect(smallCraft({ ...canoe, pullN: 1000 })).toMatchObject({ towedMps: 3, lineNeededM: 0, outcome: 'holds' }));
  it('heels in proportion to pull and height', () =>
    expect(smallCraft({ ...canoe, tipHeightM: 4, pullN: 18 }).heelingNm).toBe(72));
  it('refuses a hull without drag', () =>
    expect(() => smallCraft({ ...canoe, hullDragN: 0 })).toThrow(InputRangeError));
});

describe('the take of a strike', () => {
  const strike = {
    rod,
    pullAngleRad: 1.2,
    line: [{ lengthM: 20, eaN: 900 }],
    fishKg: 3,
    speedMps: 0.8,
    neededN: 6,
    openingN: 90,
    weakestN: 70,
    tearN: 60,
    clutchN: 15,
  };
  it('has its clutch as the spool stands', () =>
    expect(takeOf({ ...strike, spool: { fullRadiusM: 0.03, nowRadiusM: 0.02 } }).clutchN).toBeCloseTo(22.5, 12));
  it('is the same with a full spool, and locked without a clutch', () => {
    expect(takeOf(strike)).toMatchObject({ clutchN: 15, heldRad: 1.2, fishKg: 3, speedMps: 0.8, neededN: 6 });
    const { clutchN: _, ...locked } = strike;
    expect(takeOf(locked)).not.toHaveProperty('clutchN');
  });
});
