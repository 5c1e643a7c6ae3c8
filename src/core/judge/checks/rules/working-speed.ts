import type { Presentation } from '../../../tackle';
import { workingSpeeds, type Rig } from '../../../rig';
import type { Found, Rule } from '../rule';

/** Speeds at which lures and attractors work, against the speed of the presentation. */
export const workingSpeed: Rule = ({ rig, presentation }) => {
  const { conditions } = presentation;
  const speedMps = workedMps(rig, presentation);
  const { edge } = rig.classes.checks.workingSpeed;
  const found = workingSpeeds(rig.chainOfParts).flatMap(({ jointId, fromMps, toMps }): Found[] => {
    if (speedMps >= fromMps && speedMps <= toMps) return [];
    const near = speedMps >= fromMps * (1 - edge) && speedMps <= toMps * (1 + edge);
    return [
      {
        severity: near ? 'edge' : 'fails',
        verdict: 'balance',
        joints: [jointId],
        code: speedMps < fromMps ? 'slow' : 'fast',
        facts: { speedMps, fromMps, toMps },
      },
    ];
  });
  const own = conditions.speedMps;
  if (own && (speedMps < own.from || speedMps > own.to))
    found.push({
      severity: 'note',
      verdict: 'balance',
      joints: [],
      code: 'own-window',
      facts: { speedMps, fromMps: own.from, toMps: own.to },
    });
  return found;
};

/** What is jigged straight below swims by the lift or the winding, not by the drift. */
const workedMps = ({ classes }: Rig, presentation: Presentation): number =>
  presentation.kind === 'towed' && presentation.way === 'dropped'
    ? (presentation.workedMps ?? classes.handling.lift.speedMps)
    : presentation.speedMps;
