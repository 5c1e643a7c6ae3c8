import { CAST_STEP, hookset } from '../../strike';
import { SCORE_PARTS, type ScorePart } from './score-parts';
import type { Classes } from '../../tackle/defaults/classes';
import { carryOf, hooksetInput, judgeStrike, strikeFigures, thrown } from '../../judge';
import {
  handLoad,
  clearanceAskedM,
  handOverWaterM,
  peakMomentNm,
  rodMassKg,
  tipClearM,
  workedPullN,
  leadersM,
  onRod,
  openingOf,
  readRig,
  runRig,
  type Rig,
  type Running,
} from '../../rig';
import {
  printedLineN,
  resolveRod,
  seatTakes,
  type Presentation,
  type ReelPart,
  type RodPart,
  type Setup,
} from '../../tackle';

export interface RodScore {
  /** geometric mean of the parts, 0 to 1 */
  readonly score: number;
  readonly parts: Readonly<Record<ScorePart, number>>;
  /** the part that is lowest, and so the reason; null where all are whole */
  readonly lowest: ScorePart | null;
  /** the reel that goes with it: the setup's own where the seat takes it, else the most like it that it takes; null: none does */
  readonly reelId: string | null;
  readonly figures: {
    /** cast: −2 too light … 2 too heavy for print and bend, the worse of the two; null when towed */
    readonly castStep: number | null;
    /** drop of the tip over the length: under the cast, or under the steady pull */
    readonly dropShare: number;
    /** pull at the hook [N], over what is needed, and what opens the hook over it; null: nothing to tell it by */
    readonly atHookN: number | null;
    readonly setMargin: number | null;
    readonly openingMargin: number | null;
    /** tip over the water and what is asked [m]; null when the rod is not worked down */
    readonly clearM: number | null;
    readonly clearAskedM: number;
    /** in the hands, and what they bear [N·m] */
    readonly momentNm: number;
    readonly limitNm: number;
  };
}

/** Where each part rises from 0 to 1. */
const SCORE_STEPS = {
  throw: { sound: 1, edge: 0.6, fails: 0 },
  set: [0.7, 1.4],
  opening: [1, 1.5],
  blank: [0.5, 1],
  line: [0.4, 1],
  clutch: [0.6, 1],
  landing: [0.6, 0.9],
  holder: [0.5, 1],
} as const;

/**
 * How well each rod serves one setup in its presentation: the setup is judged again on every rod, by the same judges as in
 * `evaluate`, with all beyond the reel as it is.
 *
 * Model: geometric mean of throw (1, 0.6, 0 where Throw by the rod is sound, edge, fails; a towed rig by its Carry), set (0
 * to 1 over a margin of 0.7 to 1.4), opening (0 to 1 over 1 to 1.5) and handling = clearance × load: clearance is what stands
 * clear over the margin of the stance, load 0.3 of the angler's peak over the moment in the hands, neither more than 1. A rod
 * in a holder loads no hand. A towed rig also by strength, the product of what the blank bears over the strike's peak, the
 * line against the rod's line class, the reel's drag against what buries the hook, and the rod's length against the leader.
 *
 * @throws {InputRangeError} when a part's value lies outside a model's limits.
 */
export function scoreRods(
  setup: Setup,
  rods: readonly RodPart[],
  reels: readonly ReelPart[],
  classes?: Classes,
): readonly RodScore[] {
  const own = readRig(setup, classes);
  return rods.map((rod) => {
    const reel = reelFor(rod, own.reel, reels);
    return scored(onRod(own, rod, reel ?? own.reel), setup.presentation, reel?.id ?? null);
  });
}

/** The reel that a rod takes: the setup's own, else the one whose spool is most like it. */
function reelFor({ mount }: RodPart, own: ReelPart, reels: readonly ReelPart[]): ReelPart | null {
  if (mount === undefined || seatTakes(mount, own.build)) return own;
  const unlike = ({ fullRadiusM, widthM }: ReelPart) =>
    Math.abs(Math.log((fullRadiusM.value ** 2 * widthM.value) / (own.fullRadiusM.value ** 2 * own.widthM.value)));
  return reels
    .filter(({ build }) => seatTakes(mount, build))
    .reduce<ReelPart | null>((best, reel) => (best === null || unlike(reel) < unlike(best) ? reel : best), null);
}

/** What a presentation asks of a rod, whichever it is. */
export interface Wants {
  /** what is thrown [kg]; null when it is not cast */
  readonly castMassKg: number | null;
  /** pulls at the hook that bury it with its margin and do not bend it open [N]; from above to: no pull does both */
  readonly fromN: number;
  readonly toN: number;
}

/** Mass and pull that a rod must give a setup. */
export function wantsOf(setup: Setup, classes?: Classes): Wants {
  const rig = readRig(setup, classes);
  return {
    castMassKg: setup.presentation.kind === 'cast' ? rig.castMassKg : null,
    fromN: SCORE_STEPS.set[1] * rig.hook.neededN,
    toN: openingOf(rig.hook.spec) / SCORE_STEPS.opening[1],
  };
}

const over = (value: number, [from, to]: readonly [number, number]) =>
  Math.min(1, Math.max(0, (value - from) / (to - from)));

