import { z } from 'zod';
import type { Evaluation, Mark, VerdictName } from '@/core/judge';

const mark = z.enum(['sound', 'edge', 'fails', 'cant-tell']) satisfies z.ZodType<Mark>;

/** The mark of each verdict: what a list shows of a setup. */
export const marksSchema = z.strictObject({
  throw: mark,
  fall: mark,
  set: mark,
  hold: mark,
  balance: mark,
} satisfies Record<VerdictName, typeof mark>);

export type Marks = z.infer<typeof marksSchema>;

export const marksOf = ({ verdicts: v }: Pick<Evaluation, 'verdicts'>): Marks => ({
  throw: v.throw.mark,
  fall: v.fall.mark,
  set: v.set.mark,
  hold: v.hold.mark,
  balance: v.balance.mark,
});
