import { InputRuleError, requireInRange, type Limits } from '../../base/guard';

export const S_TURN_LIMITS = {
  speedMps: { min: 0.05, max: 10 },
  amplitudeM: { min: 0, max: 200 },
  waveLengthM: { min: 2, max: 2000 },
  laybackM: { min: 0.5, max: 400 },
  depthM: { min: 0, max: 300 },
  bottomM: { min: 0.3, max: 300 },
  waves: { min: 1, max: 6 },
} as const satisfies Record<string, Limits>;

export interface STurnInput {
  readonly speedMps: number;
  /** of the course to either side of its middle [m] */
  readonly amplitudeM: number;
  /** from one turn to the same side to the next [m] */
  readonly waveLengthM: number;
  readonly laybackM: number;
  /** depth that the lure takes at a steady speed, ascending; straight between, constant beyond */
  readonly depthsAt: readonly { readonly speedMps: number; readonly depthM: number }[];
  readonly bottomM?: number | undefined;
  /** 3 when absent */
  readonly waves?: number | undefined;
}

export interface STurn {
  readonly outcome: 'ok';
  readonly timeS: readonly number[];
  /** along the middle of the course and to starboard of it [m] */
  readonly boatM: readonly (readonly [number, number])[];
  readonly lureM: readonly (readonly [number, number])[];
  readonly speedMps: readonly number[];
  readonly depthM: readonly number[];
  /** what the lure does once the weaving has settled: over the last wave */
  readonly settled: {
    readonly slowestMps: number;
    readonly fastestMps: number;
    readonly shallowestM: number;
    readonly deepestM: number;
    /** share of the time in which the line is slack, and on the bottom */
    readonly slackShare: number;
    readonly bottomShare: number;
  };
  /** when it first strikes the bottom; null: it does not */
  readonly bottomAtS: number | null;
}

const WAVES = 3;
const POINTS = 300;
const STEPS_A_POINT = 20;

/**
 * A lure behind a boat that weaves: its path, speed and depth through time.
 *
 * Model: the boat goes at a steady speed on y = A·sin(2πx/Λ); the lure is drawn along its line (tractrix, marched in time, since
 * the steady circle is wrong for waves shorter than some three laybacks); its depth follows the one that is steady at its
 * speed, lagging by layback over the boat's speed. Where the boat comes nearer than the line is long, the line is slack and
 * the lure stands. Valid while the line lies nearly straight in plan.
 *
 * @throws {InputRangeError} when a value lies outside S_TURN_LIMITS, or speeds do not rise.
 */
