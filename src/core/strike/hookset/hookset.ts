import { RING_FRICTION } from '../drag';
import { requireInRange } from '../../base/guard';
import { findRoot } from '../../base/numeric';
import { bendRod, resolveRod, ROD_LIMITS, type Bend, type Rod } from '../../tackle';
import { SET_WAYS, type Mouth } from '../../tackle/defaults/hookset-classes';
import { DEFAULT_CLASSES } from '../../tackle/defaults/classes';
import { HOOKSET_LIMITS } from './hookset-limits';
import { neededForceN, openingForceN, tearForceN, type HookInTissue, type SetClasses } from './hook-forces';
import { angleAt, spareM, sweepPull, takeUpM, type Pulled, type SweepModel } from './sweep-pull';

export interface HooksetInput {
  readonly rod: Rod;
  readonly sweep: {
    /** rod angle from the line to the hook at the start and the end [rad] */
    readonly startRad: number;
    readonly endRad: number;
    readonly timeS: number;
    readonly stepBackM?: number | undefined;
    readonly woundM?: number | undefined;
    /** what the angler brings to the grip at most [N·m]; two hands and the body when absent */
    readonly peakMomentNm?: number | undefined;
  };
  /** pieces of line in series, each with the strength it has as rigged, knots included */
  readonly line: readonly { readonly lengthM: number; readonly eaN: number; readonly strengthN: number }[];
  readonly hook: HookInTissue & { readonly distanceM: number; readonly dropM: number };
  readonly slackM: number;
  /** way of the hook through the bait before the point is free [m] */
  readonly crushM?: number | undefined;
  /** pull at which the clutch gives line, and the line's angle over the rod's rings; null: locked */
  readonly drag: { readonly settingN: number; readonly wrapRad?: number | undefined } | null;
  readonly mouth: Mouth;
  /** null: a snag */
  readonly fishKg: number | null;
  /** share of the pull that reaches the hook through cover */
  readonly through: number;
  /** what the blank bears [N]; absent: no limit */
  readonly rodHoldsN?: number | undefined;
}

export type SetLimit = 'sweep' | 'leverage' | 'drag' | 'strength' | 'rod';
export type SetWord = 'will-not-bury' | 'marginal' | 'sets' | 'more-than-needed';
export type SetDanger = 'opening' | 'tear' | 'strength';

export interface Hookset {
  readonly outcome: 'ok' | 'slack';
  /** pull in the line at the end of the sweep [N] */
  readonly tensionN: number;
  readonly ruledBy: SetLimit;
  readonly atHookN: number;
  readonly neededN: number;
  /** atHook / needed */
  readonly margin: number;
  readonly openingN: number;
  readonly openingMargin: number | null;
  readonly tearMargin: number | null;
  readonly strengthMargin: number | null;
  readonly takeUpM: number;
  /** when the pull at the hook first reaches what is needed [s]; null: never */
  readonly timeToSetS: number | null;
  readonly curve: readonly { readonly sweepRad: number; readonly tensionN: number }[];
  readonly verdict: { readonly set: SetWord; readonly dangers: readonly SetDanger[] };
}

/** Where the margin's words change, and the margin below which a danger is named. */
export const SET_STEPS = { buries: 1, sets: 1.4, plenty: 4, danger: 1.3 } as const;

const CURVE_STEPS = 20;

/**
 * Pull at the end of a sweep, whether it buries the hook, and what it endangers.
 *
 * Model: quasi-static. X = (√(distance²+drop²), 0) is the hook, P(α) the straight rod's tip; take-up
 * |P(α₁)−X| − |P(α₀)−X| + step back + wound. The pull T balances take-up − slack − crush against stretch ΣT·L/EA, the
 * bent tip's yield along the pull, and the fish's give T·t²/(6·1.5·M). It is held down by the angler's leverage
 * (T·lever ≤ peak moment), the clutch times e^{0.15·wrap}, the weakest piece of line, and what the blank bears. Waves in the line, line
 * drag and the rod's own inertia are left out: a set takes many times a wave's way.
 * Frame: origin at the grip, x toward the hook, angles from it.
 *
 * @throws {InputRangeError} when a value lies outside HOOKSET_LIMITS or the rod's limits.
 */
