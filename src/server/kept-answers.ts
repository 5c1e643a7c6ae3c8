import 'server-only';
import { cache } from 'react';
import { findBenchState } from '@/db/repo';
import type { BenchId } from '@/domain/ids';
import { askingAngler } from './asker';
import { database } from './database';

/** So many answers are kept, of all benches together; the one that was asked for longest ago goes first. */
const MOST_KEPT = 300;

interface Kept {
  readonly state: string;
  readonly answer: Promise<unknown>;
}

const kept = new Map<string, Kept>();

/**
 * What follows from a bench alone, worked out once for each state of it: every change gives the bench a new state in its own
 * transaction, so what is kept is never older than what the database has. The figures of the angler who asks count.
 *
 * @param question which answer this is, by its name and all that it depends on besides the bench
 */
export async function keptAnswer<T>(benchId: BenchId, question: readonly unknown[], ask: () => Promise<T>): Promise<T> {
  const state = await stateOf(benchId);
  if (state === null) return ask();
  const key = JSON.stringify([benchId, askingAngler(), ...question]);
  const before = kept.get(key);
  kept.delete(key);
  const answer = before?.state === state ? (before.answer as Promise<T>) : ask();
  kept.set(key, { state, answer });
  // An answer that did not come is asked for again.
  answer.catch(() => {
    if (kept.get(key)?.answer === answer) kept.delete(key);
  });
  for (const oldest of kept.keys()) {
    if (kept.size <= MOST_KEPT) break;
    kept.delete(oldest);
  }
  return answer;
}

/** Asked once while a page is made. */
const stateOf = cache((benchId: BenchId) => findBenchState(database(), benchId));
