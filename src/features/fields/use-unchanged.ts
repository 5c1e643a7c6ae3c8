'use client';

import { useState } from 'react';

/** The value as it was given before, while a new object says the same: what the server sends again asks no new question. */
export function useUnchanged<T>(given: T): T {
  const [held, setHeld] = useState({ given, kept: given });
  if (held.given === given) return held.kept;
  const kept = JSON.stringify(held.kept) === JSON.stringify(given) ? held.kept : given;
  setHeld({ given, kept });
  return kept;
}