export function hookset(
  input: HooksetInput,
  options?: { readonly curve?: boolean; readonly classes?: SetClasses },
): Hookset {
  const classes = options?.classes ?? DEFAULT_CLASSES;
  const model = checkedModel(input);
  const { through } = input;
  const limits = {
    peakMomentNm: input.sweep.peakMomentNm ?? SET_WAYS['two-hand'].peakMomentNm,
    drag: input.drag
      ? input.drag.settingN * Math.exp(RING_FRICTION * (input.drag.wrapRad ?? input.sweep.endRad))
      : Infinity,
    strength: Math.min(...input.line.map((piece) => piece.strengthN)),
    rod: input.rodHoldsN ?? Infinity,
  };
  const neededN = neededForceN(input.hook, input.mouth, classes);
  const openingN = openingForceN(input.hook);
  const takenUp = takeUpM(model, 1);

  const end = limitedPull(model, limits, 1);
  const T = end.tensionN;
  const slack = takenUp <= model.lostM;
  const atHookN = T * through;
  // A pull of next to nothing leaves a margin that no number holds: there is none to speak of.
  const over = (strength: number, pull: number) => {
    const margin = strength / pull;
    return slack || !Number.isFinite(margin) ? null : margin;
  };
  const openingMargin = over(openingN, atHookN);
  const tearMargin = over(tearForceN(input.hook.wireMm, input.mouth, classes), atHookN);
  const strengthMargin = over(limits.strength, T);
  const margin = atHookN / neededN;

  const shares = Array.from({ length: CURVE_STEPS + 1 }, (_, i) => i / CURVE_STEPS);
  const wantsCurve = options?.curve ?? true;
  let near: Pulled | undefined;
  const curve = wantsCurve
    ? shares.map((share) => {
        const point = share === 1 ? end : limitedPull(model, limits, share, near);
        near = point.free;
        return { sweepRad: angleAt(model, share), tensionN: point.tensionN };
      })
    : [];
  return {
    outcome: slack ? 'slack' : 'ok',
    tensionN: T,
    ruledBy: end.ruledBy,
    atHookN,
    neededN,
    margin,
    openingN,
    openingMargin,
    tearMargin,
    strengthMargin,
    takeUpM: takenUp,
    timeToSetS: timeToPull(model, limits, neededN / through, shares),
    curve,
    verdict: {
      set:
        margin < SET_STEPS.buries
          ? 'will-not-bury'
          : margin < SET_STEPS.sets
            ? 'marginal'
            : margin <= SET_STEPS.plenty
              ? 'sets'
              : 'more-than-needed',
      dangers: (
        [
          ['opening', openingMargin],
          ['tear', tearMargin],
          ['strength', strengthMargin],
        ] as const
      ).flatMap(([danger, value]) => (value !== null && value < SET_STEPS.danger ? [danger] : [])),
    },
  };
}

interface PullLimits {
  readonly peakMomentNm: number;
  readonly drag: number;
  readonly strength: number;
  readonly rod: number;
}

interface LimitedPull {
  readonly tensionN: number;
  readonly ruledBy: SetLimit;
  /** the sweep's own pull, before the limits: a start for the next point */
  readonly free: Pulled;
}

/** The least of sweep, leverage, drag, strength and blank at a share of the sweep; a tie goes to the first of them. */
function limitedPull(model: SweepModel, limits: PullLimits, share: number, near?: Pulled): LimitedPull {
  const free = sweepPull(model, share, near);
  const others = (
    [
      ['drag', limits.drag],
      ['strength', limits.strength],
      ['rod', limits.rod],
    ] as const
  ).reduce<{ ruledBy: SetLimit; tensionN: number }>(
    (least, [ruledBy, tensionN]) => (tensionN < least.tensionN ? { ruledBy, tensionN } : least),
    { ruledBy: 'sweep', tensionN: free.tensionN },
  );
  const angle = angleAt(model, share);
  const momentOver = (T: number, bend: Bend) => T * bend.leverArmM - limits.peakMomentNm;
  let bend = others.ruledBy === 'sweep' ? free.bend : bendRod(model.rod, others.tensionN, angle, free.bend);
  const excess = momentOver(others.tensionN, bend);
  const leverageRules = excess > 0 || (excess === 0 && others.ruledBy !== 'sweep');
  if (!leverageRules) return { ...others, free };
  const tensionN = findRoot(
    (T) => {
      bend = bendRod(model.rod, T, angle, bend);
      return momentOver(T, bend);
    },
    { lo: 0, hi: others.tensionN, fLo: -limits.peakMomentNm, fHi: excess },
    1e-9 * others.tensionN,
  );
  return { tensionN, ruledBy: 'leverage', free };
}

