import { openingOf, type Rig } from '../../../rig';
import type { Found, Rule } from '../rule';

/** A stiff rod opens light hooks before the hand feels it. */
export const lightHookStiffRod: Rule = ({ rig, powerN }) => {
  const { edge, fails } = rig.classes.checks.lightHook;
  return oneOfEach(rig.hooks).flatMap((hook): Found[] => {
    const openingN = openingOf(hook.spec);
    const ratio = openingN / powerN;
    if (ratio >= edge) return [];
    return [
      {
        severity: ratio < fails ? 'fails' : 'edge',
        verdict: 'set',
        joints: [hook.jointId, rodId(rig)],
        facts: { openingN, powerN, ratio },
      },
    ];
  });
};

const oneOfEach = (hooks: Rig['hooks']) =>
  hooks.filter((hook, i) => hooks.findIndex(({ jointId }) => jointId === hook.jointId) === i);
const rodId = (rig: Rig) => rig.chainOfParts[0]!.joint.id;
