import 'server-only';
import { cache } from 'react';
import { findBenchState } from '@/db/repo';
import type { BenchId } from '@/domain/ids';
import { askingAngler } from './asker';
import { database } from './database';

/** So many benches are remembered, and so many answers of each; what was asked for longest ago goes first. */
const MOST_BENCHES = 50;
const MOST_ANSWERS = 200;

interface Kept {
  readonly state: string;
  readonly answers: Map<string, Promise<unknown>>;
}

const kept = new Map<BenchId, Kept>();

/**
 * What follows from a bench alone, worked out once for each state of it: every change gives the bench a new state in its own
 * transaction, so what is kept is never older than what the database has. The figures of the angler who asks count.
 *
 * @param question which answer this is, by its name and all that it depends on besides the bench
 */
export async function keptAnswer<T>(benchId: BenchId, question: readonly unknown[], ask: () => Promise<T>): Promise<T> {
  const state = await stateOf(benchId);
  if (state === null) return ask();
  const { answers } = keptOf(benchId, state);
  const key = JSON.stringify([askingAngler(), ...question]);
  const answer = (answers.get(key) as Promise<T> | undefined) ?? ask();
  putLast(answers, key, answer, MOST_ANSWERS);
  // An answer that did not come is asked for again.
  answer.catch(() => {
    if (answers.get(key) === answer) answers.delete(key);
  });
  return answer;
}

/** Answers of an earlier state are of no use to anybody, and would hold what that bench was made of. */
function keptOf(benchId: BenchId, state: string): Kept {
  const before = kept.get(benchId);
  const own = before?.state === state ? before : { state, answers: new Map<string, Promise<unknown>>() };
  putLast(kept, benchId, own, MOST_BENCHES);
  return own;
}

function putLast<K, V>(map: Map<K, V>, key: K, value: V, most: number): void {
  map.delete(key);
  map.set(key, value);
  const [oldest] = map.keys();
  if (map.size > most && oldest !== undefined) map.delete(oldest);
}

/** Asked once while a page is made. */
const stateOf = cache((benchId: BenchId) => findBenchState(database(), benchId));
