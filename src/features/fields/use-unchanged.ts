'use client';

import { useState } from 'react';

/** The value as it was given before, while a new object says the same: what the server sends again asks no new question. */
export function useUnchanged<T>(given: T): T {
  const [last, setLast] = useState({ given, kept: given });
  if (last.given === given) return last.kept;
  const kept = JSON.stringify(last.kept) === JSON.stringify(given) ? last.kept : given;
  setLast({ given, kept });
  return kept;
}
