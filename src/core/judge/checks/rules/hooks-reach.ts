import type { HookPlace } from '../../../rig';
import type { Found, Rule } from '../rule';

/**
 * Hooks that hang from a lure swing about their rings: two that reach each other lock, one that reaches the nose takes
 * the line, and a blade on a hook needs the most room that there is between hook and lure.
 */
export const hooksReach: Rule = ({ rig }) =>
  rig.ends.flatMap(({ hooks, bearerId, eye }): Found[] => {
    const hanging = hooks.filter(({ hangsAt, hangs }) => hangsAt && hangs);
    const { share } = rig.classes.checks.hookReach;
    const found: Found[] = [];
    const edge = (code: string, joints: readonly string[], facts: Found['facts']) =>
      found.push({ severity: 'edge', verdict: 'balance', joints: [...new Set(joints)], code, facts });
    hanging.slice(1).forEach((hook, i) => {
      const before = hanging[i]!;
      const apartM = distanceM(before, hook);
      const reachM = before.spec.shankM + hook.spec.shankM;
      if (apartM < share * reachM) edge('each-other', [before.jointId, hook.jointId], { apartM, reachM });
    });
    const [front] = hanging;
    if (front && front.hangsAt?.station !== 'tail' && front.eye.xM - eye.xM < share * front.spec.shankM)
      edge('line', [front.jointId, bearerId], { apartM: front.eye.xM - eye.xM, reachM: front.spec.shankM });
    const bladed = hanging.find(({ spec }) => spec.bladeM !== null);
    if (bladed) {
      const roomM = (hook: HookPlace) => roomBesideM(hook, hanging);
      const widest = hanging.reduce((a, b) => (roomM(b) > roomM(a) ? b : a));
      if (widest !== bladed && roomM(widest) > 1.1 * roomM(bladed))
        found.push({
          severity: 'note',
          verdict: 'balance',
          joints: [bladed.jointId],
          code: 'blade-room',
          facts: { roomM: roomM(bladed), widestM: roomM(widest), station: widest.hangsAt!.station },
        });
    }
    return found;
  });

const distanceM = (a: HookPlace, b: HookPlace): number => Math.hypot(a.eye.xM - b.eye.xM, a.eye.zM - b.eye.zM);

/** Free way of a hook before its neighbour's points come near [m]. */
const roomBesideM = (hook: HookPlace, all: readonly HookPlace[]): number =>
  Math.min(
    ...all.filter((each) => each !== hook).map((each) => distanceM(hook, each) - each.spec.shankM),
    hook.hangsAt?.station === 'tail' ? Infinity : hook.eye.xM,
  );
