import { WORKING_SPEEDS } from '../../../tackle/defaults/part-classes';
import type { Presentation } from '../../../tackle';
import type { Rig } from '../../../rig';
import type { Found, Rule } from '../rule';

/** Speeds at which lures and attractors work, against the speed of the presentation. */
export const workingSpeed: Rule = ({ rig, presentation }) => {
  const { conditions } = presentation;
  const speedMps = workedMps(rig, presentation);
  const { edge } = rig.classes.checks.workingSpeed;
  const found = windowsOf(rig).flatMap(({ jointId, fromMps, toMps }): Found[] => {
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

interface SpeedWindow {
  readonly jointId: string;
  readonly fromMps: number;
  readonly toMps: number;
}

/** Windows that were tried, printed, or go with the kind; a plug that is jerked or lies on the surface has none of the kind. */
function windowsOf(rig: Rig): SpeedWindow[] {
  return rig.chainOfParts.flatMap(({ joint, part }): SpeedWindow[] => {
    if (!('worksFromMps' in part || 'worksToMps' in part || part.kind in WORKING_SPEEDS)) return [];
    const kindOf =
      part.kind === 'hard-lure' && part.lip === 'no-lip'
        ? null
        : part.kind in WORKING_SPEEDS
          ? WORKING_SPEEDS[part.kind as keyof typeof WORKING_SPEEDS]
          : null;
    const tried = part as {
      readonly worksFromMps?: { readonly value: number };
      readonly worksToMps?: { readonly value: number };
    };
    const fromMps = tried.worksFromMps?.value ?? kindOf?.fromMps;
    const toMps = tried.worksToMps?.value ?? kindOf?.toMps;
    return fromMps === undefined && toMps === undefined
      ? []
      : [{ jointId: joint.id, fromMps: fromMps ?? 0, toMps: toMps ?? Infinity }];
  });
}
