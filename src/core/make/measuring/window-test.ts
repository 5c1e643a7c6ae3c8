import { InputRangeError, requireInRange, type Limits } from '../../base/guard';
import { meanOf, type Measured } from './readings';

export interface WindowTest {
  /** speeds at which it starts to work, one a try [m/s] */
  readonly startsMps: readonly number[];
  /** speeds at which it rolls or flips over; empty where it never did [m/s] */
  readonly failsMps: readonly number[];
}

export interface WindowTestResult {
  readonly outcome: 'ok';
  readonly from: Measured;
  readonly to: Measured | null;
}

export const WINDOW_TEST_LIMITS = { speedMps: { min: 0.05, max: 20 } } as const satisfies Record<string, Limits>;

/** A speed read off an instrument beside the boat: its step, and a lone reading's standard deviation as a share. */
const STEP_MPS = 0.05;
const LONE_SPREAD = 0.1;

/**
 * Speeds between which a lure or an attractor works, from tries beside the boat [m/s].
 *
 * @throws {InputRangeError} one that fails at a speed lower than it starts at.
 */
export function windowTest({ startsMps, failsMps }: WindowTest): WindowTestResult {
  startsMps.forEach((speed, i) => requireInRange(`startsMps[${i}]`, speed, WINDOW_TEST_LIMITS.speedMps));
  const from = meanOf(startsMps, { step: STEP_MPS, loneSd: LONE_SPREAD * (startsMps[0] ?? 0) });
  failsMps.forEach((speed, i) => {
    requireInRange(`failsMps[${i}]`, speed, WINDOW_TEST_LIMITS.speedMps);
    if (speed <= from.value)
      throw new InputRangeError(`failsMps[${i}]`, speed, from.value, WINDOW_TEST_LIMITS.speedMps.max);
  });
  return {
    outcome: 'ok',
    from,
    to: failsMps.length === 0 ? null : meanOf(failsMps, { step: STEP_MPS, loneSd: LONE_SPREAD * failsMps[0]! }),
  };
}
