import { HOLDS_EDGE } from '../../tackle/defaults/fight-classes';
import type { Classes } from '../../tackle/defaults/classes';
import { hookset, SET_STEPS, tearForceN, type HooksetInput } from '../../strike';
import { clutchNowN, rodBend, type Presentation } from '../../tackle';
import { piecesInPull, type Rig, type Running } from '../../rig';
import { lineOut, type LineOut } from './line-out';
import type { StrikeFigures } from './strike';
import { markAtLeast, rulingFirst, worst, type Reason, type SetFigures, type Verdict, type Weighed } from '../verdict';

export type SetOutcome =
  | { readonly kind: 'judged'; readonly verdict: Verdict; readonly figures: SetFigures }
  | { readonly kind: 'line-too-short'; readonly verdict: Verdict };

/** Whether the sweep buries the hook, and what it endangers. */
export function judgeSet(rig: Rig, presentation: Presentation, running: Running | null): SetOutcome {
  const input = hooksetInput(rig, presentation, running);
  if (input.kind === 'line-too-short') {
    return {
      kind: 'line-too-short',
      verdict: {
        mark: 'cant-tell',
        value: null,
        unit: '1',
        limits: null,
        reasons: [{ code: 'set-line-too-short', facts: { neededM: input.neededM, availableM: input.availableM } }],
      },
    };
  }
  const { curve: _curve, ...result } = hookset(input.input, { curve: false, classes: rig.classes });
  const { neededN, openingN, margin, verdict: word } = result;
  const strengthN = Math.min(...input.input.line.map((piece) => piece.strengthN)) * input.input.through;
  const leastDanger =
    Math.min(openingN, tearForceN(rig.hook.tissue.wireMm, presentation.mouth, rig.classes), strengthN) / neededN;

  const byWord = word.set === 'will-not-bury' ? 'fails' : word.set === 'marginal' ? 'edge' : 'sound';
  const margins = { opening: result.openingMargin, tear: result.tearMargin, strength: result.strengthMargin };
  const byDanger = word.dangers.map((danger) =>
    (margins[danger] ?? Infinity) < 1 ? ('fails' as const) : ('edge' as const),
  );
  const holdsS = fishHoldsS(rig, presentation);
  const byTime = timeMark(result.timeToSetS, holdsS);
  const weighed: Weighed[] = [
    ...word.dangers.map((danger, i): Weighed => ({
      mark: byDanger[i]!,
      reason: { code: `set-danger-${danger}` as const, facts: { margin: margins[danger] } },
    })),
    {
      mark: byWord,
      reason:
        result.outcome === 'slack'
          ? { code: 'set-slack', facts: { takeUpM: result.takeUpM, lostM: presentation.slackM + rig.crushM } }
          : {
              code: `set-ruled-by-${result.ruledBy}`,
              facts: { tensionN: result.tensionN, atHookN: result.atHookN, neededN },
            },
    },
    ...(result.timeToSetS === null
      ? []
      : [
          {
            mark: byTime,
            reason:
              holdsS === null
                ? { code: 'set-time' as const, facts: { timeS: result.timeToSetS } }
                : {
                    code: byTime === 'sound' ? ('set-in-time' as const) : ('set-too-late' as const),
                    facts: { timeS: result.timeToSetS, holdsS },
                  },
          },
        ]),
  ];
  const stretchM = input.input.line.reduce((sum, piece) => sum + (piece.lengthM * result.tensionN) / piece.eaN, 0);
  return {
    kind: 'judged',
    verdict: {
      mark: worst(byWord, byTime, ...byDanger),
      value: margin,
      unit: '1',
      limits: {
        failsBelow: SET_STEPS.buries,
        soundFrom: SET_STEPS.sets,
        soundTo: leastDanger / SET_STEPS.danger,
        failsAbove: leastDanger,
      },
      reasons: rulingFirst(weighed),
    },
    figures: {
      hookset: result,
      rodBend: rodBend({ ...rig.rod, pull: { forceN: result.tensionN, angleRad: presentation.sweep.endRad } }),
      mainLineM: input.input.line[0]!.lengthM,
      stretchM,
      clutchNowN: input.input.drag?.settingN ?? null,
      holdsS,
    },
  };
}

/** The hook must be in while the fish still has the bait; a hook that never goes in is judged by its margin. */
const timeMark = (timeS: number | null, holdsS: number | null): Weighed['mark'] =>
  timeS === null || holdsS === null || timeS <= holdsS ? 'sound' : timeS <= HOLDS_EDGE * holdsS ? 'edge' : 'fails';

