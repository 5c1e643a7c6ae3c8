import { widthOf } from '../look';
import { nothing, type Rule } from '../rule';

/** A small swivel or bead at the end of the main line is wound into the tip ring and cracks it, or jams there. */
export const woundIntoTip: Rule = ({ rig, presentation }) => {
  const { tipM } = rig.classes.checks.ringBore;
  for (const element of rig.elements.slice(1)) {
    if (element.kind === 'piece' || element.kind === 'assembly') return nothing;
    const size = widthOf(element);
    if (!size) continue;
    if (size.widthM >= tipM) return nothing;
    if (size.form === 'swivel' || size.form === 'bead' || size.form === 'snap') {
      return [
        {
          severity: presentation.kind === 'towed' ? 'edge' : 'note',
          verdict: 'hold',
          joints: [size.jointId],
          facts: { form: size.form, widthM: size.widthM, tipM },
        },
      ];
    }
  }
  return nothing;
};
