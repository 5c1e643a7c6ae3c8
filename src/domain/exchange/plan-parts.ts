import { idKey } from '../ids';
import type { Part } from '../parts';
import { readPartRow, readPartsHeader, type RowOutcome } from './rows-to-parts';

export interface PlannedLine {
  /** as an editor counts, the header is line 1 */
  readonly line: number;
  readonly outcome: RowOutcome;
}

export type PartsPlan =
  | { readonly kind: 'plan'; readonly lines: readonly PlannedLine[] }
  | { readonly kind: 'not-parts'; readonly found: readonly string[] }
  | { readonly kind: 'empty' };

export const MOST_LINES = 20_000;

/** Every row of a table of parts against the Box; nothing is written. `onProgress` hears of it every thousand rows. */
export function planParts(
  rows: readonly (readonly string[])[],
  box: readonly Part[],
  newId: () => string,
  onProgress: (done: number) => void,
): PartsPlan {
  const [first, ...rest] = rows;
  if (!first || first.every((cell) => cell.trim() === '')) return { kind: 'empty' };
  const header = readPartsHeader(first);
  if (!header.ok) return { kind: 'not-parts', found: header.found };
  const byId = new Map<string, Part>(box.map((part) => [part.id, part]));
  const alike = new Map(box.map(({ id }) => [idKey(id), id as string]));
  const seen = new Map<string, number>();
  const lines: PlannedLine[] = [];
  rest.forEach((cells, i) => {
    if (i % 1000 === 0) onProgress(i);
    if (cells.every((cell) => cell.trim() === '')) return;
    const outcome = readPartRow(header.columns, cells, byId, alike, newId);
    const id = outcome.kind === 'same' ? outcome.id : outcome.kind === 'refused' ? null : outcome.part.id;
    const before = id === null ? undefined : seen.get(idKey(id));
    if (id !== null) seen.set(idKey(id), i + 2);
    lines.push({
      line: i + 2,
      outcome:
        before === undefined
          ? outcome
          : { kind: 'refused', problems: [{ column: 'id', given: id!, reason: 'twice', allowed: String(before) }] },
    });
  });
  return { kind: 'plan', lines };
}
