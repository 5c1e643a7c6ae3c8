import type { DocumentKind } from '@/domain/documents';
import { openedOnce } from '../read-once';
import type { Problem } from '@/domain/problems';

/** A row that cannot be read as what it should be: its name as far as it has one, what is wrong, and what stands there. */
export interface BrokenRow {
  readonly id: string;
  readonly name: string;
  readonly problems: readonly Problem[];
  readonly stored: unknown;
}

/** A list read row by row: a bad one stands beside the others instead of failing them. */
export interface Listed<T, B extends BrokenRow = BrokenRow> {
  readonly rows: readonly T[];
  readonly broken: readonly B[];
}

/** Opens each row's document; `whole` makes the entry of one that could be read. */
export function listedBy<R extends { readonly id: string; readonly document: unknown }, D, T>(
  kind: DocumentKind<D>,
  rows: readonly R[],
  whole: (document: D, row: R) => T,
): Listed<T, BrokenRow & { readonly row: R }> {
  const good: T[] = [];
  const broken: (BrokenRow & { readonly row: R })[] = [];
  for (const row of rows) {
    const result = openedOnce(kind, row.document);
    if (result.ok) good.push(whole(result.data, row));
    else broken.push({ id: row.id, name: nameIn(row.document), problems: result.problems, stored: row.document, row });
  }
  return { rows: good, broken };
}

/** What a person would call it, from whatever stands there. */
function nameIn(stored: unknown): string {
  const data = typeof stored === 'object' && stored !== null && 'data' in stored ? stored.data : stored;
  if (typeof data !== 'object' || data === null) return '';
  for (const key of ['name', 'words', 'size'])
    if (key in data) {
      const text = (data as Readonly<Record<string, unknown>>)[key];
      if (typeof text === 'string' && text.trim() !== '') return text.slice(0, 120);
    }
  return '';
}