export function sTurn({
  speedMps,
  amplitudeM,
  waveLengthM,
  laybackM,
  depthsAt,
  bottomM,
  waves = WAVES,
}: STurnInput): STurn {
  const v = requireInRange('speedMps', speedMps, S_TURN_LIMITS.speedMps);
  const A = requireInRange('amplitudeM', amplitudeM, S_TURN_LIMITS.amplitudeM);
  const L = requireInRange('waveLengthM', waveLengthM, S_TURN_LIMITS.waveLengthM);
  const ell = requireInRange('laybackM', laybackM, S_TURN_LIMITS.laybackM);
  if (bottomM !== undefined) requireInRange('bottomM', bottomM, S_TURN_LIMITS.bottomM);
  requireInRange('waves', waves, S_TURN_LIMITS.waves);
  depthsAt.forEach(({ depthM }, i) => {
    requireInRange(`depthsAt[${i}].depthM`, depthM, S_TURN_LIMITS.depthM);
    if (i > 0 && depthsAt[i]!.speedMps <= depthsAt[i - 1]!.speedMps)
      throw new InputRuleError(`depthsAt[${i}].speedMps`, `more than ${depthsAt[i - 1]!.speedMps}`);
  });
  const k = (2 * Math.PI) / L;
  const slope = (x: number) => A * k * Math.cos(k * x);
  const wayM = lengthOfWaveM(slope, L) * waves;
  const dt = wayM / v / (POINTS * STEPS_A_POINT);
  let x = 0;
  let boat: readonly [number, number] = [0, 0];
  let lure: readonly [number, number] = [-ell, 0];
  let depth = depthAt(depthsAt, v);
  const track = { timeS: [0], boatM: [boat], lureM: [lure], speedMps: [v], depthM: [depth], slack: [0], bottom: [0] };
  let bottomAtS: number | null = null;
  for (let i = 1; i <= POINTS; i += 1) {
    const sum = { way: 0, slack: 0, bottom: 0 };
    for (let step = 0; step < STEPS_A_POINT; step += 1) {
      // The middle of the step tells how steep the course is: second order.
      const half = x + (v * dt) / 2 / Math.hypot(1, slope(x));
      x += (v * dt) / Math.hypot(1, slope(half));
      boat = [x, A * Math.sin(k * x)];
      const apart = Math.hypot(boat[0] - lure[0], boat[1] - lure[1]);
      const drawn = Math.max(0, apart - ell);
      if (drawn > 0)
        lure = [boat[0] - (ell * (boat[0] - lure[0])) / apart, boat[1] - (ell * (boat[1] - lure[1])) / apart];
      else sum.slack += 1;
      sum.way += drawn;
      depth += ((depthAt(depthsAt, drawn / dt) - depth) * v * dt) / ell;
      if (bottomM !== undefined && depth >= bottomM) {
        depth = bottomM;
        sum.bottom += 1;
        bottomAtS ??= ((i - 1) * STEPS_A_POINT + step + 1) * dt;
      }
    }
    track.timeS.push(i * STEPS_A_POINT * dt);
    track.boatM.push(boat);
    track.lureM.push(lure);
    track.speedMps.push(sum.way / (STEPS_A_POINT * dt));
    track.depthM.push(depth);
    track.slack.push(sum.slack / STEPS_A_POINT);
    track.bottom.push(sum.bottom / STEPS_A_POINT);
  }
  const last = Math.round(POINTS / waves);
  const of = (values: readonly number[]) => values.slice(-last);
  const mean = (values: readonly number[]) => values.reduce((total, each) => total + each, 0) / values.length;
  const { slack, bottom, ...series } = track;
  return {
    outcome: 'ok',
    ...series,
    settled: {
      slowestMps: Math.min(...of(track.speedMps)),
      fastestMps: Math.max(...of(track.speedMps)),
      shallowestM: Math.min(...of(track.depthM)),
      deepestM: Math.max(...of(track.depthM)),
      slackShare: mean(of(slack)),
      bottomShare: mean(of(bottom)),
    },
    bottomAtS,
  };
}

const PIECES = 400;

/** Way along one wave of the course [m], by the midpoint rule. */
const lengthOfWaveM = (slope: (x: number) => number, L: number): number =>
  Array.from({ length: PIECES }, (_, i) => Math.hypot(1, slope(((i + 0.5) * L) / PIECES))).reduce(
    (sum, each) => sum + (each * L) / PIECES,
    0,
  );

/** Depth at a steady speed [m]; straight between what is given, constant beyond. */
function depthAt(depthsAt: STurnInput['depthsAt'], speedMps: number): number {
  const next = depthsAt.findIndex((each) => each.speedMps > speedMps);
  if (next === 0) return depthsAt[0]!.depthM;
  if (next < 0) return depthsAt.at(-1)!.depthM;
  const [a, b] = [depthsAt[next - 1]!, depthsAt[next]!];
  return a.depthM + ((speedMps - a.speedMps) / (b.speedMps - a.speedMps)) * (b.depthM - a.depthM);
}

/**
 * Depths of a lure after the boat's speed has changed: it lags by layback over speed.
 *
 * Model: d(t) = d₁ + (d₀ − d₁)·e^(−t·v/ℓ), d₁ the steady depth at the new speed v.
 */
export function depthAfter(
  depthsAt: STurnInput['depthsAt'],
  {
    fromMps,
    toMps,
    forS,
    laybackM,
  }: { readonly fromMps: number; readonly toMps: number; readonly forS: number; readonly laybackM: number },
): number {
  const [before, steady] = [depthAt(depthsAt, fromMps), depthAt(depthsAt, toMps)];
  return steady + (before - steady) * Math.exp((-forS * toMps) / laybackM);
}
