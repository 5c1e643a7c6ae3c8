import { STINGER_HOLDS } from '../../../tackle/defaults/rig-classes';
import { attachedForm } from '../look';
import type { Found, Rule } from '../rule';

/** A bare loop over a bend slips off over the barb. */
export const stingerComesOff: Rule = ({ rig }) =>
  rig.chainOfParts.flatMap((fitted): Found[] => {
    if (fitted.kind !== 'stinger' || !STINGER_HOLDS[fitted.joint.held].comesOff) return [];
    const end = rig.ends.find(({ assembly }) => assembly.attached.includes(fitted));
    if (end && (attachedForm(end.assembly, 'sleeve') || attachedForm(end.assembly, 'stop'))) return [];
    return [{ severity: 'edge', verdict: 'hold', joints: [fitted.joint.id], facts: {} }];
  });
