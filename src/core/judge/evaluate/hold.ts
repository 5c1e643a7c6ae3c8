import { STANDARD_GRAVITY_MPS2 } from '../../base/constants';
import { fishRun } from '../../strike';
import type { Presentation } from '../../tackle';
import type { Rig } from '../../rig';
import type { StrikeFigures } from './strike';
import { markAtLeast, rulingFirst, worst, type HoldFigures, type Reason, type Verdict, type Weighed } from '../verdict';

/** Clutch margins asked: a third of the weakest joint is the old rule, half the least that survives a jerk. */
const CLUTCH_MARGIN = { sound: 3, edge: 2 } as const;

/** What breaks first, whether that is where it should, how far the clutch stays below it, and whether any setting of it can be right. */
export function judgeHold(
  rig: Rig,
  presentation: Presentation,
  strike: StrikeFigures | null,
): { readonly verdict: Verdict; readonly figures: HoldFigures } {
  const { chain } = rig;
  const clutchMargin =
    presentation.clutchN === null || presentation.clutchN === 0 ? null : chain.strengthN / presentation.clutchN;
  const misplaced = chain.asWanted === false;
  const clutchMark =
    clutchMargin === null ? 'sound' : markAtLeast(clutchMargin, CLUTCH_MARGIN.sound, CLUTCH_MARGIN.edge);
  const weighed: Weighed[] = [
    {
      mark: misplaced ? 'edge' : 'sound',
      reason: {
        code: misplaced
          ? 'hold-breaks-elsewhere'
          : chain.asWanted === true
            ? 'hold-breaks-as-wanted'
            : 'hold-breaks-first',
        facts: { joint: chain.weakest, strengthN: chain.strengthN, wanted: presentation.wanted.breakAt },
      },
    },
    {
      mark: clutchMark,
      reason:
        clutchMargin === null
          ? { code: 'hold-clutch-locked', facts: {} }
          : { code: 'hold-clutch', facts: { clutchN: presentation.clutchN, margin: clutchMargin } },
    },
    ...(strike
      ? [
          {
            mark: strike.window.outcome === 'no-window' ? ('fails' as const) : ('sound' as const),
            reason: windowReason(strike),
          },
        ]
      : []),
    ...(strike && presentation.fishKg !== null && chain.strengthN < presentation.fishKg * STANDARD_GRAVITY_MPS2
      ? [
          {
            mark: 'sound' as const,
            reason: {
              code: 'hold-run' as const,
              facts: { runM: fishRun(presentation.fishKg, rig.classes).lengthM, leftM: strike.leftM },
            },
          },
        ]
      : []),
  ];
  const noWindow = strike?.window.outcome === 'no-window' ? ['fails' as const] : [];
  return {
    verdict: {
      mark:
        clutchMargin === null
          ? (noWindow[0] ?? 'cant-tell')
          : worst(clutchMark, misplaced ? 'edge' : 'sound', ...noWindow),
      value: clutchMargin,
      unit: '1',
      limits: { failsBelow: CLUTCH_MARGIN.edge, soundFrom: CLUTCH_MARGIN.sound, soundTo: null, failsAbove: null },
      reasons: rulingFirst(weighed),
    },
    figures: { chain, clutchMargin },
  };
}

function windowReason({ window: { outcome, windowN, upperBy, atFullN } }: StrikeFigures): Reason {
  return outcome === 'window'
    ? { code: 'hold-window', facts: { loN: atFullN[0], hiN: atFullN[1] } }
    : { code: 'hold-no-window', facts: { loN: windowN[0], hiN: windowN[1], upperBy } };
}