function scored(rig: Rig, presentation: Presentation, reelId: string | null): RodScore {
  const running = presentation.kind === 'towed' ? runRig(rig, presentation) : null;
  const thrown = throwOf(rig, presentation, running);
  const set = setOf(rig, presentation, running);
  const hands = handsOf(rig, presentation, running);
  const parts = {
    throw: thrown.score,
    set: over(set.setMargin ?? 0, SCORE_STEPS.set),
    opening: set.openingMargin === null ? 1 : over(set.openingMargin, SCORE_STEPS.opening),
    strength: presentation.kind === 'towed' ? strengthOf(rig, presentation, running) : 1,
    handling: hands.score,
  };
  const counted = presentation.kind === 'towed' ? SCORE_PARTS : SCORE_PARTS.filter((part) => part !== 'strength');
  const least = SCORE_PARTS.reduce((low, part) => (parts[part] < parts[low] ? part : low), 'throw' as ScorePart);
  return {
    score: counted.reduce((product, part) => product * parts[part], 1) ** (1 / counted.length),
    parts,
    lowest: parts[least] < 1 ? least : null,
    reelId,
    figures: { castStep: thrown.castStep, dropShare: thrown.dropShare, ...set, ...hands.figures },
  };
}

function throwOf(
  rig: Rig,
  presentation: Presentation,
  running: Running | null,
): { readonly score: number; readonly castStep: number | null; readonly dropShare: number } {
  if (presentation.kind === 'towed') {
    const { dropShare, mark } = carryOf(rig, presentation, running!);
    return { score: SCORE_STEPS.throw[mark], castStep: null, dropShare };
  }
  const { fit, decides, mark } = thrown(rig, presentation);
  const bend = decides === 'label' ? 0 : CAST_STEP[fit.bend];
  const label = decides === 'bend' || !fit.label ? 0 : CAST_STEP[fit.label];
  const castStep = Math.abs(label) > Math.abs(bend) ? label : bend;
  return { score: SCORE_STEPS.throw[mark], castStep, dropShare: fit.dropShare };
}

/** A butt that is shorter than the holder is deep jumps out of it. */
function inHolder({ rodPart, house }: Rig, presentation: Presentation): number {
  const craft = house.crafts.find(({ id }) => id === presentation.craftId);
  const handle = rodPart.handleLengthM?.value;
  if (presentation.kind !== 'towed' || presentation.held !== 'holder' || !craft || handle === undefined) return 1;
  return craft.holderDepthM === 0 ? 1 : over(handle / craft.holderDepthM, SCORE_STEPS.holder);
}

/** What blank, line and reel bear of a strike, and whether a rod of this length lands what hangs on the leader. */
function strengthOf(rig: Rig, presentation: Presentation, running: Running | null): number {
  const strike = strikeFigures(rig, presentation, running);
  const blank = strike ? over(rig.rodHoldsN / strike.window.peakN, SCORE_STEPS.blank) : 1;
  const clutch = strike ? over(rig.reel.clutchMaxN.value / strike.window.windowN[0], SCORE_STEPS.clutch) : 1;
  // No line class is printed: then the line of which the blank bears half.
  const upperN = printedLineN(rig.rodPart)?.[1] ?? rig.rodHoldsN / rig.classes.rodPrint.blank.lineShare;
  const line = over(upperN / rig.pieces[0]!.line.strengthN, SCORE_STEPS.line);
  const landing = over(rig.rodPart.lengthM.value / Math.max(1e-9, leadersM(rig)), SCORE_STEPS.landing);
  return blank * clutch * line * landing * inHolder(rig, presentation);
}

function setOf(
  rig: Rig,
  presentation: Presentation,
  running: Running | null,
): Pick<RodScore['figures'], 'atHookN' | 'setMargin' | 'openingMargin'> {
  if (presentation.kind === 'cast' || presentation.held === 'hand') {
    const asked = hooksetInput(rig, presentation, running);
    if (asked.kind === 'line-too-short') return { atHookN: null, setMargin: null, openingMargin: null };
    const { atHookN, margin, openingMargin } = hookset(asked.input, { curve: false, classes: rig.classes });
    return { atHookN, setMargin: margin, openingMargin };
  }
  const strike = strikeFigures(rig, presentation, running);
  const { value } = judgeStrike(rig, presentation, running, strike);
  return {
    atHookN: strike && strike.window.peakN * rig.classes.covers[presentation.cover].through,
    setMargin: value,
    openingMargin: strike && strike.asked.openingN / strike.window.peakN,
  };
}

function handsOf(
  rig: Rig,
  presentation: Presentation,
  running: Running | null,
): {
  readonly score: number;
  readonly figures: Pick<RodScore['figures'], 'clearM' | 'clearAskedM' | 'momentNm' | 'limitNm'>;
} {
  const { lengthM } = resolveRod(rig.rod);
  const clearAskedM = clearanceAskedM(rig, presentation);
  const clearM =
    presentation.rodWorked === 'down'
      ? tipClearM(handOverWaterM(rig, presentation), lengthM, rig.classes.checks.clearance.downRad)
      : null;
  const held = presentation.kind === 'cast' || presentation.held === 'hand';
  const { momentNm, limitNm } = handLoad(
    {
      rodKg: rodMassKg(rig.rodPart, rig.powerN, rig.classes),
      lengthM,
      lureKg: presentation.kind === 'cast' ? rig.castMassKg : 0,
      pullN: workedPullN(rig, presentation, running),
      peakMomentNm: peakMomentNm(rig, presentation),
    },
    rig.classes,
  );
  const clearance = clearM === null ? 1 : over(clearM, [0, clearAskedM]);
  const load = held ? Math.min(1, limitNm / momentNm) : 1;
  return { score: clearance * load, figures: { clearM, clearAskedM, momentNm: held ? momentNm : 0, limitNm } };
}
