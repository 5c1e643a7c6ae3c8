import { FISH_ADDED_MASS } from '../../base/constants';
import { bendRod, type ResolvedRod, type Bend } from '../../tackle';

/** The sweep and what it pulls against; see `hookset`. */
export interface SweepModel {
  readonly rod: ResolvedRod;
  readonly startRad: number;
  readonly endRad: number;
  readonly timeS: number;
  /** stepBack + wound [m] */
  readonly gainedM: number;
  /** slack + crush [m] */
  readonly lostM: number;
  /** grip to hook [m] */
  readonly reachM: number;
  /** stretch of all line a newton, Σ L/EA [m/N] */
  readonly lineComplianceMPerN: number;
  /** null: a snag, which gives nothing */
  readonly fishKg: number | null;
}

/** Rod angle [rad] at the share λ of the sweep. */
export const angleAt = (m: SweepModel, share: number): number => m.startRad + share * (m.endRad - m.startRad);

/** Line taken up [m] at the share λ: the straight tip's retreat from the hook, plus steps and turns of the handle. */
export function takeUpM(m: SweepModel, share: number): number {
  return tipToHookM(m, angleAt(m, share)) - tipToHookM(m, m.startRad) + share * m.gainedM;
}

/** Straight tip to hook [m], with the rod at `angleRad` from the line to the hook. */
export function tipToHookM(m: Pick<SweepModel, 'rod' | 'reachM'>, angleRad: number): number {
  return Math.hypot(m.rod.lengthM * Math.cos(angleRad) - m.reachM, m.rod.lengthM * Math.sin(angleRad));
}

/** What is left of the take-up [m] once the pull T has stretched the line, bent the rod and moved the fish. */
export function spareM(m: SweepModel, share: number, T: number, bend: Bend): number {
  return takeUpM(m, share) - m.lostM - T * (m.lineComplianceMPerN + fishComplianceMPerN(m, share)) - bend.yieldM;
}

const fishComplianceMPerN = (m: SweepModel, share: number): number => fishGiveMPerN(m.fishKg, share * m.timeS);

/** How far a fish gives a newton [m/N]: one that starts from rest under a pull growing evenly over t moves T·t²/(6·M). Null: a snag. */
const fishGiveMPerN = (fishKg: number | null, timeS: number): number =>
  fishKg === null ? 0 : timeS ** 2 / (6 * FISH_ADDED_MASS * fishKg);

export interface Pulled {
  readonly tensionN: number;
  readonly bend: Bend;
}

/** The pull [N] that the sweep alone reaches at the share λ, or 0 while the line is slack. */
export function sweepPull(m: SweepModel, share: number, near?: Pulled): Pulled {
  return balancedPull(
    {
      rod: m.rod,
      angleRad: angleAt(m, share),
      takenUpM: takeUpM(m, share) - m.lostM,
      complianceMPerN: m.lineComplianceMPerN + fishComplianceMPerN(m, share),
    },
    near,
  );
}

export interface Balance {
  readonly rod: ResolvedRod;
  /** line against the grip axis [rad] */
  readonly angleRad: number;
  /** line taken up that line, fish and rod have to give [m] */
  readonly takenUpM: number;
  /** what line and fish give a newton [m/N] */
  readonly complianceMPerN: number;
}

/**
 * The pull [N] at which line, fish and bent rod have given what was taken up; 0 while nothing is.
 *
 * Model: taken up = T·compliance + yield(T). Newton on T with the rod's own compliance as derivative, kept inside a bracket;
 * what is left falls with T.
 */
export function balancedPull({ rod, angleRad, takenUpM, complianceMPerN }: Balance, near?: Pulled): Pulled {
  const slackLine = bendRod(rod, 0, angleRad);
  if (takenUpM <= 0) return { tensionN: 0, bend: slackLine };
  let lo = 0;
  let hi = Infinity;
  let bend = near?.bend ?? slackLine;
  let T = near?.tensionN ?? (takenUpM - slackLine.yieldM) / (complianceMPerN + slackLine.complianceMPerN);
  for (let iteration = 0; iteration < 100; iteration += 1) {
    bend = bendRod(rod, T, angleRad, bend);
    const spare = takenUpM - T * complianceMPerN - bend.yieldM;
    if (spare > 0) lo = T;
    else hi = T;
    const newton = T + spare / (complianceMPerN + bend.complianceMPerN);
    const next = newton > lo && newton < hi ? newton : hi === Infinity ? 2 * T + 1 : (lo + hi) / 2;
    if (Math.abs(next - T) <= 1e-8 * Math.max(T, 1e-3)) break;
    T = next;
  }
  return { tensionN: T, bend };
}
