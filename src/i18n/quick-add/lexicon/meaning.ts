import type { PartKind } from '@/domain/parts';

/** What a word on a part says: its kind, its fields, or both. */
export interface Meaning {
  readonly kind?: PartKind;
  readonly fields?: Readonly<Record<string, string | number>>;
  /** a mass on the line is that of a weight moulded on the shank */
  readonly weighted?: true;
}

/** Words that say the same, English and Spanish together: a box holds both. */
export type Entry = readonly [words: readonly string[], meaning: Meaning];

export const is = (kind: PartKind, fields?: Meaning['fields']): Meaning => ({ kind, ...(fields ? { fields } : {}) });
export const says = (fields: NonNullable<Meaning['fields']>): Meaning => ({ fields });

/** A phrase as it is looked up. */
export const inSpaces = (words: string): string => words.replace(/[-‐–]/g, ' ');
