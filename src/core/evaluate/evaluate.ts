import { waterProperties, type WaterProperties } from '../water';
import { judgeFall, type FallFigures } from './fall';
import { judgeHold, type HoldFigures } from './hold';
import { readRig } from './rig';
import { judgeSet, type SetFigures } from './set';
import type { Setup } from './setup';
import { judgeThrow, type ThrowFigures } from './throw';
import type { Verdict, VerdictName } from './verdict';

export interface Evaluation {
  readonly outcome: 'ok';
  readonly verdicts: Readonly<Record<VerdictName, Verdict>>;
  /** everything beyond the tip that is thrown [kg] */
  readonly castMassKg: number;
  readonly figures: {
    readonly water: WaterProperties;
    readonly throw: ThrowFigures;
    readonly fall: FallFigures;
    /** absent when the line is too short to reach that far */
    readonly set?: SetFigures;
    readonly hold: HoldFigures;
  };
}

/**
 * Every verdict of a setup in its presentation: will it throw, get down, set, hold.
 *
 * Pure: the same setup gives the same bytes on page, worker, server and command line. Balance waits for the model of
 * attitude and says so with a reason.
 *
 * @throws {InputRangeError} when a part's value lies outside a model's limits.
 */
export function evaluate(setup: Setup): Evaluation {
  const rig = readRig(setup);
  const { presentation } = setup;
  const thrown = judgeThrow(rig, presentation);
  const fall = judgeFall(rig, presentation);
  const set = judgeSet(rig, presentation);
  const hold = judgeHold(rig, presentation);
  return {
    outcome: 'ok',
    verdicts: {
      throw: thrown.verdict,
      fall: fall.verdict,
      set: set.verdict,
      hold: hold.verdict,
      balance: { mark: 'cant-tell', value: null, unit: 'rad', limits: null, reasons: [{ code: 'needs-trim', facts: {} }] },
    },
    castMassKg: rig.castMassKg,
    figures: {
      water: waterProperties(presentation.water),
      throw: thrown.figures,
      fall: fall.figures,
      ...(set.kind === 'judged' ? { set: set.figures } : {}),
      hold: hold.figures,
    },
  };
}
