import type { z } from 'zod';
import { InputRangeError } from '@/core/base/guard';
import {
  InputProblems,
  outsideProblems,
  parse,
  pathText,
  problemOfRange,
  type Problem,
  type Result,
} from '../problems';

/** One model as the shell reaches it: the schemas of what goes in and comes out, and the checked way between. */
export interface Model<O = unknown> {
  readonly name: string;
  readonly input: z.ZodType;
  readonly output: z.ZodType<O>;
  /** what must have come before it runs, as a solver that is loaded */
  readonly prepare?: (() => Promise<void>) | undefined;
  /** Parses anything and computes; what cannot be computed is a list of problems. */
  readonly run: (raw: unknown) => Result<O>;
}

export function model<I, O>(definition: {
  readonly name: string;
  readonly input: z.ZodType<I>;
  readonly output: z.ZodType<O>;
  /** an input in an earlier shape as it is written today */
  readonly asNow?: (raw: unknown) => unknown;
  readonly prepare?: () => Promise<void>;
  readonly compute: (input: NoInfer<I>) => NoInfer<O>;
}): Model<O> {
  const { name, input, output, asNow = (raw: unknown) => raw, prepare, compute } = definition;
  return {
    name,
    input,
    output,
    prepare,
    run: (raw) => {
      const outside = outsideProblems(raw);
      if (outside.length > 0) return { ok: false, problems: outside };
      const parsed = parse(input, asNow(raw));
      if (!parsed.ok) return parsed;
      try {
        return asPromised(output, compute(parsed.data));
      } catch (error) {
        if (error instanceof InputProblems) return { ok: false, problems: error.problems };
        if (error instanceof InputRangeError)
          return { ok: false, problems: [inWordsOf(parsed.data, problemOfRange(error))] };
        throw error;
      }
    },
  };
}

/** An answer leaves in the shape that its schema says, every figure finite; or the input is one that cannot be computed. */
function asPromised<O>(output: z.ZodType<O>, answer: O): Result<O> {
  const runaway = notFinite(answer, []);
  const at = runaway ?? output.safeParse(answer).error?.issues[0]?.path;
  if (at === undefined) return { ok: true, data: answer };
  return {
    ok: false,
    problems: [
      {
        path: '$',
        given: undefined,
        allowed: { kind: 'rule', rule: `an input whose answer can be computed: ${pathText(at)} of it is out of range` },
      },
    ],
  };
}

/** Where an answer has a number that is none. */
function notFinite(value: unknown, path: readonly PropertyKey[]): readonly PropertyKey[] | null {
  if (typeof value === 'number') return Number.isFinite(value) ? null : path;
  if (typeof value !== 'object' || value === null) return null;
  for (const key of Object.keys(value)) {
    const found = notFinite((value as Readonly<Record<string, unknown>>)[key], [
      ...path,
      Array.isArray(value) ? Number(key) : key,
    ]);
    if (found) return found;
  }
  return null;
}

/** The core speaks of `rod.stiffness`; where the rod itself is the input, the field stands at the top. */
function inWordsOf(input: unknown, problem: Problem): Problem {
  const hasRod = typeof input === 'object' && input !== null && 'rod' in input;
  return hasRod ? problem : { ...problem, path: problem.path.replace(/^rod\./, '') };
}
