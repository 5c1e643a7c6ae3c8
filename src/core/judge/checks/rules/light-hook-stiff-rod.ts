import { openingOf, peakMomentNm, type Rig } from '../../../rig';
import type { Found, Rule } from '../rule';

/** A stiff rod opens light hooks before the hand feels it; on a very stout one it is the arms that end the pull. */
export const lightHookStiffRod: Rule = ({ rig, presentation }) => {
  const { edge, fails } = rig.classes.checks.lightHook;
  const armsN = peakMomentNm(rig, presentation) / (LEVER_SHARE * rig.rod.lengthM);
  const powerN = Math.min(rig.powerN, (ARMS_AT_MOST * armsN) / edge);
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

/** Lever of a rod that is bent far, over its length. */
const LEVER_SHARE = 0.75;
/** A jerk over what the arms hold. */
const ARMS_AT_MOST = 1.5;

const rodId = (rig: Rig) => rig.chainOfParts[0]!.joint.id;
