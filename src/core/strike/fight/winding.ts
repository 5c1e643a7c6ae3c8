import { FIGHT_CLASSES } from '../../tackle/defaults/fight-classes';
import { requireInRange, type Limits } from '../../base/guard';
import { lineATurnM } from '../../tackle';

export const WINDING_LIMITS = {
  gearRatio: { min: 0.5, max: 12 },
  radiusM: { min: 0, max: 0.5, exclusiveMin: true },
  handleM: { min: 0.01, max: 0.5 },
  speedMps: { min: 0, max: 20 },
  handN: { min: 0, max: 1000 },
  efficiency: { min: 0, max: 1, exclusiveMin: true },
} as const satisfies Record<string, Limits>;

export interface WindingInput {
  readonly gearRatio: number;
  /** radius of the wound line as it stands [m] */
  readonly nowRadiusM: number;
  /** axle to knob [m] */
  readonly handleM: number;
  /** speeds at which line is to come in [m/s] */
  readonly speedsMps: readonly number[];
  /** push that the hand keeps up [N] */
  readonly handN?: number | undefined;
  /** share of the hand's work that reaches the line */
  readonly efficiency?: number | undefined;
}

export interface Winding {
  readonly outcome: 'ok';
  readonly lineATurnM: number;
  /** pull that can be wound against [N] */
  readonly pullN: number;
  /** turns of the handle a minute, in the order of the speeds; `winds` while a hand keeps that up */
  readonly speeds: readonly { readonly speedMps: number; readonly turnsPerMin: number; readonly winds: boolean }[];
}

/**
 * Turns a minute [1/min] for each speed of the line, and the pull [N] that can be wound against.
 *
 * Model: a turn winds 2π·R·i; work in over work out, F = hand·handle·η/(i·R). The radius is that of the spool as it stands:
 * a reel winds slower and pulls harder when line is out.
 *
 * @throws {InputRangeError} when a value lies outside WINDING_LIMITS.
 */
export function winding(input: WindingInput): Winding {
  const W = WINDING_LIMITS;
  const i = requireInRange('gearRatio', input.gearRatio, W.gearRatio);
  const R = requireInRange('nowRadiusM', input.nowRadiusM, W.radiusM);
  const h = requireInRange('handleM', input.handleM, W.handleM);
  const hand = requireInRange('handN', input.handN ?? FIGHT_CLASSES.winding.handN, W.handN);
  const eta = requireInRange('efficiency', input.efficiency ?? FIGHT_CLASSES.winding.efficiency, W.efficiency);
  const turnM = lineATurnM(R, i);
  return {
    outcome: 'ok',
    lineATurnM: turnM,
    pullN: (hand * h * eta) / (i * R),
    speeds: input.speedsMps.map((given, k) => {
      const speedMps = requireInRange(`speedsMps[${k}]`, given, W.speedMps);
      const turnsPerMin = (60 * speedMps) / turnM;
      return { speedMps, turnsPerMin, winds: turnsPerMin <= FIGHT_CLASSES.winding.mostTurnsPerMin };
    }),
  };
}
