import { describe, expect, it } from 'vitest';
import { tow } from '../../water';
import { diveTest } from '.';

const water = { temperatureC: 12, salinity: 0 } as const;
const segments = [
  { lengthM: 0, diameterM: 0.28e-3, massPerLengthKgPm: 6e-5, normalDragFactor: 1.5, tangentialCt: 0.02 },
  { lengthM: 1.2, diameterM: 0.4e-3, massPerLengthKgPm: 2.2e-4 },
];
const truth = { dragAreaM2: 8e-4, downAreaM2: 3.2e-4 };

/** Depth with so much line from the tip, the air part found by trying lengths. */
function ran(speedMps: number, lineM: number, tipHeightM: number): number {
  const of = (wetM: number) =>
    tow({
      water,
      speedMps,
      segments: [{ ...segments[0]!, lengthM: wetM }, segments[1]!],
      end: { netWeightN: -0.02, ...truth },
      solve: { for: 'depth' },
    });
  let best = of(lineM / 2);
  let off = Infinity;
  for (let wetM = 0.2; wetM < lineM; wetM += 0.02) {
    const found = of(wetM);
    const over = Math.abs(wetM + tipHeightM / Math.sin(found.surfaceAngleRad!) - lineM);
    if (over < off) [off, best] = [over, found];
  }
  return best.depthM!;
}

const asked = { water, segments, netWeightN: -0.02, tipHeightM: 1, classDragM2: 1e-3, classDiveM2: 2e-4 };

describe('diveTest', () => {
  it('finds the areas from touches at several speeds and lengths', () => {
    const readings = [
      [1.2, 20],
      [1.2, 40],
      [1.8, 30],
    ].map(([speedMps, lineM]) => ({ speedMps: speedMps!, lineM: lineM!, depthM: ran(speedMps!, lineM!, 1) }));
    const found = diveTest({ ...asked, readings });
    expect(found.outcome).toBe('ok');
    // The class drag that joins as a reading pulls a little; less than a sounder tells.
    expect(found.rmsDepthM!).toBeLessThan(0.15);
    expect(found.downAreaM2! / found.dragAreaM2!).toBeCloseTo(truth.downAreaM2 / truth.dragAreaM2, 1);
    expect(found.downSpread!).toBeGreaterThan(0);
  });
  it('is surer of more readings, and of one alone trusts the class for the drag', () => {
    const one = { speedMps: 1.2, lineM: 30, depthM: ran(1.2, 30, 1) };
    const alone = diveTest({ ...asked, readings: [one] });
    expect(alone.dragSpread!).toBeCloseTo(0.25, 1);
    const many = diveTest({
      ...asked,
      readings: [one, one, one, { speedMps: 1.2, lineM: 50, depthM: ran(1.2, 50, 1) }],
    });
    expect(many.downSpread!).toBeLessThan(alone.downSpread!);
  });
  it('refuses a depth that no line reaches, and says of one that no lure in reason does', () => {
    expect(() => diveTest({ ...asked, readings: [{ speedMps: 1, lineM: 5, depthM: 9 }] })).toThrow(
      /readings\[0\].depthM/,
    );
    expect(diveTest({ ...asked, classDiveM2: 1e-7, readings: [{ speedMps: 1, lineM: 30, depthM: 29 }] }).outcome).toBe(
      'not-reached',
    );
  });
});
