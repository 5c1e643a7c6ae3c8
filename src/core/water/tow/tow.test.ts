import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { STANDARD_GRAVITY_MPS2 as g } from '../../base/constants';
import { currentAt, tow, type Tow, type TowInput } from '.';

const water = { densityKgPm3: 1000, viscosityPaS: 1.3e-3 };
const nylon = { lengthM: 30, diameterM: 0.3e-3, massPerLengthKgPm: 8.1e-5 };
const wire = { lengthM: 60, diameterM: 0.5e-3, massPerLengthKgPm: 1.55e-3 };
const input = (patch: Partial<TowInput>): TowInput => ({
  water,
  speedMps: 1,
  segments: [nylon],
  end: { netWeightN: 0.5, dragAreaM2: 1e-3 },
  solve: { for: 'depth' },
  ...patch,
});
const ok = (asked: TowInput): { readonly [K in keyof Tow]: NonNullable<Tow[K]> } => {
  const result = tow(asked);
  expect(result.outcome).toBe('ok');
  return result as never;
};

/** The equations as they stand in the books, in tension and angle, by small fixed steps: nothing shared with the solver. */
function byHand(asked: TowInput, depthM: number, netWeightN = asked.end.netWeightN) {
  const { densityKgPm3: rho, viscosityPaS: mu } = water;
  const speed = (z: number) => asked.speedMps - currentAt(asked.current, Math.max(0, z));
  let z = depthM;
  let x = 0;
  const U0 = speed(z);
  let h = 0.5 * rho * asked.end.dragAreaM2 * U0 * Math.abs(U0);
  let v = netWeightN + (U0 > 0 ? 0.5 * rho * (asked.end.downAreaM2 ?? 0) * U0 ** 2 : 0);
  const { rest } = asked.end;
  if (rest) {
    h += rest.mu * rest.share * netWeightN;
    v -= rest.share * netWeightN;
  }
  for (let k = asked.segments.length - 1; k >= 0; k -= 1) {
    const {
      lengthM,
      diameterM: d,
      massPerLengthKgPm,
      tangentialCt: ct = 0.012,
      normalDragFactor: f = 1,
    } = asked.segments[k]!;
    for (const body of (asked.weights ?? []).filter(({ afterSegment }) => afterSegment === k)) {
      const U = speed(z);
      h += 0.5 * rho * body.dragAreaM2 * U * Math.abs(U);
      v += body.netWeightN + (U > 0 ? 0.5 * rho * (body.downAreaM2 ?? 0) * U ** 2 : 0);
    }
    let T = Math.hypot(h, v);
    let theta = Math.atan2(v, h);
    const w = (massPerLengthKgPm - (rho * Math.PI * d ** 2) / 4) * g;
    const N = 4000;
    const ds = lengthM / N;
    const slope = (at: { T: number; theta: number; z: number }) => {
      const U = speed(at.z);
      const un = U * Math.sin(at.theta);
      const ut = U * Math.cos(at.theta);
      const cn = un === 0 ? 0 : 1 + 10 * ((rho * Math.abs(un) * d) / mu) ** (-2 / 3);
      return {
        T: w * Math.sin(at.theta) + 0.5 * rho * Math.PI * d * ct * ut * Math.abs(ut),
        theta: (w * Math.cos(at.theta) - 0.5 * rho * f * cn * d * un * Math.abs(un)) / at.T,
        z: -Math.sin(at.theta),
        x: Math.cos(at.theta),
      };
    };
    for (let i = 0; i < N; i += 1) {
      const a = slope({ T, theta, z });
      const b = slope({ T: T + (a.T * ds) / 2, theta: theta + (a.theta * ds) / 2, z: z + (a.z * ds) / 2 });
      T += b.T * ds;
      theta += b.theta * ds;
      z += b.z * ds;
      x += b.x * ds;
    }
    h = T * Math.cos(theta);
    v = T * Math.sin(theta);
  }
  return { atZ: z, laybackM: x, tensionN: Math.hypot(h, v), angleRad: Math.atan2(v, h) };
}

