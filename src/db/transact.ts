import type { Db, Tx } from './client';
import { canTryAgain } from './connection-problem';

const MOST_TRIES = 12;

/**
 * Does `work` in one transaction, all or nothing, and again from its start where it met another's lock: on a deadlock, a
 * lock that was waited for too long, or a row that changed under its snapshot. Within a transaction it is part of that.
 *
 * READ COMMITTED: a search for rows that are not there takes no gap locks, so that writers of new rows do not wait for
 * each other; what must not change meanwhile is locked by name.
 */
export async function transact<T>(db: Db | Tx, work: (tx: Tx) => Promise<T>): Promise<T> {
  if (isTransaction(db)) return work(db);
  for (let tries = 1; ; tries++) {
    try {
      return await db.transaction(work, { isolationLevel: 'read committed' });
    } catch (error) {
      if (tries >= MOST_TRIES || !canTryAgain(error)) throw error;
      await new Promise((resume) => setTimeout(resume, Math.random() * 10 * 2 ** Math.min(tries, 6)));
    }
  }
}

/** Reads one state of the database, whatever is written meanwhile. */
export const readTogether = <T>(db: Db | Tx, work: (tx: Tx) => Promise<T>): Promise<T> =>
  isTransaction(db)
    ? work(db)
    : db.transaction(work, {
        isolationLevel: 'repeatable read',
        withConsistentSnapshot: true,
      });

const isTransaction = (db: Db | Tx): db is Tx => 'rollback' in db;

/** Does `work` as it would be done, tells what came of it, and leaves nothing behind. */
export async function rehearse<T>(db: Db, work: (tx: Tx) => Promise<T>): Promise<T> {
  try {
    return await transact(db, async (tx) => {
      throw new Rehearsed(await work(tx));
    });
  } catch (error) {
    if (error instanceof Rehearsed) return error.outcome as T;
    throw error;
  }
}

class Rehearsed extends Error {
  override readonly name = 'Rehearsed';
  constructor(readonly outcome: unknown) {
    super('taken back');
  }
}
