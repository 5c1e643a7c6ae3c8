import { createHash } from 'node:crypto';
import type { Db, Tx } from '@/db/client';
import { answerRequest, claimRequest, renewBenchState } from '@/db/repo';
import { transact } from '@/db/transact';
import type { BenchId } from '@/domain/ids';

/** A change as it arrived: under which id its client sent it, what it asks for, and with what. */
export interface Request {
  readonly id: string;
  readonly action: string;
  readonly input: unknown;
}

export type Once<T> = { readonly kind: 'answered'; readonly answer: T } | { readonly kind: 'other-input' };

/** Thrown by a use case that refuses after it began to write: all of it is taken back, and this is the answer. */
export class TakenBack extends Error {
  override readonly name = 'TakenBack';
  constructor(readonly answer: unknown) {
    super('taken back');
  }
}

/**
 * Does a change once, however often it arrives: the second arrival gets the first's answer, also when both are under way
 * at once. The same id with other input is refused.
 */
export async function once<T>(
  db: Db,
  benchId: BenchId,
  { id, action, input }: Request,
  at: Date,
  serve: (tx: Tx) => Promise<T>,
): Promise<Once<T>> {
  const inputHash = createHash('sha256').update(JSON.stringify(input)).digest('hex');
  const answered = (work: (tx: Tx) => Promise<T>) =>
    transact(db, async (tx): Promise<Once<T>> => {
      const claim = await claimRequest(tx, benchId, id, { action, inputHash, at });
      if (claim.kind === 'again') {
        const { earlier } = claim;
        if (earlier.action !== action || earlier.inputHash !== inputHash) return { kind: 'other-input' };
        return { kind: 'answered', answer: earlier.answer as T };
      }
      const answer = await work(tx);
      await answerRequest(tx, benchId, id, answer);
      await renewBenchState(tx, benchId);
      return { kind: 'answered', answer };
    });
  try {
    return await answered(serve);
  } catch (error) {
    if (!(error instanceof TakenBack)) throw error;
    return answered(async () => error.answer as T);
  }
}
