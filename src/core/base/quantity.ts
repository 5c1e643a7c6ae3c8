/** Where a number came from: read off a scale or rule, printed on the part, or a default for its class. */
export type Provenance = 'measured' | 'label' | 'class';

/** Relative spread, one standard deviation, unless the quantity names its own. */
export const PROVENANCE_SPREAD = { measured: 0.03, label: 0.1, class: 0.25 } as const satisfies Record<
  Provenance,
  number
>;

/** A value in its SI unit and what is known of it. */
export interface Quantity<U extends string = string> {
  readonly value: number;
  readonly unit: U;
  readonly provenance: Provenance;
  readonly spread?: number | undefined;
}

export const spreadOf = (quantity: Quantity): number => quantity.spread ?? PROVENANCE_SPREAD[quantity.provenance];

/** Every quantity inside a value with its path, as `massKg` or `rating.loKg`. */
export function quantitiesOf(value: object, prefix = ''): (readonly [string, Quantity])[] {
  return Object.entries(value).flatMap(([key, field]: [string, unknown]) =>
    typeof field !== 'object' || field === null
      ? []
      : isQuantity(field)
        ? [[`${prefix}${key}`, field] as const]
        : quantitiesOf(field, `${prefix}${key}.`),
  );
}

const isQuantity = (field: object): field is Quantity => 'value' in field && 'unit' in field && 'provenance' in field;
