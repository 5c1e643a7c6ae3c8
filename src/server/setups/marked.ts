import { createHash } from 'node:crypto';
import { evaluate } from '@/core/judge';
import { findKeptMarks, keepMarks } from '@/db/repo';
import type { Db } from '@/db/client';
import { keepNewest } from '@/domain/keep-newest';
import { marksOf, type Marks } from '@/domain/marks';
import { remembered } from '@/domain/remembered';
import type { SetupFile } from '@/domain/setup';
import { logFailure } from '../log';
import type { NewestSetups } from './newest-setups';
import { workedOut, type WorkedOut } from './worked-out';

/** So many are kept in memory besides the database. */
const MOST_IN_MEMORY = 5000;
const inMemory = new Map<string, Marks>();

/** Absent outside a build: there the core may change while it runs, and nothing is kept in the database. */
const CORE = process.env.CORE_HASH;

/** The marks of each setup: kept ones where this core worked out this file before, else worked out now and kept. */
export async function marked(db: Db, newest: Pick<NewestSetups, 'setups' | 'broken'>): Promise<WorkedOut<Marks>> {
  const hashes = new Map(newest.setups.map(({ id, file }) => [id, hashOf(file)]));
  const unknown = [...hashes.values()].filter((hash) => !inMemory.has(hash));
  const stored = await findKeptMarks(db, unknown);
  const fresh = new Map<string, Marks>();
  const result = workedOut(newest, ({ id, file }) => {
    const hash = hashes.get(id)!;
    const kept = inMemory.get(hash) ?? stored.get(hash);
    if (kept) return kept;
    const marks = marksOf(evaluate(file));
    fresh.set(hash, marks);
    return marks;
  });
  for (const hash of unknown) remember(hash, stored.get(hash) ?? fresh.get(hash));
  if (CORE) await keepIfPossible(db, fresh);
  return result;
}

/** A page that only reads stands even where nothing can be written, as on a full disk. */
async function keepIfPossible(db: Db, marks: ReadonlyMap<string, Marks>): Promise<void> {
  try {
    await keepMarks(db, marks, new Date());
  } catch (error) {
    logFailure(error);
  }
}

/** A name changes nothing that is worked out; a reading of a part, a house rule and the core do. */
const hashOf = remembered(
  (file: SetupFile) => [file],
  ({ name: _, ...file }) =>
    createHash('sha256')
      .update(CORE ?? '')
      .update(JSON.stringify(file))
      .digest('hex'),
);

function remember(hash: string, marks: Marks | undefined): void {
  if (marks) keepNewest(inMemory, hash, marks, MOST_IN_MEMORY);
}
