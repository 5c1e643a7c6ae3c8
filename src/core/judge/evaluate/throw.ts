import { castFit, castWindow, CAST_STEP, SNAP_OFF, type CastFit, type CastWindow } from '../../strike';
import type { CastPresentation } from '../../tackle';
import { lineRiggedN, type Rig } from '../../rig';
import { markAtLeast, worst, type Reason, type Verdict } from '../verdict';

export interface ThrowFigures {
  readonly castFit: CastFit;
  readonly castWindow: CastWindow;
}

/** Whether the rod throws this rig, and whether the line survives it. */
export function judgeThrow(
  rig: Rig,
  presentation: CastPresentation,
): { readonly verdict: Verdict; readonly figures: ThrowFigures } {
  const weakestN = lineRiggedN(rig);
  const asked = { rod: rig.rod, ratingKg: rig.ratingKg, style: presentation.castStyle, weakestN };
  const fit = castFit({ ...asked, massKg: rig.castMassKg }, rig.classes);
  const window = castWindow(asked, rig.classes);

  const step = Math.max(Math.abs(CAST_STEP[fit.bend]), fit.label ? Math.abs(CAST_STEP[fit.label]) : 0);
  const snapMark = markAtLeast(fit.snapOffMargin, SNAP_OFF.asked, SNAP_OFF.edge);
  const mark = fit.disagreement ? 'cant-tell' : worst(step === 0 ? 'sound' : step === 1 ? 'edge' : 'fails', snapMark);
  const reasons: Reason[] = [
    ...(fit.disagreement ? [{ code: 'throw-disagreement' as const, facts: { label: fit.label, bend: fit.bend } }] : []),
    { code: `throw-${fit.bend}`, facts: { dropShare: fit.dropShare } },
    ...(fit.label && fit.label !== 'in'
      ? [{ code: `throw-label-${fit.label}` as const, facts: { loKg: rig.ratingKg![0], hiKg: rig.ratingKg![1] } }]
      : []),
    window.soundFrom <= window.soundTo
      ? { code: 'throw-window', facts: { soundFromKg: window.soundFrom, soundToKg: window.soundTo } }
      : { code: 'throw-no-window', facts: {} },
    ...(snapMark === 'sound'
      ? []
      : [{ code: 'throw-snap-off' as const, facts: { margin: fit.snapOffMargin, asked: SNAP_OFF.asked } }]),
  ];
  return {
    verdict: { mark, value: rig.castMassKg, unit: 'kg', limits: window, reasons },
    figures: { castFit: fit, castWindow: window },
  };
}
