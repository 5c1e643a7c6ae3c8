import { hooksetInput, type Evaluation } from '../../judge';
import { asTaper, type Presentation } from '../../tackle';
import { piecesInPull, type Rig } from '../../rig';
import { hookTerms, lineTerms, rodTerms } from './shared-terms';
import { chosen, classTerm, computed, reading, type Working } from './working';

export function setWorking(rig: Rig, presentation: Presentation, { figures }: Evaluation): Working {
  const { sweep } = presentation;
  const { spec } = rig.hook;
  const { classes } = rig;
  const set = figures.set;
  const input = hooksetInput(rig, presentation, figures.tow?.running ?? null);
  return {
    equations: [
      String.raw`\Delta - s - c = \sum_i \frac{T\,L_i}{EA_i} + y(T) + \frac{T\,t^2}{6\cdot1.5\,M}`,
      String.raw`T = \min\left(T_{\mathrm{sweep}},\ T\,\ell(T)\le M_p,\ F_c\,e^{0.15\,\beta},\ F_w\right)`,
      String.raw`F_n = n\,\tfrac{\pi}{4}(k_b d)^2\,\sigma\,S + F_g, \qquad \text{margin} = \frac{T\,q}{F_n}`,
      String.raw`F_o = \frac{1.7\,\sigma_y\,\pi d^3}{32\cdot g/2}`,
    ],
    inputs: [
      ...rodTerms(rig),
      chosen(String.raw`\alpha_0`, 'sweep-start', sweep.startRad, 'angle'),
      chosen(String.raw`\alpha_1`, 'sweep-end', sweep.endRad, 'angle'),
      chosen('t', 'sweep-time', sweep.timeS, 'time'),
      chosen(
        'x',
        'distance',
        presentation.kind === 'cast' ? presentation.distanceM : presentation.lineOutM,
        'distance',
      ),
      chosen('s', 'slack', presentation.slackM, 'distance'),
      computed('c', 'crush', rig.crushM, 'size'),
      ...lineTerms(rig),
      ...piecesInPull(rig).map(({ part, line }, i) =>
        part?.eaN
          ? reading(`EA_{${i + 1}}`, i === 0 ? 'line-ea' : 'leader-ea', part.eaN, 'force', part.id)
          : computed(`EA_{${i + 1}}`, i === 0 ? 'line-ea' : 'leader-ea', line.eaN, 'force'),
      ),
      sweep.peakMomentNm === undefined
        ? classTerm('M_p', 'peak-moment', classes.setWays[sweep.way].peakMomentNm, 'moment')
        : chosen('M_p', 'peak-moment', sweep.peakMomentNm, 'moment'),
      ...(presentation.clutchN === null ? [] : [chosen('F_c', 'clutch', presentation.clutchN, 'force')]),
      ...(presentation.fishKg === null ? [] : [chosen('M', 'fish-mass', presentation.fishKg, 'bodyMass')]),
      ...hookTerms(rig),
      classTerm('n', 'points', classes.hookPoints[spec.points].factor, 'ratio'),
      classTerm('k_b', 'barb', classes.barbs[spec.barb].factor, 'ratio'),
      classTerm(
        'S',
        'sharpness',
        classes.sharpness[spec.sharpness].factor,
        'ratio',
        classes.sharpness[spec.sharpness].spread,
      ),
      classTerm(String.raw`\sigma`, 'tissue', classes.mouths[presentation.mouth].strengthMpa * 1e6, 'stress'),
      classTerm('F_g', 'guard', rig.hook.tissue.guardN, 'force'),
      classTerm('q', 'through', classes.covers[presentation.cover].through, 'ratio'),
    ],
    results: set
      ? [
          computed(String.raw`\Delta`, 'take-up', set.hookset.takeUpM, 'distance', 'figures.set.hookset.takeUpM'),
          computed('T', 'tension', set.hookset.tensionN, 'force', 'figures.set.hookset.tensionN'),
          computed('T q', 'at-hook', set.hookset.atHookN, 'force', 'figures.set.hookset.atHookN'),
          computed('F_n', 'needed', set.hookset.neededN, 'force', 'figures.set.hookset.neededN'),
          computed('F_o', 'opening', set.hookset.openingN, 'force', 'figures.set.hookset.openingN'),
          computed('', 'margin', set.hookset.margin, 'ratio', 'figures.set.hookset.margin'),
          computed('', 'opening-margin', set.hookset.openingMargin, 'ratio', 'figures.set.hookset.openingMargin'),
          computed('', 'tear-margin', set.hookset.tearMargin, 'ratio', 'figures.set.hookset.tearMargin'),
          computed('', 'time-to-set', set.hookset.timeToSetS, 'time', 'figures.set.hookset.timeToSetS'),
          computed(String.raw`\ell`, 'lever', set.rodBend.leverArmM, 'rodLength', 'figures.set.rodBend.leverArmM'),
        ]
      : [],
    sources: ['elastica', 'hookset', 'line-materials'],
    command: input.kind === 'ready' ? { model: 'hookset', input: { ...input.input, rod: asTaper(rig.rod) } } : null,
  };
}
