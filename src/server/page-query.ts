import 'server-only';
import { redirect } from 'next/navigation';
import type { Db } from '@/db/client';
import type { Need } from '@/domain/crew/roles';
import type { BenchId } from '@/domain/ids';
import { accessTo, NoAccessError, type Access } from './access';
import { asAsker } from './asker';
import { database } from './database';
import { keptAnswer } from './kept-answers';
import { described } from './log';
import { timed } from './metrics';
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

/** The way of every page's question: may they, whose bench, then the question. What fails is told without what people typed. */
export async function pageQuery<T>(
  need: Need,
  ask: (db: Db, benchId: BenchId, access: Access) => Promise<T>,
): Promise<T> {
  const answer = await query(need, ask);
  if (answer.kind === 'refused') redirect(answer.why === 'signed-out' ? SIGN_IN : REFUSED);
  return answer.data;
}

/**
 * As `pageQuery`, for what depends on nothing but the bench: read from the database once for each state of it.
 *
 * @param question which answer this is, by its name and all that it depends on besides the bench
 */
export const keptPageQuery = <T>(
  need: Need,
  question: readonly unknown[],
  ask: (db: Db, benchId: BenchId) => Promise<T>,
): Promise<T> => pageQuery(need, (db, benchId) => keptAnswer(benchId, question, () => ask(db, benchId)));

/** The same for a route: who may not gets a code, not a page. */
export async function routeQuery<T>(
  need: Need,
  ask: (db: Db, benchId: BenchId, access: Access) => Promise<T>,
): Promise<T> {
  const answer = await query(need, ask);
  if (answer.kind === 'refused') throw new NoAccessError(answer.why);
  return answer.data;
}

const SIGN_IN = '/crew/sign-in';
const REFUSED = '/crew/refused';

async function query<T>(need: Need, ask: (db: Db, benchId: BenchId, access: Access) => Promise<T>) {
  try {
    const access = await accessTo(need);
    const data = await timed(
      'page',
      () => asAsker(access.anglerId, () => ask(database(), access.benchId, access)),
      () => 'ok',
    );
    return { kind: 'answered', data } as const;
  } catch (error) {
    if (error instanceof NoAccessError) return { kind: 'refused', why: error.code } as const;
    throw new PageFailedError(failureCode(error), described(error));
  }
}
