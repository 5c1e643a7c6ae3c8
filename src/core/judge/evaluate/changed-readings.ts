import { quantitiesOf, type Quantity } from '../../base/quantity';
import type { Part } from '../../tackle';

/** A reading of a part that has changed. */
export interface Reading {
  readonly partId: string;
  /** as `massKg` or `rating.loKg`; a field as a whole, as `stiffness`, where it is of another build now */
  readonly path: string;
  /** null: it was no figure, or not known */
  readonly then: Quantity | null;
  readonly now: Quantity | null;
}

/** What differs between two states of the same parts: figure by figure, or a whole field where its build changed. */
export function changedReadings(then: readonly Part[], now: readonly Part[]): readonly Reading[] {
  return now.flatMap((part) => {
    const old = then.find((each) => each.id === part.id);
    return old
      ? Object.keys({ ...old, ...part }).flatMap((key) =>
          NOT_READ.has(key) ? [] : changesIn(part.id, key, fieldOf(old, key), fieldOf(part, key)),
        )
      : [];
  });
}

/** Descriptions of a part, not readings: no verdict depends on them. */
const NOT_READ = new Set(['id', 'kind', 'name', 'words', 'price', 'left']);

/** A field by its name. */
export const fieldOf = (part: Part, key: string): unknown => (part as unknown as Record<string, unknown>)[key];

function changesIn(partId: string, key: string, was: unknown, is: unknown): Reading[] {
  const [before, after] = [new Map(quantitiesOf({ [key]: was })), quantitiesOf({ [key]: is })];
  const sameBuild = before.size > 0 && before.size === after.length && after.every(([path]) => before.has(path));
  if (sameBuild)
    return after.flatMap(([path, now]) =>
      before.get(path)!.value === now.value ? [] : [{ partId, path, then: before.get(path)!, now }],
    );
  return JSON.stringify(was) === JSON.stringify(is)
    ? []
    : [{ partId, path: key, then: before.get(key) ?? null, now: new Map(after).get(key) ?? null }];
}
