import type { ResolvedRod } from '../rod';
import { bendRod, type Bend } from '../rod';

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

/** Water carried along with a fish, as a factor on its mass. */
const FISH_ADDED_MASS = 1.5;

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

/** A fish that starts from rest under a pull growing evenly over t moves T·t²/(6·M). */
function fishComplianceMPerN(m: SweepModel, share: number): number {
  return m.fishKg === null ? 0 : (share * m.timeS) ** 2 / (6 * FISH_ADDED_MASS * m.fishKg);
}

export interface Pulled {
  readonly tensionN: number;
  readonly bend: Bend;
}

/**
 * The pull [N] that the sweep alone reaches at the share λ: T with spare(T) = 0, or 0 while the line is slack.
 *
 * Model: Newton on T with the rod's own compliance as derivative, kept inside a bracket; spare falls with T.
 */
export function sweepPull(m: SweepModel, share: number, near?: Pulled): Pulled {
  const angle = angleAt(m, share);
  const slackLine = bendRod(m.rod, 0, angle);
  if (takeUpM(m, share) <= m.lostM) return { tensionN: 0, bend: slackLine };
  const soft = m.lineComplianceMPerN + fishComplianceMPerN(m, share);
  let lo = 0;
  let hi = Infinity;
  let bend = near?.bend ?? slackLine;
  let T = near?.tensionN ?? spareM(m, share, 0, slackLine) / (soft + slackLine.complianceMPerN);
  for (let iteration = 0; iteration < 100; iteration += 1) {
    bend = bendRod(m.rod, T, angle, bend);
    const spare = spareM(m, share, T, bend);
    if (spare > 0) lo = T;
    else hi = T;
    const newton = T + spare / (soft + bend.complianceMPerN);
    const next = newton > lo && newton < hi ? newton : hi === Infinity ? 2 * T + 1 : (lo + hi) / 2;
    if (Math.abs(next - T) <= 1e-8 * Math.max(T, 1e-3)) break;
    T = next;
  }
  return { tensionN: T, bend };
}
