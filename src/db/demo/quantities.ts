import { STANDARD_GRAVITY_MPS2 } from '@/core/base/constants';
import type { Provenance, Quantity } from '@/core/base/quantity';

/** A quantity from the unit an angler writes; eight digits are more than any scale gives. */
const inUnit =
  <const U extends string>(unit: U, factor: number) =>
  (value: number, provenance: Provenance, spread?: number): Quantity<U> => ({
    value: Number((value * factor).toPrecision(8)),
    unit,
    provenance,
    ...(spread === undefined ? {} : { spread }),
  });

export const metres = inUnit('m', 1);
export const millimetres = inUnit('m', 1e-3);
export const grams = inUnit('kg', 1e-3);
export const kilosPull = inUnit('N', STANDARD_GRAVITY_MPS2);
export const plain = inUnit('1', 1);
export const rigidity = inUnit('N·m²', 1);
export const newtonMetres = inUnit('N·m', 1);
