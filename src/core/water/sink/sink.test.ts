import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { STANDARD_GRAVITY_MPS2 as g } from '../../base/constants';
import { sphereDragCoefficient } from './body';
import { sink, type SinkInput } from './sink';

const thinLine = { diameterM: 1e-7, densityKgPm3: 1000, tangentialCt: 0 };
const water = { densityKgPm3: 1000, viscosityPaS: 1e-3 };
const braid = { diameterM: 0.28e-3, densityKgPm3: 970, tangentialCt: 0.02 };

/** A body of one drag area with no line has closed forms: v = v∞·tanh(t/τ), z = v∞·τ·ln cosh(t/τ). */
const plain: SinkInput = {
  water,
  bodies: [{ massKg: 0.02, volumeM3: 5e-6, dragAreaM2: 3e-4 }],
  line: thinLine,
  mode: 'free',
  depthsM: [0.1, 0.5, 1, 5, 20],
};
const W = (0.02 - 0.005) * g;
const vEnd = Math.sqrt((2 * W) / (1000 * 3e-4));
const tau = ((0.02 + 0.5 * 0.005) * vEnd) / W;

describe('sink: reference', () => {
  it('falls by the closed form when nothing but its own drag holds it', () => {
    const result = sink(plain);
    expect(result.netWeightN).toBeCloseTo(W, 12);
    expect(result.terminalMps).toBeCloseTo(vEnd, 9);
    for (const row of result.table) {
      const t = tau * Math.acosh(Math.exp(row.depthM / (vEnd * tau)));
      expect(row.timeS! / t).toBeCloseTo(1, 4);
      expect(row.speedMps! / (vEnd * Math.tanh(t / tau))).toBeCloseTo(1, 4);
    }
  });

  // Brown and Lawler 2003, equation 19; the creeping-flow end is Stokes' 24/Re.
  it.each([
    [0.01, 2416, 0.002],
    [100, 1.09, 0.02],
    [10000, 0.41, 0.03],
  ])('a ball at Re %d has a drag coefficient of %d', (Re, cd, within) =>
    expect(Math.abs(sphereDragCoefficient(Re) / cd - 1)).toBeLessThan(within),
  );

  it('gives a lead ball of 10 g its rate in closed balance', () => {
    const { terminalMps: v } = sink({
      ...plain,
      bodies: [{ massKg: 0.01, material: 'lead', shape: { kind: 'sphere' } }],
      depthsM: [],
    });
    const d = Math.cbrt((6 * (0.01 / 11340)) / Math.PI);
    const drag = 0.5 * 1000 * sphereDragCoefficient((1000 * v! * d) / 1e-3) * ((Math.PI * d * d) / 4) * v! ** 2;
    expect(drag).toBeCloseTo((0.01 - (1000 * 0.01) / 11340) * g, 9);
  });

  it.each([
    [{ kind: 'bullet', areaM2: 1e-4 }, 0.45e-4],
    [{ kind: 'broadside', areaM2: 1e-4 }, 1e-4],
    [{ kind: 'paddle-tail', lengthM: 0.1 }, 4.5e-4],
    [{ kind: 'twin-tail', lengthM: 0.1 }, 8e-4],
    [{ kind: 'straight-tail', lengthM: 0.1 }, 2e-4],
    [{ kind: 'skirt' }, 2e-4],
  ] as const)('the shape %o has a drag area of %d m²', (shape, dragAreaM2) => {
    const by = (body: object) => sink({ ...plain, bodies: [{ massKg: 0.02, volumeM3: 5e-6, ...body }] }).terminalMps;
    expect(by({ shape })).toBeCloseTo(by({ dragAreaM2 })!, 12);
  });

  it('swings down on a tight line: no faster than falling free, back toward the rod by geometry', () => {
    const free = sink({ ...plain, line: braid });
    const tight = sink({ ...plain, line: braid, mode: 'tight-line', lineLengthM: 25 });
    tight.table.forEach((row, i) => {
      expect(row.timeS!).toBeGreaterThan(free.table[i]!.timeS!);
      expect(row.swingM).toBeCloseTo(25 - Math.sqrt(625 - row.depthM ** 2), 10);
      expect(row.driftM).toBeNull();
    });
  });

  it('swings like a drag-free pendulum at the start', () => {
    // Level at rest: φ̈ = W/(m+½ρV)/ℓ, so z = ½·(W/(m+½ρV))·t² while the drag is small.
    const [row] = sink({ ...plain, mode: 'tight-line', lineLengthM: 10, depthsM: [0.001] }).table;
    expect(row!.timeS!).toBeCloseTo(Math.sqrt((2 * 0.001 * (0.02 + 0.0025)) / W), 3);
  });
});

