import { STANDARD_GRAVITY_MPS2 } from '../../base/constants';
import type { Classes } from '../../tackle/defaults/classes';
import type { RodPart } from '../../tackle';

/** What a rod weighs [kg]: weighed, or by the class rule from its length and power. */
export const rodMassKg = (rod: RodPart, powerN: number, { rodMass }: Pick<Classes, 'rodMass'>): number =>
  rod.massKg?.value ??
  (rodMass.blank.perLengthKg + rodMass.blank.perPowerKg * Math.sqrt(powerN / STANDARD_GRAVITY_MPS2)) *
    rod.lengthM.value ** 1.5;
