import { InputRuleError } from '../../base/guard';
import { laybackM, type Profile, type SpreadLine } from './lines';

/** Two depths that are closer than this are one [m]. */
const SAME_M = 1e-3;

/**
 * Holds lines to what joins them: names told apart, chains that go on from earlier lines, profiles that begin where their
 * line begins and run aft.
 *
 * @throws {InputRuleError} at the first field that breaks a rule.
 */
export function checkLines(lines: readonly SpreadLine[], speedMps: number | undefined): void {
  const ends = new Map<string, number>();
  for (const [i, line] of lines.entries()) {
    const at = `lines[${i}]`;
    if (ends.has(line.name)) throw new InputRuleError(`${at}.name`, 'a name that no earlier line has');
    const above = line.after === undefined ? line.tipM[2] : ends.get(line.after);
    if (above === undefined) throw new InputRuleError(`${at}.after`, 'the name of an earlier line');
    checkProfile(`${at}.profileM`, line.profileM, above);
    if (line.turnProfileM)
      checkProfile(`${at}.turnProfileM`, line.turnProfileM, line.tipM === undefined ? null : above);
    const reaches = [line.profileM, ...(line.turnProfileM ? [line.turnProfileM] : [])].map(laybackM);
    if ((line.offsetM ?? 0) !== 0 && reaches.some((reach) => reach === 0))
      throw new InputRuleError(`${at}.offsetM`, '0 for a line that hangs straight down');
    if (line.turnProfileM && line.depthsAt)
      throw new InputRuleError(`${at}.depthsAt`, 'left out where turnProfileM is given');
    checkDepths(`${at}.depthsAt`, line, line.tipM === undefined ? null : above);
    if (line.depthsAt && speedMps === undefined)
      throw new InputRuleError('speedMps', 'a speed, since a line is given by its depths at speeds');
    ends.set(line.name, line.profileM.at(-1)![1]);
  }
}

/** `startsAt` null: it may begin at any depth. */
function checkProfile(path: string, profile: Profile, startsAt: number | null): void {
  if (profile[0]![0] !== 0) throw new InputRuleError(`${path}[0][0]`, '0, where the line begins');
  const falls = profile.findIndex(([s], k) => k > 0 && s < profile[k - 1]![0]);
  if (falls > 0) throw new InputRuleError(`${path}[${falls}][0]`, `at least ${profile[falls - 1]![0]}`);
  if (startsAt !== null && Math.abs(profile[0]![1] - startsAt) > SAME_M)
    throw new InputRuleError(`${path}[0][1]`, `${startsAt}, the depth at which the line begins`);
}

function checkDepths(path: string, { depthsAt, profileM }: SpreadLine, startsAt: number | null): void {
  for (const [k, { speedMps, zM }] of (depthsAt ?? []).entries()) {
    if (k > 0 && speedMps <= depthsAt![k - 1]!.speedMps)
      throw new InputRuleError(`${path}[${k}].speedMps`, `more than ${depthsAt![k - 1]!.speedMps}`);
    if (zM.length !== profileM.length)
      throw new InputRuleError(`${path}[${k}].zM`, `${profileM.length} depths, one for each point of profileM`);
    if (startsAt !== null && Math.abs(zM[0]! - startsAt) > SAME_M)
      throw new InputRuleError(`${path}[${k}].zM[0]`, `${startsAt}, the depth at which the line begins`);
  }
}
