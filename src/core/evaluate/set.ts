import { hookset, SET_STEPS, tearForceN, tipToHookM, type Hookset, type HooksetInput } from '../hookset';
import { clutchNowN, spoolCapacityM, spoolRadiusM } from '../reel';
import { resolveRod, rodBend, type RodBend } from '../rod';
import type { Presentation } from '../setup';
import { leadersM, type Rig } from '../rigging';
import { worst, type Reason, type Verdict } from './verdict';

export interface SetFigures {
  readonly hookset: Omit<Hookset, 'curve'>;
  /** the rod under the set's pull, for the drawing */
  readonly rodBend: RodBend;
  readonly mainLineM: number;
  readonly stretchM: number;
  /** pull at which the clutch gives line at this distance [N]; null: locked */
  readonly clutchNowN: number | null;
}

export type SetOutcome =
  | { readonly kind: 'judged'; readonly verdict: Verdict; readonly figures: SetFigures }
  | { readonly kind: 'line-too-short'; readonly verdict: Verdict };

/**
 * Whether the sweep buries the hook, and what it endangers.
 *
 * The main line in tension runs from the reel through the rod's rings to the leader: working length, plus straight tip
 * to hook at the start of the sweep with its slack, less the leader. The hand stands `handHeightM` above the water, so
 * the hook lies depth + hand height below the grip. The spool is taken as filled to the lip with backing before the cast.
 */
export function judgeSet(rig: Rig, presentation: Presentation): SetOutcome {
  const input = hooksetInput(rig, presentation);
  if (input.kind === 'line-too-short') {
    return {
      kind: 'line-too-short',
      verdict: { mark: 'cant-tell', value: null, unit: '1', limits: null, reasons: [{ code: 'set-line-too-short', facts: { neededM: input.neededM, availableM: input.availableM } }] },
    };
  }
  const { curve: _curve, ...result } = hookset(input.input, { curve: false, classes: rig.classes });
  const { neededN, openingN, margin, verdict: word } = result;
  const strengthN = Math.min(...input.input.line.map((piece) => piece.strengthN)) * input.input.through;
  const leastDanger = Math.min(openingN, tearForceN(rig.hook.tissue.wireMm, presentation.mouth, rig.classes), strengthN) / neededN;

  const byWord = word.set === 'will-not-bury' ? 'fails' : word.set === 'marginal' ? 'edge' : 'sound';
  const margins = { opening: result.openingMargin, tear: result.tearMargin, strength: result.strengthMargin };
  const byDanger = word.dangers.map((danger) => ((margins[danger] ?? Infinity) < 1 ? ('fails' as const) : ('edge' as const)));
  const reasons: Reason[] = [
    ...word.dangers.map((danger) => ({ code: `set-danger-${danger}` as const, facts: { margin: margins[danger] } })),
    result.outcome === 'slack'
      ? { code: 'set-slack', facts: { takeUpM: result.takeUpM, lostM: presentation.slackM + rig.crushM } }
      : { code: `set-ruled-by-${result.ruledBy}`, facts: { tensionN: result.tensionN, atHookN: result.atHookN, neededN } },
    ...(result.timeToSetS === null ? [] : [{ code: 'set-time' as const, facts: { timeS: result.timeToSetS } }]),
  ];
  const stretchM = input.input.line.reduce((sum, piece) => sum + (piece.lengthM * result.tensionN) / piece.eaN, 0);
  return {
    kind: 'judged',
    verdict: {
      mark: worst(byWord, ...byDanger),
      value: margin,
      unit: '1',
      limits: { failsBelow: SET_STEPS.buries, soundFrom: SET_STEPS.sets, soundTo: leastDanger / SET_STEPS.danger, failsAbove: leastDanger },
      reasons,
    },
    figures: {
      hookset: result,
      rodBend: rodBend({ ...rig.rod, pull: { forceN: result.tensionN, angleRad: presentation.sweep.endRad } }),
      mainLineM: input.input.line[0]!.lengthM,
      stretchM,
      clutchNowN: input.input.drag?.settingN ?? null,
    },
  };
}

type InputOutcome =
  | { readonly kind: 'ready'; readonly input: HooksetInput }
  | { readonly kind: 'line-too-short'; readonly neededM: number; readonly availableM: number };

/** The `hookset` call that a rig and a presentation make. */
export function hooksetInput(rig: Rig, presentation: Presentation): InputOutcome {
  const { sweep } = presentation;
  const dropM = presentation.depthM + presentation.handHeightM;
  const leaderM = leadersM(rig);
  const distanceM = distanceToHookM(presentation, leaderM, dropM);
  const reachM = Math.hypot(distanceM, dropM);
  const outM = tipToHookM({ rod: resolveRod(rig.rod), reachM }, sweep.startRad) + presentation.slackM;
  const castM = Math.max(0, outM - leaderM);
  const mainLineM = castM + rig.rod.lengthM;

  const spool = { arborRadiusM: rig.reel.arborRadiusM.value, fullRadiusM: rig.reel.fullRadiusM.value, widthM: rig.reel.widthM.value };
  const wound = { material: rig.linePart.material, diameterM: rig.pieces[0]!.line.diameterM };
  const availableM = Math.min(rig.linePart.lengthM.value, spoolCapacityM(spool, wound));
  const nowRadiusM = spoolRadiusM(spool, wound, castM);
  if (mainLineM > availableM || nowRadiusM === null) return { kind: 'line-too-short', neededM: mainLineM, availableM };

  return {
    kind: 'ready',
    input: {
      rod: rig.rod,
      sweep: {
        startRad: sweep.startRad,
        endRad: sweep.endRad,
        timeS: sweep.timeS,
        stepBackM: sweep.stepBackM,
        woundM: sweep.woundM,
        peakMomentNm: sweep.peakMomentNm ?? rig.classes.setWays[sweep.way].peakMomentNm,
      },
      line: rig.pieces.map(({ lengthM, line, riggedN }) => ({ lengthM: lengthM ?? mainLineM, eaN: line.eaN, strengthN: riggedN })),
      hook: { ...rig.hook.tissue, distanceM, dropM },
      slackM: presentation.slackM,
      crushM: rig.crushM,
      drag: presentation.clutchN === null ? null : { settingN: clutchNowN(presentation.clutchN, spool, nowRadiusM) },
      mouth: presentation.mouth,
      fishKg: presentation.fishKg,
      through: rig.classes.covers[presentation.cover].through,
    },
  };
}

/** How far off the hook is over the surface: as cast, or what line out and depth leave of a towed line [m]. */
function distanceToHookM(presentation: Presentation, leaderM: number, dropM: number): number {
  if (presentation.kind === 'cast') return presentation.distanceM;
  return Math.sqrt(Math.max(LEAST_DISTANCE_M ** 2, (presentation.lineOutM + leaderM) ** 2 - dropM ** 2));
}

/** Straight below the rod: the model wants some way to the hook. */
const LEAST_DISTANCE_M = 0.05;
