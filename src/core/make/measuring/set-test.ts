import { requireInRange, type Limits } from '../../base/guard';
import { tipToHookM } from '../../strike';
import { bendRod, resolveRod, type Rod } from '../../tackle';
import { meanOf, type Measured } from './readings';

export interface SetTest {
  readonly rod: Rod;
  /** rod against the line, before and after [rad] */
  readonly sweep: { readonly startRad: number; readonly endRad: number; readonly stepBackM: number };
  readonly line: { readonly lengthM: number; readonly eaN: number };
  /** what the peak-hold scale on the post showed, one a set [N] */
  readonly peaksN: readonly number[];
}

export interface SetTestResult {
  readonly outcome: 'ok';
  /** moment at the grip at the peak [N·m] */
  readonly peakMoment: Measured;
  /** take-up that never became pull: slack, if nothing else held the pull back [m] */
  readonly slack: Measured;
  /** line that the sweep takes up in all [m] */
  readonly takeUpM: number;
}

export const SET_TEST_LIMITS = {
  peakN: { min: 0, max: 1000, exclusiveMin: true },
  lineLengthM: { min: 1, max: 100 },
  eaN: { min: 1, max: 1e6 },
  stepBackM: { min: 0, max: 10 },
} as const satisfies Record<string, Limits>;

/** Sets by one hand scatter by about a tenth; a luggage scale reads to a fifth of a newton. */
const LONE_SPREAD = 0.1;
const STEP_N = 0.5;

/**
 * What this angler's set is worth: the moment at the grip [N·m], and the slack [m] it leaves.
 *
 * Model: the scale stands for the hook and gives nothing. At the peak T the rod pulls its grip with T·leverArm(T), and
 * of the take-up T·L/EA went into the line and yield(T) into the rod; what is left was slack, or was never swept
 * because the arms gave out. With one length of line the two cannot be told apart, so both are upper bounds.
 */
export function setTest({ rod, sweep, line, peaksN }: SetTest): SetTestResult {
  const resolved = resolveRod(rod);
  peaksN.forEach((peak, i) => requireInRange(`peaksN[${i}]`, peak, SET_TEST_LIMITS.peakN));
  const L = requireInRange('line.lengthM', line.lengthM, SET_TEST_LIMITS.lineLengthM);
  const EA = requireInRange('line.eaN', line.eaN, SET_TEST_LIMITS.eaN);
  const reachM = L + resolved.lengthM;
  const tip = (angle: number) => tipToHookM({ rod: resolved, reachM }, angle);
  const takeUpM =
    tip(sweep.endRad) -
    tip(sweep.startRad) +
    requireInRange('sweep.stepBackM', sweep.stepBackM, SET_TEST_LIMITS.stepBackM);
  requireInRange('take-up of the sweep', takeUpM, { min: 0, max: 100, exclusiveMin: true });
  const bends = peaksN.map((T) => bendRod(resolved, T, sweep.endRad));
  const moments = peaksN.map((T, i) => T * bends[i]!.leverArmM);
  const slacks = peaksN.map((T, i) => takeUpM - (T * L) / EA - bends[i]!.yieldM);
  slacks.forEach((slack, i) =>
    requireInRange(`peaksN[${i}] leaves slack`, slack, { min: -SLACK_TOLERANCE_M, max: 100 }),
  );
  const lever = bends[0]!.leverArmM;
  return {
    outcome: 'ok',
    peakMoment: meanOf(moments, { step: STEP_N * lever, loneSd: LONE_SPREAD * moments[0]! }),
    slack: meanOf(
      slacks.map((slack) => Math.max(0, slack)),
      { step: 0.02, loneSd: 0.1 },
    ),
    takeUpM,
  };
}

/** A peak above what the sweep can reach by this much take-up is put down to reading the angles [m]. */
const SLACK_TOLERANCE_M = 0.15;
