import { STANDARD_GRAVITY_MPS2 } from '../../base/constants';
import { SI_PER_UNIT } from '../../base/units';
import type { Classes } from '../defaults/classes';
import { FAMILY_SIGNS, ROD_CLASS_SPREAD, type RodFamily, type RodPower } from '../defaults/rod-classes';
import type { RodPart } from '../setup';
import { lineClassPowerN, windowPowerN } from './printed-power';

type PowerClasses = Pick<Classes, 'rodPowers' | 'rodFamilies' | 'bigLurePowers' | 'boatLines' | 'rodPrint'>;
type Range = readonly [number, number];

/** The sort of rod, and what tells it. */
export interface FamilyOfRod {
  readonly family: RodFamily;
  readonly by: 'said' | 'mount' | 'length' | 'window' | 'line' | 'nothing';
}

/** Power of a rod that was not hung, and what it was taken from. */
export interface StatedPower extends FamilyOfRod {
  readonly forceN: number;
  readonly spread: number;
  readonly from: 'window' | 'word-and-window' | 'line-class' | 'word';
}

/** The lure window printed on a rod [kg, kg]; null where none is, or only that of its class is known. */
export function printedWindowKg({ rating, stiffness }: RodPart): Range | null {
  if (stiffness.kind === 'window' && stiffness.ratingKg) return stiffness.ratingKg;
  return rating && rating.loKg.provenance !== 'class' ? [rating.loKg.value, rating.hiKg.value] : null;
}

/** The line class printed on a rod [N, N]; where only the upper line is, the lower is half of it. */
export function printedLineN({ lineLoN, lineHiN, stiffness }: RodPart): Range | null {
  if (stiffness.kind === 'line-class' && stiffness.lineN) return stiffness.lineN;
  if (!lineHiN || lineHiN.provenance === 'class') return null;
  return [lineLoN?.value ?? lineHiN.value / 2, lineHiN.value];
}

/** The family of a rod: said, or told by mount, length, window or line. */
export function familyOf(rod: RodPart): FamilyOfRod {
  const overall = rod.lengthM.value;
  const window = printedWindowKg(rod);
  const line = printedLineN(rod);
  const S = FAMILY_SIGNS;
  if (rod.family) return { family: rod.family, by: 'said' };
  if (rod.mount === 'boat') return { family: overall <= S['stand-up'].lengthToM ? 'stand-up' : 'boat', by: 'mount' };
  if (rod.mount === 'trolling') return { family: 'trolling', by: 'mount' };
  if (overall >= S.surf.lengthFromM) return { family: 'surf', by: 'length' };
  if (window) {
    const [lo, hi] = window;
    if (hi >= S['big-lure'].windowFromKg && Math.sqrt(lo * hi) >= S['big-lure'].middleFromKg)
      return { family: 'big-lure', by: 'window' };
    if (hi <= S.light.windowToKg) return { family: 'light', by: 'window' };
  } else if (line && line[1] <= S.light.lineToN) return { family: 'light', by: 'line' };
  return { family: 'general', by: 'nothing' };
}

/** What a power word of a family stands for [N]. */
function wordPowerN(power: RodPower, family: RodFamily, classes: PowerClasses): number {
  switch (family) {
    case 'big-lure':
      return classes.bigLurePowers[power].powerKgf * STANDARD_GRAVITY_MPS2;
    case 'boat':
    case 'stand-up': {
      const lineN = classes.boatLines[power].lineLb * SI_PER_UNIT.lbf;
      return lineClassPowerN([lineN, lineN], classes);
    }
    case 'light':
    case 'general':
    case 'trolling':
    case 'surf':
      return classes.rodFamilies[family].factor * classes.rodPowers[power].powerKgf * STANDARD_GRAVITY_MPS2;
    default:
      return family satisfies never;
  }
}

/**
 * What the print on a rod says of its power. A printed lure window decides, then a printed line class, then the word of its
 * family; where word and window are both printed it is their geometric mean, since windows alone hardly tell a heavy rod
 * from a medium-heavy one. Null where the rod was measured.
 *
 * @throws {InputRangeError} as `windowPowerN` and `lineClassPowerN`.
 */
export function statedPower(rod: RodPart, classes: PowerClasses): StatedPower | null {
  const { stiffness } = rod;
  if (stiffness.kind === 'taper') return null;
  const family = familyOf(rod);
  const wordN = stiffness.kind === 'class' ? wordPowerN(stiffness.power, family.family, classes) : null;
  const window = stiffness.kind === 'line-class' ? null : printedWindowKg(rod);
  if (window) {
    const windowN = windowPowerN(window, classes);
    return wordN === null
      ? { ...family, forceN: windowN, spread: ROD_CLASS_SPREAD.power, from: 'window' }
      : {
          ...family,
          forceN: Math.sqrt(wordN * windowN),
          spread: ROD_CLASS_SPREAD.wordAndWindow,
          from: 'word-and-window',
        };
  }
  const line = printedLineN(rod);
  return line || wordN === null
    ? {
        ...family,
        forceN: lineClassPowerN(line!, classes),
        spread: ROD_CLASS_SPREAD.lineClass,
        from: 'line-class',
      }
    : { ...family, forceN: wordN, spread: ROD_CLASS_SPREAD.power, from: 'word' };
}

/**
 * What the blank bears [N]: half of the printed upper line, else nine times its power. Spread 25 %.
 */
export function blankHoldsN(
  rod: RodPart,
  powerN: () => number,
  { rodPrint: { blank } }: Pick<Classes, 'rodPrint'>,
): number {
  const line = printedLineN(rod);
  return line ? blank.lineShare * line[1] : blank.perPower * powerN();
}
