import { useState } from 'react';

/** How often a value has changed since it was first shown: a key that starts the mark of a change anew. */
export function useChanges(value: unknown): number {
  const [seen, setSeen] = useState({ value, changes: 0 });
  if (Object.is(seen.value, value)) return seen.changes;
  setSeen({ value, changes: seen.changes + 1 });
  return seen.changes + 1;
}
