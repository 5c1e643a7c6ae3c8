import { opened, type DocumentKind } from '@/domain/documents';
import type { Result } from '@/domain/problems';

/** So much text is remembered with what it was read as [characters]; the oldest goes first. */
const MOST_CHARACTERS = 24e6;
/** A text longer than this is read each time: few are, and each would push out a thousand others. */
const LONGEST = 20_000;

const read = new Map<string, unknown>();
let characters = 0;

/**
 * The value of a JSON text; what is no JSON stays text. A page reads mostly what the one before it read: the same text gives
 * the same object, frozen, since every page shares it.
 */
export function parsedOnce(text: string): unknown {
  const known = read.get(text);
  if (known !== undefined) return known;
  const value = frozen(parsed(text));
  if (text.length > LONGEST) return value;
  read.set(text, value);
  characters += text.length;
  for (const [oldest] of read) {
    if (characters <= MOST_CHARACTERS) break;
    read.delete(oldest);
    characters -= oldest.length;
  }
  return value;
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return text;
  }
}

const openedBefore = new WeakMap<DocumentKind<unknown>, WeakMap<object, Result<unknown>>>();

/** As `opened`, and the same stored object is opened once. */
export function openedOnce<T>(kind: DocumentKind<T>, stored: unknown): Result<T> {
  if (typeof stored !== 'object' || stored === null) return opened(kind, stored);
  const ofKind = openedBefore.get(kind) ?? new WeakMap<object, Result<T>>();
  openedBefore.set(kind, ofKind);
  const known = ofKind.get(stored) as Result<T> | undefined;
  if (known) return known;
  const result = frozen(opened(kind, stored));
  ofKind.set(stored, result);
  return result;
}

function frozen<T>(value: T): T {
  if (typeof value !== 'object' || value === null || Object.isFrozen(value)) return value;
  for (const inner of Object.values(value)) frozen(inner);
  return Object.freeze(value);
}
