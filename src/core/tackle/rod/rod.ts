import type { RodAction, RodPower } from '../defaults/rod-classes';

/** A mass hung from the tip of a rod that is clamped level, and how far the tip went down from where it stood unloaded. */
export interface HungMass {
  readonly massKg: number;
  readonly dropM: number;
}

export interface HangTest {
  readonly kind: 'hang-test';
  /** tip over grip diameter, where it was measured; it is held */
  readonly tipRatio?: number | undefined;
  readonly loads: readonly HungMass[];
  /** slope of the tip under the heaviest mass, below level [rad] */
  readonly tipAngleRad?: number | undefined;
}

/** Rigidity and taper, given outright. */
export interface TaperStiffness {
  readonly kind: 'taper';
  /** bending rigidity at the grip [N·m²] */
  readonly buttEiNm2: number;
  /** tip diameter over grip diameter */
  readonly tipRatio: number;
}

/** The two words printed on an all-round rod. */
export interface ClassStiffness {
  readonly kind: 'class';
  readonly power: RodPower;
  readonly action: RodAction;
}

/** The lure window printed on a rod [kg, kg], lower first. */
export interface WindowStiffness {
  readonly kind: 'window';
  readonly ratingKg: readonly [number, number];
  readonly action: RodAction;
}

/** The line class printed on a rod [N, N], lower first. */
export interface LineClassStiffness {
  readonly kind: 'line-class';
  readonly lineN: readonly [number, number];
  readonly action: RodAction;
}

/** Power as the force it stands for, however it was found. */
export interface PowerStiffness {
  readonly kind: 'power';
  /** square to the grip, drops the tip by a third of the working length [N] */
  readonly forceN: number;
  /** one standard deviation over the force */
  readonly spread: number;
  readonly action: RodAction;
}

export type RodStiffness =
  TaperStiffness | ClassStiffness | WindowStiffness | LineClassStiffness | PowerStiffness | HangTest;

export interface Rod {
  /** working length, grip to tip [m] */
  readonly lengthM: number;
  readonly stiffness: RodStiffness;
}

/** How a stiffness that was not given outright was found; spreads are one standard deviation, absolute. */
export interface StiffnessFit {
  readonly buttEiNm2: number;
  readonly tipRatio: number;
  /** root mean square of the drops' residuals [m]; null where nothing was measured */
  readonly rmsDropM: number | null;
  readonly buttEiSd: number;
  readonly tipRatioSd: number;
}

export interface ResolvedRod {
  readonly lengthM: number;
  readonly buttEiNm2: number;
  readonly tipRatio: number;
  readonly fit?: StiffnessFit;
}

/** A rod as its rigidity and taper, however they were found. */
export interface TaperedRod {
  readonly lengthM: number;
  readonly stiffness: TaperStiffness;
}
