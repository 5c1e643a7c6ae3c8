import type { Classes } from '../../tackle/defaults/classes';
import { runChecks, type Finding } from '../checks';
import { familyOf, statedPower, type FamilyOfRod, type Presentation, type Setup, type StatedPower } from '../../tackle';
import type { RodFamily } from '../../tackle/defaults/rod-classes';
import { openingOf, readRig, runRig, type Rig } from '../../rig';
import { waterProperties, type WaterProperties } from '../../water';
import { judgeBalance } from './balance';
import { judgeFall, type FallFigures } from './fall';
import { judgeHold } from './hold';
import { fishHoldsS, judgeSet, judgeStrike } from './set';
import { strikeFigures, type StrikeFigures } from './strike';
import { judgeThrow, type ThrowFigures } from './throw';
import { judgeTow, type TowFigures } from './tow';
import {
  worst,
  type BalanceFigures,
  type HoldFigures,
  type SetFigures,
  type Verdict,
  type VerdictName,
} from '../verdict';

export interface Evaluation {
  readonly outcome: 'ok';
  readonly verdicts: Readonly<Record<VerdictName, Verdict>>;
  /** everything beyond the tip that is thrown [kg] */
  readonly castMassKg: number;
  readonly figures: {
    readonly water: WaterProperties;
    /** absent for a rig that is not cast */
    readonly throw?: ThrowFigures;
    readonly fall?: FallFigures;
    /** absent for a rig that is cast */
    readonly tow?: TowFigures;
    /** absent when the line is too short to reach that far, or a holder has the rod */
    readonly set?: SetFigures;
    /** absent for a snag, or when the line is too short */
    readonly strike?: StrikeFigures;
    readonly hold: HoldFigures;
    readonly balance: BalanceFigures;
    /** the hook that the set is judged by */
    readonly hook: { readonly jointId: string; readonly neededN: number; readonly openingN: number };
    /** force that drops the tip by a third of the rod [N] */
    readonly powerN: number;
    readonly rod: {
      /** what its power was taken from */
      readonly from: 'measured' | StatedPower['from'];
      readonly family: RodFamily;
      readonly familyBy: FamilyOfRod['by'];
      /** what the blank bears [N] */
      readonly holdsN: number;
    };
  };
  /** what an expert would remark, the worst first */
  readonly checks: readonly Finding[];
}

/**
 * Every verdict of a setup in its presentation: will it throw, get down, set, hold, lie right; and what an expert would remark.
 *
 * Pure: the same setup gives the same bytes on page, worker, server and command line. For a rig that is towed, drifted or
 * dropped Throw reads Carry and Fall reads Depth. What a check finds counts in the verdict that it names. The class values are those of the setup's
 * house; others are given only to see which of them are read.
 *
 * @throws {InputRangeError} when a part's value lies outside a model's limits.
 */
export function evaluate(setup: Setup, classes?: Classes): Evaluation {
  const rig = readRig(setup, classes);
  const { presentation } = setup;
  const running = presentation.kind === 'towed' ? runRig(rig, presentation) : null;
  const first =
    presentation.kind === 'cast'
      ? castFirst(judgeThrow(rig, presentation), judgeFall(rig, presentation))
      : towFirst(judgeTow(rig, presentation, running!));
  const set = judgesSet(presentation) ? judgeSet(rig, presentation, running) : null;
  const strike = strikeFigures(rig, presentation, running);
  const hold = judgeHold(rig, presentation, strike);
  const balance = judgeBalance(rig, presentation);
  const setFigures = set?.kind === 'judged' ? set.figures : null;
  const checks = runChecks({
    rig,
    presentation,
    balance: balance.figures,
    hold: hold.figures,
    set: setFigures,
    strike,
    holdsS: fishHoldsS(rig, presentation),
    running,
  });
  const count = (name: VerdictName, verdict: Verdict) =>
    withChecks(
      verdict,
      checks.filter((finding) => finding.verdict === name),
    );
  return {
    outcome: 'ok',
    verdicts: {
      throw: count('throw', first.throw),
      fall: count('fall', first.fall),
      set: count('set', set?.verdict ?? judgeStrike(rig, presentation, running, strike)),
      hold: count('hold', hold.verdict),
      balance: count('balance', balance.verdict),
    },
    castMassKg: rig.castMassKg,
    figures: {
      water: waterProperties(presentation.water),
      ...first.figures,
      ...(setFigures ? { set: setFigures } : {}),
      ...(strike ? { strike } : {}),
      hold: hold.figures,
      balance: balance.figures,
      hook: { jointId: rig.hook.jointId, neededN: rig.hook.neededN, openingN: openingOf(rig.hook.spec) },
      powerN: rig.powerN,
      rod: rodFigures(rig),
    },
    checks,
  };
}

function rodFigures({ rodPart, rodHoldsN, classes }: Rig): Evaluation['figures']['rod'] {
  const { family, by } = familyOf(rodPart);
  return { from: statedPower(rodPart, classes)?.from ?? 'measured', family, familyBy: by, holdsN: rodHoldsN };
}

/** A rod in the hand sets by its sweep; one in a holder by the strike on the clutch. */
const judgesSet = (presentation: Presentation): boolean => presentation.kind === 'cast' || presentation.held === 'hand';

const castFirst = (thrown: ReturnType<typeof judgeThrow>, fall: ReturnType<typeof judgeFall>) => ({
  throw: thrown.verdict,
  fall: fall.verdict,
  figures: { throw: thrown.figures, fall: fall.figures },
});

const towFirst = ({ carry, depth, figures }: ReturnType<typeof judgeTow>) => ({
  throw: carry,
  fall: depth,
  figures: { tow: figures },
});

/** A finding worse than the figure's own mark takes the mark; a note changes nothing, and an edge does not make up for a figure that is missing. */
function withChecks(verdict: Verdict, findings: readonly Finding[]): Verdict {
  const [first] = findings;
  if (!first || first.severity === 'note') return verdict;
  const mark =
    verdict.mark === 'cant-tell'
      ? first.severity === 'fails'
        ? 'fails'
        : 'cant-tell'
      : worst(verdict.mark, first.severity);
  if (mark === verdict.mark) return verdict;
  return {
    ...verdict,
    mark,
    reasons: [{ code: 'counts-check', facts: { check: first.id, case: first.code ?? null } }, ...verdict.reasons],
  };
}
