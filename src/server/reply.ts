import 'server-only';
import { revalidatePath } from 'next/cache';
import { z } from 'zod';
import { connectionProblem } from '@/db/connection-problem';
import type { Db, Tx } from '@/db/client';
import { usualAnglerId } from '@/db/repo';
import { requestIdSchema, type AnglerId, type BenchId } from '@/domain/ids';
import { outsideProblems, parse, type Problem } from '@/domain/problems';
import type { Need } from '@/domain/crew/roles';
import { accessTo, NoAccessError, type Access, type NoAccess } from './access';
import { asAsker } from './asker';
import type { SetupBroken } from './box/setups-of-parts';
import { database } from './database';
import { logFailure } from './log';
import { timed, type Way } from './metrics';
import { once } from './once';

export type FailureCode = 'bad-input' | 'other-input' | 'database-away' | 'disk-full' | 'busy' | 'failed' | NoAccess;

/** What an action answers: data, or a code with the fields that are wrong. */
export type Reply<T, Code extends string = never> =
  { readonly ok: true; readonly data: T } | Refused<Code | FailureCode>;

export interface Refused<Code extends string> {
  readonly ok: false;
  readonly code: Code;
  readonly fields: readonly Problem[];
  /** setups in use that the change would break */
  readonly setups?: readonly SetupBroken[];
}

export interface Context {
  readonly db: Db;
  readonly benchId: BenchId;
  readonly now: Date;
  readonly access: Access;
}

export interface ChangeContext extends Omit<Context, 'db'> {
  readonly tx: Tx;
  /** who is taken to do it */
  readonly authorId: AnglerId | null;
}

/** The way of every question: may they, whose bench, is the input right, then one use case. */
export async function reply<I, T, Code extends string>(
  need: Need,
  schema: z.ZodType<I>,
  raw: unknown,
  serve: (input: I, context: Context) => Promise<Reply<T, Code>>,
): Promise<Reply<T, Code>> {
  return replyOf('question', async () => {
    const access = await accessTo(need);
    const parsed = fromOutside(schema, raw);
    if (!parsed.ok) return { ok: false, code: 'bad-input', fields: parsed.problems };
    return asAsker(access.anglerId, () =>
      serve(parsed.data, { db: database(), benchId: access.benchId, now: new Date(), access }),
    );
  });
}

const sentSchema = z.strictObject({
  requestId: requestIdSchema,
  input: z.unknown(),
  /** of which the page is that sends it; absent: as the browser stands */
  benchId: z.string().max(64).optional(),
});

/**
 * The way of every change: may they, whose bench, is the input right, was it answered before, then one use case in one transaction.
 * A database that is away is an answer, so that the page can say so, keep what was typed, and send the same again.
 */
export async function change<I, T, Code extends string = never>(
  action: string,
  need: Need,
  schema: z.ZodType<I>,
  sent: unknown,
  serve: (input: I, context: ChangeContext) => Promise<Reply<T, Code>>,
): Promise<Reply<T, Code>> {
  const answer = await replyOf('change', async (): Promise<Reply<T, Code>> => {
    const request = parse(sentSchema, sent);
    const access = await accessTo(need, request.ok ? request.data.benchId : null);
    if (!request.ok) return { ok: false, code: 'bad-input', fields: request.problems };
    const { benchId } = access;
    const parsed = fromOutside(schema, request.data.input);
    if (!parsed.ok) return { ok: false, code: 'bad-input', fields: parsed.problems };
    const now = new Date();
    const outcome = await once(
      database(),
      benchId,
      { id: request.data.requestId, action, input: request.data.input },
      now,
      async (tx) => {
        const authorId = access.anglerId ?? (await usualAnglerId(tx, benchId));
        return asAsker(access.anglerId, () => serve(parsed.data, { tx, benchId, now, authorId, access }));
      },
    );
    return outcome.kind === 'answered' ? outcome.answer : refused('other-input');
  });
  if (answer.ok) revalidatePath('/', 'layout');
  return answer;
}

/** The bench of the page that sent a change, as far as it says so. */
export const claimedBench = (sent: unknown): string | null => {
  const parsed = sentSchema.safeParse(sent);
  return parsed.success ? (parsed.data.benchId ?? null) : null;
};

function fromOutside<I>(schema: z.ZodType<I>, raw: unknown) {
  const problems = outsideProblems(raw);
  return problems.length > 0 ? ({ ok: false, problems } as const) : parse(schema, raw);
}

async function replyOf<T, Code extends string>(
  way: Way,
  serve: () => Promise<Reply<T, Code>>,
): Promise<Reply<T, Code>> {
  try {
    return await timed(way, serve, (answer) => (answer.ok ? 'ok' : answer.code));
  } catch (error) {
    return refused(failureCode(error));
  }
}

/** What a failure is called to the page; whatever is no known trouble of the database is logged. */
export function failureCode(error: unknown): FailureCode {
  if (error instanceof NoAccessError) return error.code;
  switch (connectionProblem(error)) {
    case 'unreachable':
    case 'login-refused':
    case 'no-such-database':
      return 'database-away';
    case 'disk-full':
      return 'disk-full';
    case 'busy':
      return 'busy';
    case null:
      logFailure(error);
      return 'failed';
  }
}

export const refused = <Code extends string>(code: Code, fields: readonly Problem[] = []): Refused<Code> => ({
  ok: false,
  code,
  fields,
});

export const breaking = (setups: readonly SetupBroken[]): Refused<'breaks'> => ({ ...refused('breaks'), setups });