describe('tow, closed forms', () => {
  it('hangs straight down in water that stands still', () => {
    const result = ok(input({ speedMps: 0, segments: [wire] }));
    const w = (1.55e-3 - (1000 * Math.PI * 0.25e-6) / 4) * g;
    expect(result.depthM).toBeCloseTo(60, 5);
    expect(result.surfaceAngleRad).toBeCloseTo(Math.PI / 2, 9);
    expect(result.surfaceTensionN).toBeCloseTo(0.5 + 60 * w, 6);
    expect(result.laybackM).toBeCloseTo(0, 6);
  });

  it('is a catenary where the line has weight and next to no drag', () => {
    const hair = { lengthM: 40, diameterM: 1e-8, massPerLengthKgPm: 0.02, tangentialCt: 0, normalDragFactor: 0 };
    const result = ok(input({ segments: [hair], end: { netWeightN: 0, dragAreaM2: 1e-2 } }));
    const H = 5;
    const a = H / (0.02 * g);
    expect(result.depthM / (Math.hypot(a, 40) - a)).toBeCloseTo(1, 4);
    expect(result.laybackM / (a * Math.asinh(40 / a))).toBeCloseTo(1, 4);
    expect(result.surfaceTensionN / Math.hypot(H, 40 * 0.02 * g)).toBeCloseTo(1, 5);
  });

  it('is straight at the critical angle with nothing at its end, and no singularity', () => {
    const result = ok(input({ segments: [wire], end: { netWeightN: 0, dragAreaM2: 0 } }));
    const rad = result.endAngleRad;
    expect(result.surfaceAngleRad).toBeCloseTo(rad, 5);
    expect(result.depthM).toBeCloseTo(60 * Math.sin(rad), 4);
    const w = (1.55e-3 - (1000 * Math.PI * 0.25e-6) / 4) * g;
    const un = Math.sin(rad);
    const cn = 1 + 10 * ((1000 * un * 0.5e-3) / 1.3e-3) ** (-2 / 3);
    expect((0.5 * 1000 * 0.5e-3 * cn * un ** 2) / (w * Math.cos(rad))).toBeCloseTo(1, 5);
  });

  it('ends at the angle of what is towed', () => {
    const result = ok(input({ end: { netWeightN: 0.5, dragAreaM2: 1e-3, downAreaM2: 4e-4 } }));
    expect(result.endAngleRad).toBeCloseTo(Math.atan2(0.5 + 0.2, 0.5), 9);
  });
});

describe('tow against the equations done by small steps', () => {
  const cases: Readonly<Record<string, TowInput>> = {
    'a flat line': input({}),
    'soft wire with a spoon': input({
      segments: [wire, { ...nylon, lengthM: 3 }],
      end: { netWeightN: 0.12, dragAreaM2: 9e-4 },
    }),
    'lead core and leader': input({
      speedMps: 1.2,
      segments: [
        { lengthM: 60, diameterM: 0.9e-3, massPerLengthKgPm: 2.8e-3, normalDragFactor: 1.5, tangentialCt: 0.02 },
        { ...nylon, lengthM: 8 },
      ],
      end: { netWeightN: 0.05, dragAreaM2: 6e-4, downAreaM2: 2e-4 },
    }),
    'a diving plane with what follows it': input({
      segments: [
        { ...nylon, lengthM: 25 },
        { ...nylon, lengthM: 1.5 },
      ],
      weights: [{ afterSegment: 0, netWeightN: 0.3, dragAreaM2: 3e-3, downAreaM2: 4e-3 }],
      end: { netWeightN: 0.05, dragAreaM2: 1e-3 },
    }),
    'a lure that floats behind a weight': input({
      segments: [
        { ...nylon, lengthM: 15 },
        { ...nylon, lengthM: 2 },
      ],
      weights: [{ afterSegment: 0, netWeightN: 1, dragAreaM2: 4e-4 }],
      end: { netWeightN: -0.15, dragAreaM2: 4e-4 },
    }),
    'current that turns below': input({
      speedMps: 0.8,
      segments: [{ ...nylon, lengthM: 20 }],
      current: [
        { depthM: 2, alongMps: 0.3 },
        { depthM: 8, alongMps: -0.4 },
      ],
      end: { netWeightN: 1.2, dragAreaM2: 1e-3 },
    }),
    'a drift slower than the water': input({
      speedMps: 0.1,
      segments: [{ ...nylon, lengthM: 12 }],
      current: [{ depthM: 0, alongMps: 0.4 }],
      end: { netWeightN: 1, dragAreaM2: 5e-4 },
    }),
  };
  it.each(Object.entries(cases))('%s', (_name, asked) => {
    const result = ok(asked);
    const hand = byHand(asked, result.depthM);
    expect(Math.abs(hand.atZ)).toBeLessThan(0.002 * result.depthM);
    expect(result.laybackM).toBeCloseTo(hand.laybackM, 1);
    expect(result.surfaceTensionN / hand.tensionN).toBeCloseTo(1, 3);
    expect(result.surfaceAngleRad).toBeCloseTo(hand.angleRad, 3);
  });

  it('leans ahead of the boat where the water runs faster than it', () =>
    expect(ok(cases['a drift slower than the water']!).laybackM).toBeLessThan(0));
});

