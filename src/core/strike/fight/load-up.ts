import { RING_FRICTION } from '../drag';
import { requireInRange, type Limits } from '../../base/guard';
import { balancedPull, fishGiveMPerN, type Pulled } from '../hookset';
import { findRoot } from '../../base/numeric';
import { bendRod, resolveRod, ROD_LIMITS, type Rod } from '../../tackle';

export const LOAD_UP_LIMITS = {
  lineLengthM: { min: 0, max: 2000 },
  eaN: { min: 0, max: 1e8, exclusiveMin: true },
  speedMps: { min: 0, max: 20, exclusiveMin: true },
  fishKg: { min: 0, max: 1000, exclusiveMin: true },
  slackM: { min: 0, max: 50 },
  neededN: { min: 0, max: 1e4, exclusiveMin: true },
  clutchN: { min: 0, max: 1e4 },
  untilS: { min: 0.1, max: 60 },
} as const satisfies Record<string, Limits>;

export interface LoadUpInput {
  readonly rod: Rod;
  /** line against the grip axis while the rod waits [rad] */
  readonly heldRad: number;
  /** line against the grip axis once the rod is given to the fish [rad]; absent: the rod stays and loads */
  readonly giveToRad?: number | undefined;
  readonly line: readonly { readonly lengthM: number; readonly eaN: number }[];
  /** way of the boat, or of a drift [m/s] */
  readonly speedMps: number;
  /** null: a snag, which gives nothing */
  readonly fishKg: number | null;
  readonly slackM?: number | undefined;
  /** pull in the line that buries the hook [N] */
  readonly neededN: number;
  /** pull at which the clutch gives line as the spool stands, rod pointed at the fish [N]; absent: locked */
  readonly clutchN?: number | undefined;
  /** how long is looked at [s]; 4 when absent */
  readonly untilS?: number | undefined;
}

export interface LoadUp {
  /** buries: by itself; clutch-gives: before the hook is in; waits: neither in the time looked at */
  readonly outcome: 'buries' | 'clutch-gives' | 'waits';
  /** line that giving the rod back yields [m], and for how long at this speed [s] */
  readonly yieldsM: number;
  readonly yieldsS: number;
  /** when the line comes tight, the moment to sweep [s] */
  readonly tightS: number;
  /** null: never by itself */
  readonly buriesS: number | null;
  readonly clutchGivesS: number | null;
  readonly curve: readonly { readonly timeS: number; readonly tensionN: number }[];
}

const POINTS = 40;
const DEFAULT_UNTIL_S = 4;

/**
 * A fish takes a bait that is towed: the pull against time [N, s] when the rod stays and loads, or is given back first.
 *
 * Model: the boat's way U·t counts as a step back. Giving the rod back from heldRad to giveToRad moves the straight tip
 * L·(cos giveTo − cos held) along the line toward the fish; that much line, and any slack, is gone before the line comes
 * tight. From there U·(t − t₀) = T·ΣL/EA + yield(T) + T·(t − t₀)²/(6·1.5·M), the balance of `hookset` at a fixed angle; the
 * clutch, times e^{0.15·angle} over the rings, holds T down. The fish is taken to stand until the line is tight.
 * Left out: drag of the line, which pulls a little before; way of the fish of its own.
 *
 * @throws {InputRangeError} when a value lies outside LOAD_UP_LIMITS or the rod's limits, or giveToRad lies above heldRad.
 */
export function loadUp(input: LoadUpInput): LoadUp {
  const K = LOAD_UP_LIMITS;
  const rod = resolveRod(input.rod);
  const held = requireInRange('heldRad', input.heldRad, ROD_LIMITS.angleRad);
  const angle = requireInRange('giveToRad', input.giveToRad ?? held, { min: 0, max: held });
  const U = requireInRange('speedMps', input.speedMps, K.speedMps);
  const M = input.fishKg === null ? null : requireInRange('fishKg', input.fishKg, K.fishKg);
  const needed = requireInRange('neededN', input.neededN, K.neededN);
  const clutch =
    input.clutchN === undefined
      ? Infinity
      : requireInRange('clutchN', input.clutchN, K.clutchN) * Math.exp(RING_FRICTION * angle);
  const until = requireInRange('untilS', input.untilS ?? DEFAULT_UNTIL_S, K.untilS);
  const stretch = input.line.reduce(
    (sum, piece, i) =>
      sum +
      requireInRange(`line[${i}].lengthM`, piece.lengthM, K.lineLengthM) /
        requireInRange(`line[${i}].eaN`, piece.eaN, K.eaN),
    0,
  );

  const yieldsM = rod.lengthM * (Math.cos(angle) - Math.cos(held));
  const tightS = (yieldsM + requireInRange('slackM', input.slackM ?? 0, K.slackM)) / U;
  /** Line, and fish by the time since the line was tight [m/N]. */
  const givesMPerN = (t: number) => stretch + fishGiveMPerN(M, t);
  let near: Pulled | undefined;
  const freeAt = (timeS: number): number => {
    const t = Math.max(0, timeS - tightS);
    const pulled = balancedPull({ rod, angleRad: angle, takenUpM: U * t, complianceMPerN: givesMPerN(t) }, near);
    near = t > 0 ? pulled : undefined;
    return pulled.tensionN;
  };
  /** The first moment at which a pull is reached, on the grid's first rise through it and then by root. */
  const reachedS = (pull: number): number | null => {
    const { yieldM } = bendRod(rod, pull, angle);
    const room = (t: number) => U * t - pull * givesMPerN(t) - yieldM;
    for (let i = 1; i <= 4 * POINTS; i += 1) {
      const [lo, hi] = [((i - 1) * until) / (4 * POINTS), (i * until) / (4 * POINTS)];
      if (room(hi) < 0) continue;
      // A pull of next to nothing is there as soon as the line is tight.
      return tightS + (room(lo) >= 0 ? lo : findRoot(room, { lo, hi, fLo: room(lo), fHi: room(hi) }, 1e-9 * until));
    }
    return null;
  };
  const within = (timeS: number | null) => (timeS !== null && timeS <= until ? timeS : null);
  const gives = Number.isFinite(clutch) ? within(reachedS(clutch)) : null;
  const buries = needed > clutch ? null : within(reachedS(needed));
  return {
    outcome: buries !== null ? 'buries' : gives !== null ? 'clutch-gives' : 'waits',
    yieldsM,
    yieldsS: yieldsM / U,
    tightS,
    buriesS: buries,
    clutchGivesS: gives,
    curve: Array.from({ length: POINTS + 1 }, (_, i) => {
      const timeS = (i * until) / POINTS;
      return { timeS, tensionN: Math.min(clutch, freeAt(timeS)) };
    }),
  };
}
