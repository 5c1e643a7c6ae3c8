import { createHash } from 'node:crypto';
import { evaluate } from '@/core/judge';
import { findKeptMarks, keepMarks } from '@/db/repo';
import type { Db } from '@/db/client';
import { marksOf, type Marks } from '@/domain/marks';
import type { SetupFile } from '@/domain/setup';
import { logFailure } from '../log';
import type { BrokenSetup, NewestSetup, NewestSetups } from './newest-setups';
import { NOT_WORKED_OUT } from './setup-page';

export interface MarkedSetup {
  readonly setup: NewestSetup;
  readonly marks: Marks;
}

/** So many are kept in memory besides the database. */
const MOST_IN_MEMORY = 5000;
const inMemory = new Map<string, Marks>();

/**
 * The marks of each setup: from memory or the database where this file was worked out before by this core, else worked out
 * now and kept. Each by itself: one that the core cannot work out joins those that cannot be read.
 */
export async function marked(
  db: Db,
  { setups, broken }: NewestSetups,
): Promise<{ readonly whole: readonly MarkedSetup[]; readonly broken: readonly BrokenSetup[] }> {
  const hashed = setups.map((setup) => ({ setup, hash: hashOf(setup.file) }));
  const unknown = hashed.filter(({ hash }) => !inMemory.has(hash)).map(({ hash }) => hash);
  for (const [hash, marks] of await findKeptMarks(db, unknown)) remember(hash, marks);
  const whole: MarkedSetup[] = [];
  const failed: BrokenSetup[] = [...broken];
  const fresh = new Map<string, Marks>();
  for (const { setup, hash } of hashed) {
    try {
      const marks = inMemory.get(hash) ?? marksOf(evaluate(setup.file));
      if (!inMemory.has(hash)) {
        remember(hash, marks);
        fresh.set(hash, marks);
      }
      whole.push({ setup, marks });
    } catch (error) {
      logFailure(error);
      const { file: _, ...head } = setup;
      failed.push({ ...head, faults: [NOT_WORKED_OUT] });
    }
  }
  // Marks that a bare checkout worked out may be those of a core that is being changed.
  if (CORE) await keepMarks(db, fresh, new Date());
  return { whole, broken: failed };
}

const CORE = process.env.CORE_HASH;

/** A name changes nothing that is worked out; a reading of a part, a house rule and the core do. */
function hashOf({ name: _, ...file }: SetupFile): string {
  return createHash('sha256')
    .update(CORE ?? '')
    .update(JSON.stringify(file))
    .digest('hex');
}

function remember(hash: string, marks: Marks): void {
  const [oldest] = inMemory.keys();
  if (inMemory.size >= MOST_IN_MEMORY && oldest !== undefined) inMemory.delete(oldest);
  inMemory.set(hash, marks);
}
