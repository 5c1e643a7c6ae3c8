import type { Evaluation } from '../../judge';
import { lineRiggedN, type Rig } from '../../rig';
import { asTaper, type CastPresentation } from '../../tackle';
import { lineTerms, massTerms, rodTerms } from './shared-terms';
import { classTerm, computed, reading, type Working } from './working';

export function throwWorking(rig: Rig, presentation: CastPresentation, { figures }: Evaluation): Working | null {
  if (!figures.throw) return null;
  const { castFit, castWindow } = figures.throw;
  const { rating } = rig.rodPart;
  return {
    equations: [
      String.raw`m = \textstyle\sum_i m_i`,
      String.raw`\frac{y}{L} = \frac{y_{\mathrm{tip}}(m\,a,\ \tfrac{\pi}{2})}{L}, \qquad EI\,\theta' = M`,
      ...(rating ? [String.raw`r = \frac{\ln\left(m/\sqrt{m_{lo}\,m_{hi}}\right)}{\ln\sqrt{m_{hi}/m_{lo}}}`] : []),
      String.raw`n = \frac{F_w}{3\,m\,a}`,
    ],
    inputs: [
      ...massTerms(rig),
      classTerm(
        'a',
        'tip-acceleration',
        rig.classes.castStyles[presentation.castStyle].accelerationMps2,
        'acceleration',
      ),
      ...rodTerms(rig),
      ...(rating
        ? [
            reading('m_{lo}', 'rating-low', rating.loKg, 'mass', rig.rodPart.id),
            reading('m_{hi}', 'rating-high', rating.hiKg, 'mass', rig.rodPart.id),
          ]
        : []),
      ...lineTerms(rig),
      computed('F_w', 'weakest-of-line', lineRiggedN(rig), 'force'),
    ],
    results: [
      computed('y/L', 'drop-share', castFit.dropShare, 'share', 'figures.throw.castFit.dropShare'),
      ...(castFit.r === null ? [] : [computed('r', 'rating-place', castFit.r, 'ratio', 'figures.throw.castFit.r')]),
      computed('n', 'snap-off-margin', castFit.snapOffMargin, 'ratio', 'figures.throw.castFit.snapOffMargin'),
      computed('', 'sound-from', castWindow.soundFrom, 'mass', 'figures.throw.castWindow.soundFrom'),
      computed('', 'sound-to', castWindow.soundTo, 'mass', 'figures.throw.castWindow.soundTo'),
    ],
    sources: ['elastica', 'rod-classes', 'cast-styles'],
    command: {
      model: 'cast-fit',
      input: {
        rod: asTaper(rig.rod),
        massKg: rig.castMassKg,
        ratingKg: rig.ratingKg,
        style: presentation.castStyle,
        weakestN: lineRiggedN(rig),
      },
    },
  };
}