describe('sink: outcomes', () => {
  it('floats, suspends within half a per cent of its weight, and has no table then', () => {
    const of = (volumeM3: number) => sink({ ...plain, bodies: [{ massKg: 0.02, volumeM3, dragAreaM2: 3e-4 }] });
    expect(of(25e-6)).toMatchObject({ outcome: 'floats', terminalMps: null, table: [] });
    expect(of(20e-6 * 0.996)).toMatchObject({ outcome: 'suspends', table: [] });
    expect(of(20e-6 * 1.004).outcome).toBe('suspends');
    expect(of(20e-6 * 0.994).outcome).toBe('sinks');
  });

  it('says null for a depth it never reaches', () => {
    expect(
      sink({ ...plain, mode: 'tight-line', lineLengthM: 4, depthsM: [3, 5] }).table.map((row) => row.timeS === null),
    ).toEqual([false, true]);
    expect(
      sink({ ...plain, payoutN: 1 }).table.every(
        (row) => row.timeS === null && row.speedMps === null && row.driftM === null,
      ),
    ).toBe(true);
    // A floating line takes all weight in the end.
    const buoyant = sink({
      ...plain,
      line: { diameterM: 1e-3, densityKgPm3: 700, tangentialCt: 0.02 },
      depthsM: [10, 100],
    }).table;
    expect(buoyant[0]!.timeS).not.toBeNull();
    expect(buoyant[1]!.timeS).toBeNull();
  });

  it('keeps the order of the depths', () =>
    expect(sink({ ...plain, depthsM: [5, 1, 3] }).table.map((row) => row.depthM)).toEqual([5, 1, 3]));

  it('drifts with the current', () => {
    const [row] = sink({ ...plain, currentMps: 0.4, depthsM: [3] }).table;
    expect(row!.driftM).toBeCloseTo(0.4 * row!.timeS!, 12);
  });
});

describe('sink: invariants', () => {
  const massKg = fc.double({ min: 0.003, max: 0.08, noNaN: true });
  it('takes longer deeper, longer with a thicker line, longer against a payout', () =>
    fc.assert(
      fc.property(massKg, fc.double({ min: 0.5, max: 15, noNaN: true }), (mass, depth) => {
        const at = (change: Partial<SinkInput>) =>
          sink({
            ...plain,
            bodies: [{ massKg: mass, material: 'lead', dragAreaM2: 3e-4 }],
            line: braid,
            depthsM: [depth, depth + 1],
            ...change,
          }).table;
        const [near, far] = at({});
        expect(far!.timeS!).toBeGreaterThan(near!.timeS!);
        expect(at({ line: { ...braid, diameterM: 0.8e-3 } })[0]!.timeS!).toBeGreaterThan(near!.timeS!);
        expect(at({ payoutN: 0.005 })[0]!.timeS!).toBeGreaterThan(near!.timeS!);
      }),
    ));

  it('is one rig, however it is divided into bodies', () =>
    fc.assert(
      fc.property(massKg, fc.double({ min: 0.1, max: 0.9, noNaN: true }), (mass, share) => {
        const body = (part: number) => ({ massKg: mass * part, densityKgPm3: 5000, dragAreaM2: 4e-4 * part });
        const whole = sink({ ...plain, bodies: [body(1)] });
        const parts = sink({ ...plain, bodies: [body(share), body(1 - share)] });
        expect(parts.table[2]!.timeS).toBeCloseTo(whole.table[2]!.timeS!, 6);
      }),
    ));
});