describe('tow, what is asked the other way round', () => {
  it('pays out the line that the depth then takes', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0.3, max: 2.5, noNaN: true }),
        fc.double({ min: 0.05, max: 6, noNaN: true }),
        fc.double({ min: 1, max: 12, noNaN: true }),
        (speedMps, netWeightN, depthM) => {
          const end = { netWeightN, dragAreaM2: 6e-4, downAreaM2: 1e-4 };
          const paid = tow(
            input({
              speedMps,
              segments: [
                { ...wire, lengthM: 0 },
                { ...nylon, lengthM: 1 },
              ],
              end,
              solve: { for: 'line-out', depthM },
            }),
          );
          if (paid.outcome !== 'ok') return;
          const back = ok(
            input({
              speedMps,
              segments: [
                { ...wire, lengthM: paid.lineOutM! - 1 },
                { ...nylon, lengthM: 1 },
              ],
              end,
            }),
          );
          expect(back.depthM / depthM).toBeCloseTo(1, 4);
          expect(back.surfaceAngleRad).toBeCloseTo(paid.surfaceAngleRad!, 4);
        },
      ),
      { numRuns: 60 },
    ));

  it.each([undefined, { share: 0.3, mu: 0.6 }])(
    'finds the weight that makes the angle, and put back in it gives that angle (rest %s)',
    (rest) => {
      for (const degrees of [25, 45, 60, 72]) {
        const asked = input({
          speedMps: 0.6,
          segments: [{ ...nylon, lengthM: 0 }],
          end: { netWeightN: 0, dragAreaM2: 1.5e-3, ...(rest ? { rest } : {}) },
          solve: { for: 'weight', depthM: 8, surfaceAngleRad: (degrees * Math.PI) / 180 },
        });
        const solved = ok(asked);
        const back = ok({
          ...asked,
          end: { ...asked.end, netWeightN: solved.netWeightN },
          solve: { for: 'line-out', depthM: 8 },
        });
        expect((back.surfaceAngleRad * 180) / Math.PI).toBeCloseTo(degrees, 2);
        const hand = byHand({ ...asked, segments: [{ ...nylon, lengthM: solved.lineOutM }] }, 8, solved.netWeightN);
        expect((hand.angleRad * 180) / Math.PI).toBeCloseTo(degrees, 1);
      }
    },
  );

  it('is heavier where it also has to keep touch with the bottom', () => {
    const asked = (rest?: { share: number; mu: number }) =>
      input({
        speedMps: 0.6,
        segments: [{ ...nylon, lengthM: 0 }],
        end: { netWeightN: 0, dragAreaM2: 1.5e-3, rest },
        solve: { for: 'weight', depthM: 8, surfaceAngleRad: Math.PI / 4 },
      });
    const free = ok(asked()).netWeightN;
    const resting = ok(asked({ share: 0.3, mu: 0.6 })).netWeightN;
    expect(resting).toBeGreaterThan(1.5 * free);
    expect(ok(asked({ share: 0.3, mu: 0.8 })).netWeightN).toBeGreaterThan(resting);
  });
});

