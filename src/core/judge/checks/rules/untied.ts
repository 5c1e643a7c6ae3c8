import type { Fitted } from '../../../rig';
import { carries } from '../look';
import type { Found, Rule } from '../rule';

/** A line that meets metal with nothing tied there. */
export const untied: Rule = ({ rig }) => {
  const found: Found[] = [];
  let last: Fitted | null = null;
  let tied = false;
  for (const fitted of rig.chainOfParts) {
    if (fitted.kind === 'knot' || (fitted.kind === 'hardware' && fitted.part.form === 'crimp')) tied = true;
    else if (carries(fitted)) {
      const lines = [last?.kind, fitted.kind].filter((kind) => kind === 'line' || kind === 'leader').length;
      if (last && lines > 0 && !tied)
        found.push({
          severity: 'fails',
          verdict: 'hold',
          joints: [last.joint.id, fitted.joint.id],
          facts: { first: last.joint.id, second: fitted.joint.id },
        });
      last = fitted;
      tied = false;
    }
  }
  return found;
};
