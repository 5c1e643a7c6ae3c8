import 'server-only';
import { cache } from 'react';
import { findBenchState } from '@/db/repo';
import type { BenchId } from '@/domain/ids';
import { keepNewest } from '@/domain/keep-newest';
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
 * What depends on nothing but a bench, worked out once for each state of it: every change gives the bench a new state in its own
 * transaction, so what is kept is never older than what the database has. It is judged with the figures of the angler who is
 * signed in.
 *
 * @param question which answer this is, by its name and all that it depends on besides the bench
 */
export async function keptAnswer<T>(benchId: BenchId, question: readonly unknown[], ask: () => Promise<T>): Promise<T> {
  const state = await stateOf(benchId);
  if (state === null) return ask();
  const { answers } = keptOf(benchId, state);
  const key = JSON.stringify([askingAngler(), ...question]);
  const answer = (answers.get(key) as Promise<T> | undefined) ?? ask();
  keepNewest(answers, key, answer, MOST_ANSWERS);
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
  keepNewest(kept, benchId, own, MOST_BENCHES);
  return own;
}

/** Asked once while a page is made. */
const stateOf = cache((benchId: BenchId) => findBenchState(database(), benchId));
