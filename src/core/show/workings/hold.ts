import type { Evaluation } from '../../judge';
import { knotShare, type Rig } from '../../rig';
import type { Presentation, Setup } from '../../tackle';
import { hookTerms, lineTerms } from './shared-terms';
import { chosen, computed, reading, type Working } from './working';

export function holdWorking(rig: Rig, setup: Setup, presentation: Presentation, { figures }: Evaluation): Working {
  const { chain, clutchMargin } = figures.hold;
  const knots = rig.knots.map(({ part, material }, i) =>
    reading(`k_{${i + 1}}`, 'knot-share', knotShare(part, material, rig.classes), 'share', part.id),
  );
  return {
    equations: [
      String.raw`F_w = \min_i F_i, \qquad F_{\mathrm{knot}} = k\,F_{\mathrm{line}}`,
      String.raw`\text{margin} = \frac{F_w}{F_c}`,
    ],
    inputs: [
      ...lineTerms(rig),
      ...knots,
      ...hookTerms(rig),
      ...(presentation.clutchN === null ? [] : [chosen('F_c', 'clutch', presentation.clutchN, 'force')]),
    ],
    results: [
      ...chain.joints.map((joint, i) => {
        const partId = setup.chain.find((each) => each.id === joint.name.split(':')[0])?.partId;
        return {
          ...computed(`F_{${i + 1}}`, 'joint-strength', joint.strengthN, 'force'),
          ...(partId ? { partId } : {}),
        };
      }),
      computed('F_w', 'weakest', chain.strengthN, 'force', 'figures.hold.chain.strengthN'),
      computed('', 'clutch-margin', clutchMargin, 'ratio', 'figures.hold.clutchMargin'),
    ],
    sources: ['chain', 'knots', 'hook-opening'],
    command: { model: 'chain', input: { joints: chain.joints } },
  };
}
