import type { z } from 'zod';
import { InputRangeError } from '@/core/guard';
import { parse, problemOfRange, type Problem, type Result } from '../problems';

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
  readonly prepare?: () => Promise<void>;
  readonly compute: (input: NoInfer<I>) => NoInfer<O>;
}): Model<O> {
  const { name, input, output, prepare, compute } = definition;
  return {
    name,
    input,
    output,
    prepare,
    run: (raw) => {
      const parsed = parse(input, raw);
      if (!parsed.ok) return parsed;
      try {
        return { ok: true, data: compute(parsed.data) };
      } catch (error) {
        if (error instanceof InputRangeError)
          return { ok: false, problems: [inWordsOf(parsed.data, problemOfRange(error))] };
        throw error;
      }
    },
  };
}

/** The core speaks of `rod.stiffness`; where the rod itself is the input, the field stands at the top. */
function inWordsOf(input: unknown, problem: Problem): Problem {
  const hasRod = typeof input === 'object' && input !== null && 'rod' in input;
  return hasRod ? problem : { ...problem, path: problem.path.replace(/^rod\./, '') };
}
