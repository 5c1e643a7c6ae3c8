import { CONNECTION_FREEDOM } from '../../../tackle/defaults/rig-classes';
import type { Element } from '../../../rig';
import { actionOf, before, connectionBefore, driverBefore, stopBehindDisc } from '../look';
import { sideOf, type Found, type Rule } from '../rule';

/**
 * A lure with its own action wants a free nose; one that is driven from in front must be held by it. Behind a wobble disc a
 * loop, a tight knot and a stop are three different lures, none of them wrong.
 */
export const loopOrTight: Rule = (input) => {
  const { rig } = input;
  return rig.ends.flatMap(({ assembly, bearerId }): Found[] => {
    const link = connectionBefore(rig, assembly);
    const freedom = freedomOf(link);
    const action = actionOf(rig, assembly);
    if (!link || freedom === null) return [];
    const joints = [link.kind === 'knot' || link.kind === 'link' ? link.fitted.joint.id : bearerId, bearerId];
    const driver = driverBefore(rig, assembly);
    // A bait in its cap rolls with the cap, however the hook is tied.
    if (driver === 'bait-head') return [];
    if (driver === 'wobble-disc')
      return [
        {
          severity: 'note',
          verdict: 'balance',
          joints,
          code: stopBehindDisc(rig, assembly) ? 'disc-stop' : freedom === 'free' ? 'disc-loop' : 'disc-tight',
          facts: {},
        },
      ];
    const side = sideOf(input, 'nose-tie');
    if (action === 'own' && freedom === 'tight')
      return [
        {
          severity: side === 'loop' ? 'edge' : 'note',
          verdict: 'balance',
          joints,
          code: 'tight',
          facts: {},
          school: 'nose-tie',
          side,
        },
      ];
    const driven = before(rig, assembly).some((each) => each.kind === 'inline' && each.fitted.kind === 'attractor');
    if (action === 'driven' && driven && freedom === 'free')
      return [{ severity: 'edge', verdict: 'balance', joints, code: 'free', facts: {} }];
    return [];
  });
};

function freedomOf(element: Element | null): 'free' | 'tight' | null {
  if (element?.kind === 'knot') {
    const { pattern } = element.fitted.part;
    return pattern === 'open-loop' || pattern === 'overhand-loop'
      ? CONNECTION_FREEDOM[pattern]
      : CONNECTION_FREEDOM.knot;
  }
  if (element?.kind !== 'link') return null;
  const { form } = element.fitted.part;
  return form === 'snap' || form === 'split-ring' || form === 'solid-ring' || form === 'crimp'
    ? CONNECTION_FREEDOM[form]
    : null;
}
