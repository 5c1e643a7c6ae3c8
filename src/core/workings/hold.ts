import { knotShare, type CastPresentation, type Evaluation, type Rig, type Setup } from '../evaluate';
import { lineTerms } from './shared-terms';
import { chosen, computed, reading, type Working } from './working';

export function holdWorking(rig: Rig, setup: Setup, presentation: CastPresentation, { figures }: Evaluation): Working {
  const { chain, clutchMargin } = figures.hold;
  const knots = rig.knots.map(({ part, material }, i) => reading(`k_{${i + 1}}`, 'knot-share', knotShare(part, material), 'share', part.id));
  return {
    equations: [String.raw`F_w = \min_i F_i, \qquad F_{\mathrm{knot}} = k\,F_{\mathrm{line}}`, String.raw`\text{margin} = \frac{F_w}{F_c}`],
    inputs: [
      ...lineTerms(rig),
      ...knots,
      reading('d', 'wire', rig.hook.wireM, 'size', rig.hook.id),
      reading('g', 'gap', rig.hook.gapM, 'size', rig.hook.id),
      ...(presentation.clutchN === null ? [] : [chosen('F_c', 'clutch', presentation.clutchN, 'force')]),
    ],
    results: [
      ...chain.joints.map((joint, i) => {
        const partId = setup.chain.find((each) => each.id === joint.name)?.partId;
        return { ...computed(`F_{${i + 1}}`, 'joint-strength', joint.strengthN, 'force'), ...(partId ? { partId } : {}) };
      }),
      computed('F_w', 'weakest', chain.strengthN, 'force'),
      computed('', 'clutch-margin', clutchMargin, 'ratio'),
    ],
    sources: ['chain', 'knots', 'hook-opening'],
  };
}
