import { leadersM } from '../../../rig';
import { stopperOf } from '../look';
import { nothing, type Rule } from '../rule';

/** What joins line and leader must pass the rings when the rig beyond it is longer than can hang from the tip at the cast. */
export const throughRings: Rule = ({ rig, presentation }) => {
  if (presentation.kind !== 'cast') return nothing;
  const { leaderOverRod, ringBore } = rig.classes.checks;
  const allowedM = leaderOverRod.cast * rig.rod.lengthM;
  const stopper = stopperOf(rig);
  if (stopper && stopper.beyondM > allowedM) {
    return [
      {
        severity: 'fails',
        verdict: 'throw',
        joints: [stopper.jointId],
        code: 'stopper',
        facts: { form: stopper.form, widthM: stopper.widthM, tipM: ringBore.tipM, beyondM: stopper.beyondM, allowedM },
      },
    ];
  }
  const knot = rig.elements.find((element) => element.kind === 'knot');
  if (knot?.kind === 'knot' && knot.fitted.part.pattern === 'double-wrap' && leadersM(rig) > allowedM) {
    return [
      {
        severity: 'edge',
        verdict: 'throw',
        joints: [knot.fitted.joint.id],
        code: 'bulky-knot',
        facts: { beyondM: leadersM(rig), allowedM },
      },
    ];
  }
  return nothing;
};