it('names the field it rejects', () => {
  expect(() => sink({ ...plain, mode: 'tight-line' })).toThrow(/lineLengthM/);
  expect(() => sink({ ...plain, depthsM: [0] })).toThrow(/depthsM\[0\]/);
  expect(() => sink({ ...plain, bodies: [{ massKg: 0.02, dragAreaM2: 1e-4 }] })).toThrow(/bodies\[0\].volumeM3/);
  expect(() => sink({ ...plain, bodies: [{ massKg: 0.02, volumeM3: 1e-6 }] })).toThrow(/bodies\[0\].dragAreaM2/);
});

describe('sink: a tight line against plain small steps of its equation', () => {
  /** CORE's equation as it stands: the drag of the line summed over 400 pieces, Runge–Kutta in steps of a millisecond. */
  function slowTightLine(
    body: { massKg: number; volumeM3: number; dragAreaM2: number },
    line: { diameterM: number; densityKgPm3: number },
    l: number,
    depthM: number,
  ): number {
    const { densityKgPm3: rho, viscosityPaS: mu } = water;
    const d = line.diameterM;
    const w = ((line.densityKgPm3 - rho) * g * Math.PI * d ** 2) / 4;
    const net = (body.massKg - rho * body.volumeM3) * g;
    const N = 400;
    const lineDrag = (rate: number) => {
      let sum = 0;
      for (let i = 0; i < N; i += 1) {
        const r = ((i + 0.5) * l) / N;
        const u = rate * r;
        const cn = u === 0 ? 0 : 1 + 10 * ((rho * u * d) / mu) ** (-2 / 3);
        sum += (0.5 * rho * cn * d * u * u * r * l) / N;
      }
      return sum;
    };
    const acceleration = (phi: number, rate: number) =>
      ((net * l + (w * l * l) / 2) * Math.cos(phi) -
        0.5 * rho * body.dragAreaM2 * (l * rate) ** 2 * l -
        lineDrag(Math.max(0, rate))) /
      ((body.massKg + 0.5 * rho * body.volumeM3) * l * l);
    let [phi, rate, t] = [0, 0, 0];
    const h = 2e-3;
    while (l * Math.sin(phi) < depthM && t < 200) {
      const k1 = acceleration(phi, rate);
      const k2 = acceleration(phi + (h / 2) * rate, rate + (h / 2) * k1);
      phi += h * (rate + (h / 2) * k1);
      rate += h * k2;
      t += h;
    }
    return t;
  }

  it.each([
    [
      'braid and a heavy head',
      { massKg: 0.02, volumeM3: 5e-6, dragAreaM2: 3e-4 },
      { diameterM: 2.8e-4, densityKgPm3: 970 },
      12,
      4,
    ],
    [
      'copper, where the line itself pulls',
      { massKg: 0.008, volumeM3: 4e-6, dragAreaM2: 6e-4 },
      { diameterM: 9e-4, densityKgPm3: 8960 },
      10,
      6,
    ],
    [
      'wire straight down',
      { massKg: 0.03, volumeM3: 6e-6, dragAreaM2: 4e-4 },
      { diameterM: 4e-4, densityKgPm3: 7900 },
      5,
      4.5,
    ],
  ])('%s', (_name, body, line, lineLengthM, depthM) => {
    const [row] = sink({
      water,
      bodies: [body],
      line: { ...line, tangentialCt: 0.012 },
      mode: 'tight-line',
      lineLengthM,
      depthsM: [depthM],
    }).table;
    expect(row!.timeS! / slowTightLine(body, line, lineLengthM, depthM)).toBeCloseTo(1, 2);
  });
});
