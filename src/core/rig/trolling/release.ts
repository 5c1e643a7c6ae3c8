import { requireInRange, type Limits } from '../../base/guard';

export const RELEASE_LIMITS = {
  depthM: { min: 0.5, max: 200 },
  leadM: { min: 0.3, max: 200 },
  speedMps: { min: 0, max: 10, exclusiveMin: true },
  springM: { min: 0, max: 5 },
} as const satisfies Record<string, Limits>;

export interface TrippedInput {
  readonly depthM: number;
  readonly leadM: number;
  readonly speedMps: number;
  /** how far the bent rod springs up when the release lets go [m] */
  readonly rodSpringM: number;
}

export interface Tripped {
  readonly outcome: 'ok';
  /** line too many when the release lets go: down and along, against straight [m] */
  readonly slackM: number;
  /** what of it the rod takes up at once, and the boat after it [m] */
  readonly rodM: number;
  readonly boatM: number;
  /** until the line is tight [s] */
  readonly tightS: number;
  /** the same with half the lead */
  readonly halfLead: { readonly slackM: number; readonly tightS: number };
}

/**
 * The slack that a tripped release leaves, and who takes it up.
 *
 * Model: depth + lead − √(depth² + lead²); first the rod springs up, then the boat draws away along the line that is left.
 */
export function tripped({ depthM, leadM, speedMps, rodSpringM }: TrippedInput): Tripped {
  requireInRange('depthM', depthM, RELEASE_LIMITS.depthM);
  requireInRange('leadM', leadM, RELEASE_LIMITS.leadM);
  requireInRange('speedMps', speedMps, RELEASE_LIMITS.speedMps);
  const slackOf = (lead: number) => depthM + lead - Math.hypot(depthM, lead);
  const after = (slackM: number) => Math.max(0, slackM - rodSpringM) / speedMps;
  const slackM = slackOf(leadM);
  const rodM = Math.min(slackM, rodSpringM);
  return {
    outcome: 'ok',
    slackM,
    rodM,
    boatM: slackM - rodM,
    tightS: after(slackM),
    halfLead: { slackM: slackOf(leadM / 2), tightS: after(slackOf(leadM / 2)) },
  };
}

export const SHOCK_LIMITS = {
  speedMps: { min: 0, max: 10 },
  massKg: { min: 0, max: 50, exclusiveMin: true },
  eaN: { min: 0, max: 1e8, exclusiveMin: true },
  lengthM: { min: 0.05, max: 500 },
  strengthN: { min: 0, max: 1e5, exclusiveMin: true },
  softNpM: { min: 0, max: 1e7, exclusiveMin: true },
} as const satisfies Record<string, Limits>;

export interface CableShockInput {
  /** how fast the boat's rail comes up against the ball, as it rolls [m/s] */
  readonly speedMps: number;
  readonly ballKg: number;
  readonly eaN: number;
  readonly strengthN: number;
  readonly cableM: number;
  /** spring of a snubber between boom and cable [N/m] */
  readonly snubberNpM?: number | undefined;
}

export interface CableShock {
  readonly outcome: 'ok';
  readonly peakN: number;
  readonly margin: number;
  /** a kinked cable keeps half */
  readonly kinkedMargin: number;
  /** the same where the ball hangs near the rail */
  readonly nearRail: { readonly cableM: number; readonly peakN: number; readonly margin: number };
}

/** A cable with a kink keeps this share of its strength. */
const KINKED = 0.5;
/** Near the rail: the last of the cable as the ball is brought up [m]. */
const NEAR_RAIL_M = 1;

/**
 * Peak in a downrigger's cable as the boat rolls: shock v·√(m·k) over the still weight, k = EA/L of the cable, with a
 * snubber in series 1/k = L/EA + 1/k_s.
 * Valid: the ball as a mass that hardly moves during the jerk; water that moves with it is left out, which helps it.
 */
export function cableShock({ speedMps, ballKg, eaN, strengthN, cableM, snubberNpM }: CableShockInput): CableShock {
  requireInRange('speedMps', speedMps, SHOCK_LIMITS.speedMps);
  requireInRange('ballKg', ballKg, SHOCK_LIMITS.massKg);
  requireInRange('eaN', eaN, SHOCK_LIMITS.eaN);
  requireInRange('cableM', cableM, SHOCK_LIMITS.lengthM);
  requireInRange('strengthN', strengthN, SHOCK_LIMITS.strengthN);
  const peak = (lengthM: number) =>
    speedMps * Math.sqrt(ballKg / (lengthM / eaN + (snubberNpM === undefined ? 0 : 1 / snubberNpM)));
  const peakN = peak(cableM);
  const near = Math.min(cableM, NEAR_RAIL_M);
  const margin = (N: number) => (N === 0 ? Infinity : strengthN / N);
  return {
    outcome: 'ok',
    peakN,
    margin: finite(margin(peakN)),
    kinkedMargin: finite(KINKED * margin(peakN)),
    nearRail: { cableM: near, peakN: peak(near), margin: finite(margin(peak(near))) },
  };
}

/** A boat that does not roll asks nothing; that is more than any margin. */
const finite = (value: number): number => Math.min(1e6, value);