/**
 * When [s] the pull first reaches `wantedN` under all limits; null when it never does.
 * At that pull each limit is a margin that is positive where it allows more; their least changes sign at the moment.
 */
function timeToPull(model: SweepModel, limits: PullLimits, wantedN: number, shares: readonly number[]): number | null {
  if (wantedN > Math.min(limits.drag, limits.strength, limits.rod)) return null;
  let bend: Bend | undefined;
  const room = (share: number) => {
    bend = bendRod(model.rod, wantedN, angleAt(model, share), bend);
    return Math.min(spareM(model, share, wantedN, bend), (limits.peakMomentNm - wantedN * bend.leverArmM) / wantedN);
  };
  let lo = 0;
  let fLo = room(0);
  if (fLo >= 0) return 0;
  for (const hi of shares.slice(1)) {
    const fHi = room(hi);
    if (fHi >= 0) return findRoot(room, { lo, hi, fLo, fHi }, 1e-10) * model.timeS;
    [lo, fLo] = [hi, fHi];
  }
  return null;
}

function checkedModel(input: HooksetInput): SweepModel {
  const { sweep, hook } = input;
  const L = HOOKSET_LIMITS;
  if (sweep.peakMomentNm !== undefined) requireInRange('sweep.peakMomentNm', sweep.peakMomentNm, L.peakMomentNm);
  if (input.rodHoldsN !== undefined) requireInRange('rodHoldsN', input.rodHoldsN, L.strengthN);
  requireInRange('line.length', input.line.length, { min: 1, max: 100 });
  input.line.forEach((piece, i) => {
    requireInRange(`line[${i}].lengthM`, piece.lengthM, L.lineLengthM);
    requireInRange(`line[${i}].eaN`, piece.eaN, L.eaN);
    requireInRange(`line[${i}].strengthN`, piece.strengthN, L.strengthN);
  });
  requireInRange('hook.wireMm', hook.wireMm, L.wireMm);
  requireInRange('hook.gapMm', hook.gapMm, L.gapMm);
  requireInRange('hook.guardN', hook.guardN, L.forceN);
  requireInRange('through', input.through, L.through);
  if (input.drag) {
    requireInRange('drag.settingN', input.drag.settingN, L.forceN);
    requireInRange('drag.wrapRad', input.drag.wrapRad ?? 0, L.wrapRad);
  }
  return {
    rod: resolveRod(input.rod),
    startRad: requireInRange('sweep.startRad', sweep.startRad, ROD_LIMITS.angleRad),
    endRad: requireInRange('sweep.endRad', sweep.endRad, ROD_LIMITS.angleRad),
    timeS: requireInRange('sweep.timeS', sweep.timeS, L.timeS),
    gainedM:
      requireInRange('sweep.stepBackM', sweep.stepBackM ?? 0, L.gainM) +
      requireInRange('sweep.woundM', sweep.woundM ?? 0, L.gainM),
    lostM: requireInRange('slackM', input.slackM, L.lossM) + requireInRange('crushM', input.crushM ?? 0, L.lossM),
    reachM: Math.hypot(
      requireInRange('hook.distanceM', hook.distanceM, L.distanceM),
      requireInRange('hook.dropM', hook.dropM, L.dropM),
    ),
    lineComplianceMPerN: input.line.reduce((sum, piece) => sum + piece.lengthM / piece.eaN, 0),
    fishKg: input.fishKg === null ? null : requireInRange('fishKg', input.fishKg, L.fishKg),
  };
}
