import { parse, type Result } from '../problems';
import type { GivenPart } from './kind-of-part';
import { KINDS_OF_PART, partSchema, type Part } from '.';

/** The part with class values in every field that is needed and was not given. */
export function completePart(given: GivenPart): Result<Part> {
  const classes = KINDS_OF_PART[given.kind].classFields(given);
  // The words of a rod's stiffness are given one by one.
  const stiffness = given.kind === 'rod' ? { stiffness: classes['stiffness'] } : {};
  return parse(partSchema, { ...classes, ...given, ...stiffness });
}
