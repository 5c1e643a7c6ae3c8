import 'server-only';
import type { Db } from '@/db/client';
import type { BenchId } from '@/domain/ids';
import { currentBench } from './current-bench';
import { database } from './database';
import { described } from './log';
import { failureCode, type FailureCode } from './reply';

/** A page could not be made. Its `digest` reaches the page of errors, which has a sentence for it. */
export class PageFailedError extends Error {
  override readonly name = 'PageFailedError';
  constructor(
    readonly digest: FailureCode,
    message: string,
  ) {
    super(message);
  }
}

/** The way of every page's question: whose bench, then the question. What fails is told without what people typed. */
export async function pageQuery<T>(ask: (db: Db, benchId: BenchId) => Promise<T>): Promise<T> {
  try {
    return await ask(database(), await currentBench());
  } catch (error) {
    throw new PageFailedError(failureCode(error), described(error));
  }
}