describe('tow, physical surprises', () => {
  it.each([
    ['a lure that floats and does not dive', input({ end: { netWeightN: -0.2, dragAreaM2: 1e-3 } }), 'at-surface'],
    [
      'a lure that floats on line that floats, asked for a depth',
      input({
        segments: [{ ...nylon, massPerLengthKgPm: 6.5e-5 }],
        end: { netWeightN: -0.2, dragAreaM2: 1e-3 },
        solve: { for: 'line-out', depthM: 3 },
      }),
      'never-that-deep',
    ],
    [
      'floating line that lifts a light end',
      input({
        speedMps: 2,
        segments: [{ ...nylon, massPerLengthKgPm: 6.5e-5 }],
        end: { netWeightN: 0.02, dragAreaM2: 1e-3 },
        solve: { for: 'line-out', depthM: 20 },
      }),
      'never-that-deep',
    ],
    [
      'an angle flatter than the line itself hangs',
      input({ segments: [wire], solve: { for: 'weight', depthM: 10, surfaceAngleRad: 0.05 } }),
      'no-weight-does',
    ],
    [
      'an angle steeper than a weight that rubs on rock can hang',
      input({
        end: { netWeightN: 0, dragAreaM2: 1e-3, rest: { share: 0.3, mu: 0.8 } },
        solve: { for: 'weight', depthM: 8, surfaceAngleRad: 1.35 },
      }),
      'no-weight-does',
    ],
    [
      'a leader longer than the depth',
      input({
        segments: [nylon, { ...nylon, lengthM: 20 }],
        end: { netWeightN: 2, dragAreaM2: 1e-4 },
        solve: { for: 'line-out', depthM: 3 },
      }),
      'too-shallow-for-the-rig',
    ],
    [
      'the same, asked for a weight',
      input({
        speedMps: 0.2,
        segments: [nylon, { ...wire, lengthM: 20 }],
        end: { netWeightN: 0, dragAreaM2: 1e-5 },
        solve: { for: 'weight', depthM: 1, surfaceAngleRad: 1 },
      }),
      'too-shallow-for-the-rig',
    ],
  ] as const)('%s is an outcome', (_name, asked, outcome) => {
    const { outcome: got, shape, ...figures } = tow(asked);
    expect(got).toBe(outcome);
    expect(shape).toEqual([]);
    expect(Object.values(figures).every((figure) => figure === null)).toBe(true);
  });

  it('lays line that floats on the surface, and counts it', () => {
    const floating = { lengthM: 400, diameterM: 1.2e-3, massPerLengthKgPm: 0.6e-3 };
    const result = ok(input({ speedMps: 1.5, segments: [floating], end: { netWeightN: 1, dragAreaM2: 4e-4 } }));
    expect(result.surfaceAngleRad).toBe(0);
    expect(result.lineOutM).toBe(400);
    expect(result.laybackM).toBeGreaterThan(390);
    expect(result.shape.every(([, z]) => z >= -1e-6)).toBe(true);
  });

  it('takes the shallowest of several depths', () => {
    // A lip that digs only where the water runs against it: the lure stays in the upper water, though lower down it would stay too.
    const asked = input({
      speedMps: 1,
      segments: [{ ...nylon, lengthM: 25 }],
      current: [
        { depthM: 0, alongMps: 0.6 },
        { depthM: 3, alongMps: 0.6 },
        { depthM: 6, alongMps: -1.5 },
      ],
      end: { netWeightN: -0.02, dragAreaM2: 6e-4, downAreaM2: 8e-4 },
    });
    const { depthM } = ok(asked);
    const hands = Array.from({ length: 200 }, (_, i) => byHand(asked, (i + 1) / 10).atZ);
    const crossings = hands.slice(1).filter((z, i) => z > 0 !== hands[i]! > 0).length;
    expect(crossings).toBeGreaterThan(0);
    const first = (hands.findIndex((z) => z > 0) + 1) / 10;
    expect(depthM).toBeGreaterThan(first - 0.1);
    expect(depthM).toBeLessThan(first + 0.01);
  });

  it('gives a shape from the entry to the end, as long as the line', () => {
    const { shape, depthM, laybackM } = ok(
      input({
        segments: [wire, { ...nylon, lengthM: 10 }],
        weights: [{ afterSegment: 0, netWeightN: 3, dragAreaM2: 5e-4 }],
      }),
    );
    expect(shape[0]).toEqual([0, 0]);
    expect(shape.at(-1)![0]).toBeCloseTo(laybackM, 6);
    expect(shape.at(-1)![1]).toBeCloseTo(depthM, 6);
    const length = shape.slice(1).reduce((sum, [x, z], i) => sum + Math.hypot(x - shape[i]![0], z - shape[i]![1]), 0);
    expect(length).toBeCloseTo(70, 0);
  });
});
