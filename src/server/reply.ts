import 'server-only';
import { revalidatePath } from 'next/cache';
import type { z } from 'zod';
import { connectionProblem } from '@/db/connection-problem';
import type { Db } from '@/db/client';
import type { BenchId } from '@/domain/ids';
import { parse, type Problem } from '@/domain/problems';
import { currentBench } from './current-bench';
import { database } from './database';

/** What an action answers: data, or a code with the fields that are wrong. */
export type Reply<T, Code extends string = never> =
  | { readonly ok: true; readonly data: T }
  | { readonly ok: false; readonly code: Code | 'bad-input' | 'database-away'; readonly fields: readonly Problem[] };

export interface Context {
  readonly db: Db;
  readonly benchId: BenchId;
  readonly now: Date;
}

/**
 * The way of every action: whose bench, is the input right, then one use case. A database that is away is an answer, so
 * that the page can say so and keep what was typed.
 */
export async function reply<I, T, Code extends string>(
  schema: z.ZodType<I>,
  raw: unknown,
  serve: (input: I, context: Context) => Promise<Reply<T, Code>>,
): Promise<Reply<T, Code>> {
  try {
    const benchId = await currentBench();
    const parsed = parse(schema, raw);
    if (!parsed.ok) return { ok: false, code: 'bad-input', fields: parsed.problems };
    const answer = await serve(parsed.data, { db: database(), benchId, now: new Date() });
    if (answer.ok) revalidatePath('/', 'layout');
    return answer;
  } catch (error) {
    if (connectionProblem(error)) return { ok: false, code: 'database-away', fields: [] };
    throw error;
  }
}

export const refused = <Code extends string>(
  code: Code,
): { readonly ok: false; readonly code: Code; readonly fields: readonly Problem[] } => ({
  ok: false,
  code,
  fields: [],
});
