/** Rows a statement: more would pass the server's packet limit with long documents, or its time limit on a slow disk. */
const ROWS = 250;

/** Does `insert` for so many rows at a time. */
export async function inChunks<T>(rows: readonly T[], insert: (chunk: T[]) => Promise<unknown>): Promise<void> {
  for (let from = 0; from < rows.length; from += ROWS) await insert(rows.slice(from, from + ROWS));
}
