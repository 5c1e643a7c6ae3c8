import type { z } from 'zod';
import type { Quantity } from '../quantity';
import type { Guide } from '../guides/names';
import type { PartKind } from './kinds';

/** What is known of a part before class values fill the rest: its kind and any of its fields. */
export type GivenPart = { readonly kind: PartKind; readonly id: string } & Readonly<Record<string, unknown>>;

/** All that is particular to one kind of part, in its own file. */
export interface KindOfPart<S extends z.ZodType> {
  readonly schema: S;
  /** class values for every field that is needed */
  readonly classFields: (given: GivenPart) => Readonly<Record<string, unknown>>;
  /** where it lies among its kind in the Box: by sort, then by size */
  readonly place: (part: z.infer<S>) => readonly [sort: string, size: number];
  /** what can be measured of it, the measurement that narrows most first */
  readonly guides: readonly Guide[];
  /** what it is called on packets, English and Spanish: how quick add knows it */
  readonly called: readonly string[];
  /** fields that tell one such part from another and that its packet says: where a line does not, they are asked */
  readonly packetSays: readonly string[];
}

/** Checks a kind against its own schema. */
export const kindOfPart = <S extends z.ZodType>(kind: KindOfPart<S>): KindOfPart<S> => kind;

export const ofClass = <U extends string>(value: number, unit: U, spread?: number): Quantity<U> => ({
  value,
  unit,
  provenance: 'class',
  ...(spread === undefined ? {} : { spread }),
});

/** A figure that was given. */
export function givenFigure(given: GivenPart, field: string): number | undefined {
  const held = given[field];
  return typeof held === 'object' && held !== null && 'value' in held && typeof held.value === 'number'
    ? held.value
    : undefined;
}

/** A word that was given, if it is a row of the table, else the usual one. */
export const givenRow = <K extends string>(
  given: GivenPart,
  field: string,
  table: Readonly<Record<K, unknown>>,
  usual: K,
): K => {
  const held = given[field];
  return typeof held === 'string' && Object.hasOwn(table, held) ? (held as K) : usual;
};
