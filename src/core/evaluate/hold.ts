import type { Chain } from '../chain';
import type { Presentation } from '../setup';
import type { Rig } from '../rigging';
import { markAtLeast, worst, type Reason, type Verdict } from './verdict';

export interface HoldFigures {
  readonly chain: Chain;
  /** weakest joint over the clutch at a full spool; null while the clutch is locked */
  readonly clutchMargin: number | null;
}

/** Clutch margins asked: a third of the weakest joint is the old rule, half the least that survives a jerk. */
const CLUTCH_MARGIN = { sound: 3, edge: 2 } as const;

/** What breaks first, whether that is where it should, and how far the clutch stays below it. */
export function judgeHold(rig: Rig, presentation: Presentation): { readonly verdict: Verdict; readonly figures: HoldFigures } {
  const { chain } = rig;
  const clutchMargin = presentation.clutchN === null || presentation.clutchN === 0 ? null : chain.strengthN / presentation.clutchN;
  const misplaced = chain.asWanted === false;
  const reasons: Reason[] = [
    { code: misplaced ? 'hold-breaks-elsewhere' : chain.asWanted === true ? 'hold-breaks-as-wanted' : 'hold-breaks-first',
      facts: { joint: chain.weakest, strengthN: chain.strengthN, wanted: presentation.wanted.breakAt } },
    clutchMargin === null ? { code: 'hold-clutch-locked', facts: {} } : { code: 'hold-clutch', facts: { clutchN: presentation.clutchN, margin: clutchMargin } },
  ];
  return {
    verdict: {
      mark: clutchMargin === null ? 'cant-tell' : worst(markAtLeast(clutchMargin, CLUTCH_MARGIN.sound, CLUTCH_MARGIN.edge), misplaced ? 'edge' : 'sound'),
      value: clutchMargin,
      unit: '1',
      limits: { failsBelow: CLUTCH_MARGIN.edge, soundFrom: CLUTCH_MARGIN.sound, soundTo: null, failsAbove: null },
      reasons,
    },
    figures: { chain, clutchMargin },
  };
}
