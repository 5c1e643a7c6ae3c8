import { castFit, castWindow, SNAP_OFF, type CastFit, type CastWindow } from '../../strike';
import { printedWindowKg, type CastPresentation } from '../../tackle';
import { lineRiggedN, type Rig } from '../../rig';
import { markAtLeast, markWithin, worst, type Reason, type Verdict } from '../verdict';

export interface ThrowFigures {
  readonly castFit: CastFit;
  readonly castWindow: CastWindow;
}

/** Whether the rod throws this rig, and whether the line survives it. */
export function judgeThrow(
  rig: Rig,
  presentation: CastPresentation,
): { readonly verdict: Verdict; readonly figures: ThrowFigures } {
  const { fit, window, decides, mark: byRod } = thrown(rig, presentation);
  const snapMark = markAtLeast(fit.snapOffMargin, SNAP_OFF.asked, SNAP_OFF.edge);
  const disagree = decides === 'both' && fit.disagreement;
  const mark = disagree ? 'cant-tell' : worst(byRod, snapMark);
  const short = mark !== 'sound' && rig.castMassKg < window.soundFrom;
  const snapOff: Reason[] =
    snapMark === 'sound'
      ? []
      : [{ code: 'throw-snap-off' as const, facts: { margin: fit.snapOffMargin, asked: SNAP_OFF.asked } }];
  // A line that snaps before the rod minds is the ruling cause.
  const snapsFirst = snapMark !== 'sound' && worst(snapMark, byRod) !== byRod;
  const reasons: Reason[] = [
    ...(snapsFirst ? snapOff : []),
    ...(disagree ? [{ code: 'throw-disagreement' as const, facts: { label: fit.label, bend: fit.bend } }] : []),
    ...(mark === 'edge' && short ? [{ code: 'throw-short' as const, facts: {} }] : []),
    ...(decides === 'label' ? [] : [{ code: `throw-${fit.bend}` as const, facts: { dropShare: fit.dropShare } }]),
    ...(decides !== 'bend' && fit.label && fit.label !== 'in'
      ? [{ code: `throw-label-${fit.label}` as const, facts: { loKg: rig.ratingKg![0], hiKg: rig.ratingKg![1] } }]
      : []),
    window.soundFrom <= window.soundTo
      ? { code: 'throw-window', facts: { soundFromKg: window.soundFrom, soundToKg: window.soundTo } }
      : { code: 'throw-no-window', facts: {} },
    ...(snapsFirst ? [] : snapOff),
  ];
  return {
    verdict: { mark, value: rig.castMassKg, unit: 'kg', limits: window, reasons },
    figures: { castFit: fit, castWindow: window },
  };
}

export interface Thrown {
  readonly fit: CastFit;
  readonly window: CastWindow;
  readonly decides: 'label' | 'bend' | 'both';
  readonly mark: 'sound' | 'edge' | 'fails';
}

/** Whether the rod throws this rig, the line apart. */
export function thrown(rig: Rig, presentation: CastPresentation): Thrown {
  const asked = {
    rod: rig.rod,
    ratingKg: rig.ratingKg,
    style: presentation.castStyle,
    weakestN: lineRiggedN(rig),
  };
  const fit = castFit({ ...asked, massKg: rig.castMassKg }, rig.classes);
  const decides = decidedBy(rig, fit);
  const window = castWindow({ ...asked, decides }, rig.classes);
  return { fit, window, decides, mark: markWithin(rig.castMassKg, window) };
}

/**
 * What tells whether a rod throws. A rod that was not measured bends as its print says, so that the print decides and the
 * two cannot disagree; a rod without a printed window is told by its bend alone.
 */
function decidedBy({ rodPart }: Rig, { label }: CastFit): 'label' | 'bend' | 'both' {
  const { stiffness } = rodPart;
  const measured = stiffness.kind === 'taper' && stiffness.buttEiNm2.provenance === 'measured';
  if (label === null || !printedWindowKg(rodPart)) return 'bend';
  return measured ? 'both' : 'label';
}