/** How long a fish holds this bait [s]: as the presentation says, or by its sort; null: not judged. */
export function fishHoldsS({ hook, classes }: Rig, { fishHoldsS: own, fishKg }: Presentation): number | null {
  if (own !== undefined) return own;
  return fishKg === null ? null : classes.fishHolds[feelsLike(hook.end.assembly)].holdsS;
}

function feelsLike({ bearer, attached }: Rig['hook']['end']['assembly']): keyof Classes['fishHolds'] {
  if (attached.some((each) => each.kind === 'bait' && each.part.kind === 'natural-bait')) return 'natural';
  if (bearer.kind !== 'lure') return 'soft';
  switch (bearer.part.kind) {
    case 'hard-lure':
    case 'spoon':
      return 'hard';
    case 'topwater':
      return 'topwater';
    case 'trolled-fly':
    case 'skirted-jig':
      return 'soft';
    default:
      return bearer.part satisfies never;
  }
}

/**
 * Whether the strike alone buries the hook of a rod in its holder: the peak of the strike at the hook over what it needs.
 * Its limits and dangers are those of a set by hand.
 */
export function judgeStrike(
  rig: Rig,
  presentation: Presentation,
  running: Running | null,
  strike: StrikeFigures | null,
): Verdict {
  const cannot = (reason: Reason): Verdict => ({
    mark: 'cant-tell',
    value: null,
    unit: '1',
    limits: null,
    reasons: [reason],
  });
  if (!strike) {
    const out = lineOut(rig, presentation, running);
    return cannot(
      out.kind === 'line-too-short'
        ? { code: 'set-line-too-short', facts: { neededM: out.neededM, availableM: out.availableM } }
        : { code: 'set-strike-no-fish', facts: {} },
    );
  }
  const { window, asked } = strike;
  const margin = window.peakN / asked.neededN;
  const gives = { opening: asked.openingN, tear: asked.tearN, strength: asked.weakestN };
  const dangers = (Object.keys(gives) as (keyof typeof gives)[])
    .map((danger) => ({ danger, margin: gives[danger] / window.peakN }))
    .filter(({ margin: each }) => each < SET_STEPS.danger);
  const least = Math.min(...Object.values(gives)) / asked.neededN;
  return {
    mark: worst(
      markAtLeast(margin, SET_STEPS.sets, SET_STEPS.buries),
      ...dangers.map(({ margin: each }) => (each < 1 ? ('fails' as const) : ('edge' as const))),
    ),
    value: margin,
    unit: '1',
    limits: {
      failsBelow: SET_STEPS.buries,
      soundFrom: SET_STEPS.sets,
      soundTo: least / SET_STEPS.danger,
      failsAbove: least,
    },
    reasons: [
      ...dangers.map(({ danger, margin: each }) => ({
        code: `set-danger-${danger}` as const,
        facts: { margin: each },
      })),
      {
        code: window.peakN < window.elasticPeakN ? 'set-strike-clutch' : 'set-strike-elastic',
        facts: { peakN: window.peakN, neededN: asked.neededN },
      },
      { code: window.strikeBuries ? 'set-strike-buries' : 'set-strike-does-not-bury', facts: {} },
    ],
  };
}

type InputOutcome =
  { readonly kind: 'ready'; readonly input: HooksetInput } | Extract<LineOut, { kind: 'line-too-short' }>;

/** The `hookset` call that a rig and a presentation make. */
export function hooksetInput(rig: Rig, presentation: Presentation, running: Running | null): InputOutcome {
  const { sweep } = presentation;
  const out = lineOut(rig, presentation, running);
  if (out.kind === 'line-too-short') return out;
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
      line: piecesInPull(rig).map(({ lengthM, line, riggedN }) => ({
        lengthM: lengthM ?? out.mainLineM,
        eaN: line.eaN,
        strengthN: riggedN,
      })),
      hook: { ...rig.hook.tissue, distanceM: out.distanceM, dropM: out.dropM },
      slackM: presentation.slackM,
      crushM: rig.crushM,
      drag:
        presentation.clutchN === null
          ? null
          : { settingN: clutchNowN(presentation.clutchN, out.spool, out.nowRadiusM) },
      mouth: presentation.mouth,
      fishKg: presentation.fishKg,
      through: rig.classes.covers[presentation.cover].through,
      rodHoldsN: rig.rodHoldsN,
    },
  };
}
