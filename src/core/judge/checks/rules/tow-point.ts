import { actionOf, attachedForm } from '../look';
import type { Found, Rule } from '../rule';

/** A sleeve or keeper at the nose moves the point at which the line pulls, or stiffens it. */
export const towPoint: Rule = ({ rig }) =>
  rig.ends.flatMap(({ assembly, bearerId }): Found[] => {
    const sleeve = attachedForm(assembly, 'sleeve');
    const keeper = attachedForm(assembly, 'screw-keeper');
    if (sleeve?.kind === 'hardware' && sleeve.joint.place === 'bend')
      return [{ severity: 'note', verdict: 'balance', joints: [sleeve.joint.id, bearerId], code: 'bend', facts: {} }];
    if (sleeve && actionOf(rig, assembly) === 'own')
      return [{ severity: 'edge', verdict: 'balance', joints: [sleeve.joint.id, bearerId], code: 'sleeve', facts: {} }];
    if (keeper && assembly.bearer.kind === 'hook')
      return [{ severity: 'note', verdict: 'balance', joints: [keeper.joint.id, bearerId], code: 'keeper', facts: {} }];
    return [];
  });
